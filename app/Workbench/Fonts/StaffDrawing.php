<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use Ikat\Core\Compile\TypeScale;

/**
 * The staff of voices in px of its drawing: a row for each voice at both ends, and between them a thread that is its size as the screen
 * widens, on a scale of equal ratios.
 */
final readonly class StaffDrawing
{
    /** Where words, tags, threads and weights stand, from the left. */
    public const WORD_END = 178;
    public const TAG_LEFT = 184;
    public const TAG_WIDTH = 44;
    public const PLOT_LEFT = 252;
    public const PLOT_RIGHT = 500;
    public const TAG_RIGHT = 522;
    public const WORD_BEGIN = 576;
    public const WEIGHTS = 736;
    public const WEIGHT_STEP = 9;
    public const WIDTH = 818;

    /** Screens, px, at the plot's ends. */
    public const NARROWEST = 320;
    public const WIDEST = 1440;

    private const TOP = 20;
    private const LEAST = 24.0;

    /** @var array{phone: array<string, float>, desktop: array<string, float>} end => voice => middle of its row */
    public array $rows;

    public float $height;

    private float $least;

    private float $most;

    /** @param array<string, array{phone: float, desktop: float}> $sizes voice => px */
    public function __construct(public array $sizes)
    {
        $rows = [];
        $height = 0.0;
        foreach (['phone', 'desktop'] as $end) {
            $y = (float) self::TOP;
            foreach ($sizes as $voice => $both) {
                $room = max(self::LEAST, $both[$end] * 1.05 + 2);
                $rows[$end][$voice] = round($y + $room / 2, 1);
                $y += $room;
            }
            $height = max($height, $y);
        }
        $this->rows = ['phone' => $rows['phone'] ?? [], 'desktop' => $rows['desktop'] ?? []];
        $this->height = ceil($height) + 6;
        $all = array_merge(...array_values(array_map(array_values(...), $sizes)));
        $this->least = min($all) * 0.94;
        $this->most = max($all) * 1.06;
    }

    /** Px from the left at which a screen width stands. */
    public static function x(float $screen): float
    {
        return round(
            self::PLOT_LEFT + ($screen - self::NARROWEST) / (self::WIDEST - self::NARROWEST) * (self::PLOT_RIGHT - self::PLOT_LEFT),
            1,
        );
    }

    /** Px from the left at which a weight stands on its line. */
    public static function weightX(int $weight): int
    {
        return self::WEIGHTS + intdiv($weight - 100, 100) * self::WEIGHT_STEP;
    }

    /** Px from the top at which a size stands. */
    public function y(float $size): float
    {
        $share = log($size / $this->least) / log($this->most / $this->least);

        return round($this->height - 12 - $share * ($this->height - 12 - self::TOP), 1);
    }

    /** The thread of a voice: from its row, over its sizes, to its row at the other end. */
    public function thread(string $voice): string
    {
        ['phone' => $phone, 'desktop' => $desktop] = $this->sizes[$voice];
        $path = sprintf('M%d %s', self::TAG_LEFT + self::TAG_WIDTH, $this->rows['phone'][$voice]);
        foreach ([self::NARROWEST, TypeScale::NARROW, 560, 740, 920, 1100, TypeScale::WIDE, self::WIDEST] as $screen) {
            $path .= sprintf('L%s %s', self::x($screen), $this->y(TypeScale::at($phone, $desktop, $screen)));
        }

        return $path.sprintf('L%d %s', self::TAG_RIGHT, $this->rows['desktop'][$voice]);
    }

    /** @return list<int> sizes whose lines help to read it, px */
    public function lines(): array
    {
        return array_values(array_filter(
            [12, 16, 20, 28, 40, 56, 80, 112],
            fn(int $size): bool => $size > $this->least && $size < $this->most,
        ));
    }

    /**
     * What the scale is drawn by, for a script that moves an end.
     *
     * @return array{least: float, most: float} px
     */
    public function scale(): array
    {
        return ['least' => round($this->least, 3), 'most' => round($this->most, 3)];
    }
}
