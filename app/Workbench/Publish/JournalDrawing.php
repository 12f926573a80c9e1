<?php

declare(strict_types=1);

namespace App\Workbench\Publish;

use Ikat\Core\Look\JournalGroup;
use Ikat\Core\Look\JournalLine;

/** Where the groups of a journal stand along its thread: the latest at the right, as many as there is room for. */
final readonly class JournalDrawing
{
    /** Px of the whole, and of a group's card. */
    public const WIDTH = 818;

    public const CARD = 118;

    /** Px free at the right, for now. */
    private const NOW = 44;

    private const GAP = 8;

    /** Px between two lines of a group, and the most that a group's lines take. */
    private const STEP = 6;

    private const LONGEST = 78;

    /**
     * @param list<array{group: JournalGroup, card: float, isAbove: bool, middle: float}> $groups in order; px from the left
     * @param array<int, float> $ticks by sequence: px from the left
     * @param list<JournalLine> $lines those that are drawn, in order
     */
    private function __construct(public array $groups, public array $ticks, public array $lines) {}

    /**
     * @param list<JournalGroup> $groups in order
     * @param string $me whose groups stand above the thread; where all are of one person they take turns
     */
    public static function of(array $groups, string $me): self
    {
        $authors = array_unique(array_map(static fn(JournalGroup $g): string => $g->author, $groups));
        $placed = [];
        $ticks = [];
        $lines = [];
        $cursor = self::WIDTH - self::NOW;
        $edge = [true => self::WIDTH - self::GAP, false => self::WIDTH - self::GAP];
        foreach (array_reverse($groups) as $i => $group) {
            $isAbove = count($authors) > 1 ? $group->author === $me : $i % 2 === 0;
            $count = count($group->lines);
            $step = min(self::STEP, self::LONGEST / $count);
            $wide = max(2 * self::STEP, $count * $step);
            $right = min($edge[$isAbove], $cursor - $wide / 2 + self::CARD / 2);
            // Where cards are crowded the thread gives way, so that a card stays by its lines.
            $middle = min($cursor - $wide / 2, $right - 16);
            if ($right - self::CARD < 0) {
                break;
            }
            foreach ($group->lines as $n => $line) {
                $ticks[$line->sequence] = round($middle - $wide / 2 + ($n + 0.5) * $wide / $count, 1);
            }
            array_unshift($lines, ...$group->lines);
            array_unshift(
                $placed,
                ['group' => $group, 'card' => round($right - self::CARD, 1), 'isAbove' => $isAbove, 'middle' => round($middle, 1)],
            );
            $edge[$isAbove] = $right - self::CARD - self::GAP;
            $cursor = $middle - $wide / 2 - self::GAP;
        }
        ksort($ticks);

        return new self($placed, $ticks, $lines);
    }

    /** The first line that is drawn; 0 where there is none. */
    public function first(): int
    {
        return (int) array_key_first($this->ticks);
    }

    /** @return ?float px at which a point stands: after the last line that is drawn up to it; null where it is further back */
    public function at(int $sequence): ?float
    {
        $found = null;
        foreach ($this->ticks as $line => $x) {
            if ($line > $sequence) {
                break;
            }
            $found = $x;
        }

        return $found === null ? null : $found + self::STEP / 2;
    }

    /** Px of now. */
    public function now(): float
    {
        return self::WIDTH - self::NOW + 12;
    }
}
