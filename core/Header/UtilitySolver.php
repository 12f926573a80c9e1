<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Type\Voice;

/**
 * How tall the utility strip of a look is on a screen of any width, and how many lines it takes. All lengths in px.
 *
 * It reckons as the shop's stylesheet lays out: what it says stands to the right, its words to the left, in as many lines as they need.
 */
final readonly class UtilitySolver implements Measurement
{
    private const GAP = [2.0, 24.0];
    private const PADDING = 10.0;

    /** Above and below each thing together, and between an icon and its words. */
    private const ITEM = 6.0;

    /** Width and height of an icon, in sizes. */
    private const ICON = 1.15;

    /** @param array<string, SizedText> $items key => words, of those that show and say anything */
    private function __construct(public array $items, private TopLook $look, private TopText $text, private HeaderSolver $header) {}

    public static function measure(Inspection $inspection): self
    {
        return self::of(TopLook::of($inspection->look), $inspection->get(LineBreaks::class), $inspection->get(HeaderSolver::class));
    }

    public static function of(TopLook $look, LineBreaks $breaks, HeaderSolver $header): self
    {
        $text = new TopText($look, $breaks);
        $items = [];
        foreach (array_keys($look->utility()) as $key) {
            $items[$key] = $text->of(Voice::Small, $look->words("utility.$key.text"));
        }

        return new self($items, $look, $text, $header);
    }

    /** @return list<string> what it says on a screen of that width */
    public function shownAt(float $screen): array
    {
        $other = $screen <= HeaderSolver::PHONE ? 'wide' : 'phone';

        return array_keys(array_filter($this->look->utility(), static fn(string $devices): bool => $devices !== $other));
    }

    /** @return array{height: float, lines: int, blocks: list<array{item: string, x: float, y: float, width: float, height: float}>} */
    public function at(float $screen): array
    {
        $shown = $this->shownAt($screen);
        if ($shown === []) {
            return ['height' => 0.0, 'lines' => 0, 'blocks' => []];
        }
        $room = $this->header->room($screen);
        $size = $this->text->size(Voice::Small, $screen);
        $line = $this->text->line(Voice::Small, $size);
        $hasIcons = $this->look->on('utility.icons');
        $widths = $heights = $lines = [];
        foreach ($shown as $key) {
            $icon = $key !== 'words' && $hasIcons ? self::ICON * $size : 0.0;
            $beside = $icon > 0 ? $icon + self::ITEM : 0.0;
            $widths[] = $this->items[$key]->width($size) + $beside;
            $lines[] = $this->items[$key]->lines($size, $room - $beside);
            $heights[] = max($icon, end($lines) * $line) + self::ITEM;
        }
        $rows = Lines::of($widths, self::GAP[1], $room);
        $from = ($screen - $room) / 2;
        $blocks = [];
        $y = self::PADDING / 2;
        $most = 0;
        foreach ($rows as $number => $row) {
            $tall = max(array_map(static fn(int $i): float => $heights[$i], $row));
            $width = array_sum(array_map(static fn(int $i): float => min($widths[$i], $room), $row)) + (count($row) - 1) * self::GAP[1];
            $x = $from + $room - $width;
            foreach ($row as $i) {
                // The words push everything after them to the right.
                $at = $shown[$i] === 'words' ? $from : $x;
                $blocks[] = [
                    'item' => $shown[$i], 'x' => $at, 'y' => $y + ($tall - $heights[$i]) / 2, 'width' => min($widths[$i], $room),
                    'height' => $heights[$i],
                ];
                $x += $widths[$i] + self::GAP[1];
            }
            $most += max(array_map(static fn(int $i): int => $lines[$i], $row));
            $y += $tall + ($number < count($rows) - 1 ? self::GAP[0] : 0.0);
        }

        return ['height' => $y + self::PADDING / 2, 'lines' => $most, 'blocks' => $blocks];
    }
}
