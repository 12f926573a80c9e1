<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\JournalGroup;
use Ikat\Core\Look\JournalLine;
use PHPUnit\Framework\TestCase;

final class JournalGroupTest extends TestCase
{
    private static function line(
        int $sequence,
        string $at,
        string $author = 'Maren',
        EntryKind $kind = EntryKind::Edit,
        ?int $of = null,
    ): JournalLine {
        return new JournalLine($sequence, $kind, "edit $sequence", $author, $at, $of);
    }

    public function testWhatOnePersonDidWithinAnHourStandsTogether(): void
    {
        $groups = JournalGroup::of([
            self::line(4, '2026-11-02T10:01'), self::line(1, '2026-11-02T09:05'), self::line(2, '2026-11-02T09:10', 'Tobias'),
            self::line(3, '2026-11-02T09:59'),
        ]);
        self::assertSame(
            [['Maren', '2026-11-02T09', [1, 3]], ['Tobias', '2026-11-02T09', [2]], ['Maren', '2026-11-02T10', [4]]],
            array_map(static fn(JournalGroup $g): array => [$g->author, $g->hour, array_column($g->lines, 'sequence')], $groups),
        );
        self::assertSame(3, $groups[0]->last()->sequence);
    }

    public function testWhatWasUndoneIsToldFromWhatIsInForce(): void
    {
        $lines = [
            self::line(1, '2026-11-02T09:00'), self::line(2, '2026-11-02T09:01'), self::line(3, '2026-11-02T09:02'),
            self::line(4, '2026-11-02T09:03', kind: EntryKind::Undo, of: 3),
        ];
        [$group] = JournalGroup::of(JournalLine::inForce($lines, [3 => EntryKind::Undo], []));
        self::assertSame([false, false, true, false], array_column($group->lines, 'isUndone'));
        self::assertSame(1, $group->undone());
        self::assertSame(2, $group->gist()->sequence, 'the last that is in force');
        self::assertSame('undone: edit 4', $group->last()->says());
        [$redone] = JournalGroup::of(JournalLine::inForce($lines, [3 => EntryKind::Redo], []));
        self::assertSame(0, $redone->undone());
    }

    public function testGoingBackToAPointTakesAllAfterItOutOfForce(): void
    {
        $lines = array_map(static fn(int $n): JournalLine => self::line($n, '2026-11-02T09:00'), range(1, 6));
        $told = JournalLine::inForce($lines, [], [[2, 5]]);
        self::assertSame(
            [false, false, true, true, false, false],
            array_column($told, 'isUndone'),
            'the edit that goes back is in force itself',
        );
    }

    public function testAGroupOfUndoneEditsHasAGistAllTheSame(): void
    {
        [$all] = JournalGroup::of(JournalLine::inForce([self::line(1, '2026-11-02T09:00')], [1 => EntryKind::Undo], []));
        self::assertSame(1, $all->gist()->sequence);
        [$ways] = JournalGroup::of([self::line(7, '2026-11-02T09:00', kind: EntryKind::Undo, of: 3)]);
        self::assertSame(7, $ways->gist()->sequence);
    }
}
