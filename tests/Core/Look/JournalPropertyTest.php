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
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Laws of the journal, tried on random runs of edits. */
final class JournalPropertyTest extends TestCase
{
    use TestTrait;

    private const PATHS = ['brand.main', 'brand.warm', 'scheme.night.link', 'header.logo.size.desktop', 'message.message-1.text', 'utility.show', 'header.menu.place'];

    /** One number stands for one edit: which setting, and to what. */
    private static function edit(int $n, LookState $state, int $sequence): JournalEntry
    {
        $path = self::PATHS[$n % count(self::PATHS)];
        $value = match ($path) {
            'header.logo.size.desktop' => (float) (18 + $n % 40),
            'message.message-1.text' => 'words '.$n,
            'utility.show' => (bool) ($n % 2),
            'header.menu.place' => $n % 2 ? 'beside' : 'below',
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

    public function testEverythingUndoneGivesTheSameBytes(): void
    {
        $this->limitTo(60)->forAll(Generators::seq(Generators::choose(0, 5000)))->then(static function (array $numbers): void {
            [$entries, $state] = self::run_($numbers);
            $start = LookState::of(['brand.main' => '#123456'])->bytes();
            $end = $state->bytes();
            $sequence = count($entries);
            while (($target = Journal::of($entries)->undoable()) !== null) {
                $back = array_map(static fn(Change $c): Change => $c->reversed(), $target->changes);
                $state = $state->with($back);
                $entries[] = new JournalEntry(++$sequence, EntryKind::Undo, $back, $target->label, 'Test', $target->sequence);
            }
            self::assertSame($start, $state->bytes());
            while (($target = Journal::of($entries)->redoable()) !== null) {
                $state = $state->with($target->changes);
                $entries[] = new JournalEntry(++$sequence, EntryKind::Redo, $target->changes, $target->label, 'Test', $target->sequence);
            }
            self::assertSame($end, $state->bytes(), 'all redone');
        });
    }

    public function testResolvingDoesNotDependOnTheOrderEditsAreStoredIn(): void
    {
        $this->limitTo(25)->forAll(Generators::seq(Generators::choose(0, 5000)), Generators::choose(0, 1000))->then(static function (array $numbers, int $seed): void {
            [$entries] = self::run_($numbers);
            $shuffled = $entries;
            mt_srand($seed);
            shuffle($shuffled);
            $a = Journal::of($entries)->stateAt(count($entries));
            $b = Journal::of($shuffled)->stateAt(count($entries));
            self::assertSame($a->bytes(), $b->bytes());
            $reversed = array_reverse($a->own, true);
            self::assertSame(
                LookCompiler::compile(Fixtures::look($a->own), Fixtures::theme())->hash,
                LookCompiler::compile(Fixtures::look($reversed), Fixtures::theme())->hash,
            );
        });
    }

    public function testAnyEarlierPointCanBeReopened(): void
    {
        $this->limitTo(40)->forAll(Generators::seq(Generators::choose(0, 5000)), Generators::choose(0, 30))->then(static function (array $numbers, int $point): void {
            [$entries] = self::run_($numbers);
            $journal = Journal::of($entries);
            $now = $journal->stateAt($journal->head());
            $then = $journal->stateAt($point);
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

    public function testANewEditEndsWhatCouldBeRedone(): void
    {
        $change = [new Change('brand.main', null, '#111111')];
        $journal = Journal::of([
            new JournalEntry(1, EntryKind::Edit, $change, 'a', 'T'),
            new JournalEntry(2, EntryKind::Undo, [$change[0]->reversed()], 'a', 'T', 1),
            new JournalEntry(3, EntryKind::Edit, $change, 'b', 'T'),
        ]);
        self::assertNull($journal->redoable());
        self::assertSame(3, $journal->undoable()?->sequence);
    }

    public function testAStaleWriteIsRefusedWithBothValues(): void
    {
        $journal = Journal::of([new JournalEntry(5, EntryKind::Edit, [new Change('brand.main', null, '#111111')], 'x', 'Maren')]);
        $journal->refuseStale(5, ['brand.main' => '#222222']);
        $journal->refuseStale(4, ['brand.warm' => '#222222']);
        $journal->refuseStale(4, ['brand.main' => '#111111']);
        try {
            $journal->refuseStale(4, ['brand.main' => '#222222']);
            self::fail('The stale write was accepted.');
        } catch (StaleEdit $e) {
            self::assertSame(['#111111', '#222222', 'Maren'], [$e->theirs, $e->yours, $e->author]);
        }
    }
}
