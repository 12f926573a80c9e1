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

    /** Px kept free for what the marker reads off, over the words of a phone, and for the characters of a line, under the threads. */
    public const READING = 92;
    private const BAND = 72;

    /** Characters of a line at the foot and the head of their band. */
    public const FEWEST = 20;
    public const MOST = 120;

    /** Where the bars of lines stand, from the left, and how wide a whole line is. */
    public const BARS = 96;
    public const BAR = 62;

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
            $y = (float) self::TOP + ($end === 'phone' ? self::READING : 0);
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

        return round($this->bottom() - $share * ($this->bottom() - self::TOP), 1);
    }

    /** Px from the top at which the smallest sizes stand. */
    public function bottom(): float
    {
        return $this->height - 12 - self::BAND;
    }

    /** Px from the top at which a line of so many characters stands in its band. */
    public function charactersY(float $characters): float
    {
        $share = (max(self::FEWEST, min(self::MOST, $characters)) - self::FEWEST) / (self::MOST - self::FEWEST);

        return round($this->height - 8 - $share * (self::BAND - 8), 1);
    }

    /** @param list<int> $characters by screen of the table */
    public function charactersLine(array $characters): string
    {
        return 'M'.implode('L', array_map(
            fn(int $at, int $n): string => self::x(ScreenTable::screen($at)).' '.$this->charactersY($n),
            array_keys($characters),
            $characters,
        ));
    }

    /**
     * Lines as bars.
     *
     * @param list<float> $shares of the page's width that each takes
     */
    public static function bars(array $shares, float $y): string
    {
        return implode('', array_map(
            static fn(int $at, float $share): string => sprintf(
                'M%d %sh%s',
                self::BARS,
                round($y + 5 * $at, 1),
                round($share * self::BAR, 1),
            ),
            array_keys($shares),
            $shares,
        ));
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
     * @return array<string, float> px
     */
    public function scale(): array
    {
        return [
            'least' => round($this->least, 3), 'most' => round($this->most, 3), 'top' => self::TOP, 'bottom' => $this->bottom(),
            'left' => self::PLOT_LEFT, 'right' => self::PLOT_RIGHT, 'narrowest' => self::NARROWEST, 'widest' => self::WIDEST,
            'bars' => self::BARS, 'bar' => self::BAR,
        ];
    }
}
