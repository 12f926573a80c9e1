<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Eris\Generators;
use Eris\TestTrait;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\Journal;
use Ikat\Core\Look\JournalEntry;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\StaleEdit;
use Ikat\Core\Look\UndoLinks;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Laws of the journal, tried on random runs of edits. */
final class JournalPropertyTest extends TestCase
{
    use TestTrait;

    private const PATHS = [
        'brand.main', 'brand.warm', 'scheme.night.link', 'header.logo.size.desktop', 'message.message-1.text', 'utility.show',
        'header.menu.place',
    ];

    /** One number stands for one edit: which setting, and to what. */
    private static function edit(int $n, LookState $state, int $sequence): JournalEntry
    {
        $path = self::PATHS[$n % count(self::PATHS)];
        $value = match ($path) {
            'header.logo.size.desktop' => (float) (18 + $n % 40),
            'message.message-1.text' => 'words '.$n,
            'utility.show' => (bool) ($n % 2),
            'header.menu.place' => $n % 2 ? 'start' : 'below',
            'scheme.night.link' => $n % 3 ? '{brand.warm}' : sprintf('#%06x', $n * 7919 % 0xFFFFFF),
            default => sprintf('#%06x', $n * 104729 % 0xFFFFFF),
        };
        $after = $n % 11 === 0 ? null : $value;

        return new JournalEntry($sequence, EntryKind::Edit, [new Change($path, $state->own[$path] ?? null, $after)], $path, 'Test');
    }

    /**
     * @param list<int> $numbers
     *
     * @return array{list<JournalEntry>, LookState}
     */
    private static function run_(array $numbers): array
    {
        $state = LookState::of(['brand.main' => '#123456']);
        $entries = [];
        foreach ($numbers as $i => $n) {
            $entry = self::edit($n, $state, $i + 1);
            $entries[] = $entry;
            $state = $state->with($entry->changes);
        }

        return [$entries, $state];
    }

    /** @param list<JournalEntry> $entries */
    private static function stateAt(array $entries, int $sequence): LookState
    {
        $state = LookState::of([]);
        foreach (array_slice($entries, 0, $sequence) as $entry) {
            $state = $state->with($entry->changes);
        }

        return $state;
    }

    /**
     * The tops of two stacks, as everybody knows undo and redo: what the links of the journal are compared with.
     *
     * @param list<JournalEntry> $entries
     *
     * @return array{int, int} the edit undo takes back, and the edit redo brings back; 0 for none
     */
    private static function tops(array $entries): array
    {
        $undo = $redo = [0];
        foreach ($entries as $entry) {
            if ($entry->kind === EntryKind::Edit) {
                $undo[] = $entry->sequence;
                $redo = [0];
            } elseif ($entry->kind === EntryKind::Undo) {
                $redo[] = array_pop($undo);
            } else {
                $undo[] = array_pop($redo);
            }
        }

        return [end($undo), end($redo)];
    }

    /** Random runs of edits, undos and redos: the links lead where the stacks do, and the way back and forth gives the same bytes. */
    public function testLinksFromLineToLineAreTheTwoStacks(): void
    {
        $this->limitTo(120)->forAll(Generators::seq(Generators::choose(0, 5000)))->then(static function (array $numbers): void {
            $links = new UndoLinks();
            $entries = $below = $states = [];
            $state = LookState::of(['brand.main' => '#123456']);
            foreach ($numbers as $n) {
                $sequence = count($entries) + 1;
                $kind = [EntryKind::Edit, EntryKind::Edit, EntryKind::Undo, EntryKind::Undo, EntryKind::Redo][$n % 5];
                $spokenOf = $kind === EntryKind::Undo ? $links->undo : $links->redo;
                if ($kind !== EntryKind::Edit && $spokenOf === 0) {
                    continue;
                }
                $of = $kind === EntryKind::Redo ? (int) $entries[$spokenOf - 1]->of : $spokenOf;
                $entry = $kind === EntryKind::Edit
                    ? self::edit($n, $state, $sequence)
                    : new JournalEntry($sequence, $kind, $kind === EntryKind::Undo
                    ? array_map(
                        static fn(Change $c): Change => $c->reversed(),
                        $entries[$of - 1]->changes,
                    ) : $entries[$of - 1]->changes, 'x', 'Test', $of);
                [$links, $below[$sequence]] = $links->after($kind, $sequence, $below[$spokenOf] ?? 0, $of);
                $entries[] = $entry;
                // An edit may be undone and redone as often as one likes: each time it leads to the state it led to first.
                $before = $state->bytes();
                $state = $state->with($entry->changes);
                match ($kind) {
                    EntryKind::Edit => $states[$sequence] = [$before, $state->bytes()],
                    EntryKind::Undo => self::assertSame($states[$of][0], $state->bytes()),
                    EntryKind::Redo => self::assertSame($states[$of][1], $state->bytes()),
                };
                [$undo, $redo] = self::tops($entries);
                self::assertSame($undo, $links->undo);
                self::assertSame($redo, $links->redo === 0 ? 0 : $entries[$links->redo - 1]->of);
            }
            self::assertSame(count($entries), count($below));
        });
    }

    public function testResolvingDoesNotDependOnTheOrderEditsAreStoredIn(): void
    {
        $this->limitTo(25)
            ->forAll(Generators::seq(Generators::choose(0, 5000)), Generators::choose(0, 1000))
            ->then(static function (array $numbers, int $seed): void {
                [$entries] = self::run_($numbers);
                $shuffled = $entries;
                mt_srand($seed);
                shuffle($shuffled);
                usort($shuffled, static fn(JournalEntry $x, JournalEntry $y): int => $x->sequence <=> $y->sequence);
                $a = self::stateAt($entries, count($entries));
                self::assertSame($a->bytes(), self::stateAt($shuffled, count($entries))->bytes());
                $reversed = array_reverse($a->own, true);
                self::assertSame(
                    LookCompiler::compile(Fixtures::look($a->own), Fixtures::theme())->hash,
                    LookCompiler::compile(Fixtures::look($reversed), Fixtures::theme())->hash,
                );
            });
    }

    public function testAnyEarlierPointCanBeReopened(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::seq(Generators::choose(0, 5000)), Generators::choose(0, 30))
            ->then(static function (array $numbers, int $point): void {
                [$entries] = self::run_($numbers);
                $now = self::stateAt($entries, count($entries));
                $then = self::stateAt($entries, $point);
                self::assertSame($then->bytes(), $now->with(Journal::between($now, $then))->bytes());
            });
    }

    public function testBytesComeBackAsTheSameState(): void
    {
        $this->limitTo(40)->forAll(Generators::seq(Generators::choose(0, 5000)))->then(static function (array $numbers): void {
            [, $state] = self::run_($numbers);
            self::assertSame($state->own, LookState::fromBytes($state->bytes())->own);
        });
    }

    public function testAStaleWriteIsRefusedWithBothValues(): void
    {
        $journal = Journal::of([new JournalEntry(5, EntryKind::Edit, [new Change('brand.main', null, '#111111')], 'x', 'Maren')]);
        $catalog = Fixtures::catalog();
        $journal->refuseStale(5, ['brand.main' => '#222222'], $catalog);
        $journal->refuseStale(4, ['brand.warm' => '#222222'], $catalog);
        $journal->refuseStale(4, ['brand.main' => '#111111'], $catalog);
        try {
            $journal->refuseStale(4, ['brand.main' => '#222222'], $catalog);
            self::fail('The stale write was accepted.');
        } catch (StaleEdit $e) {
            self::assertSame(['#111111', '#222222', 'Maren'], [$e->theirs, $e->yours, $e->author]);
            self::assertSame('Maren changed “Main” while you were editing it. Choose which of the two stays.', $e->getMessage());
        }
    }
}
