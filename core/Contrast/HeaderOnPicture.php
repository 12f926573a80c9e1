<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Header\HeaderSolver;

/** Where a transparent header stands on the picture of the band under it, as each screen crops that. All lengths in px. */
final class HeaderOnPicture
{
    /** Screens that are looked at: width => height. */
    private const SCREENS = [390 => 844, 768 => 1024, 1280 => 800, 1920 => 1080];

    /** Times its least height that a band may come to by its words, and the space around a word that belongs to it. */
    private const TALLER = [1.0, 1.5];
    private const AROUND = 4.0;

    /**
     * As themes/common.css lays a band out: the share of a wide screen that a picture takes beside its words, its height on a phone in its
     * widths, and the share of a phone's height that a band with words over its picture has at most.
     */
    private const BESIDE = 0.54;
    private const PHONE_HIGH = 0.66;
    private const PHONE_MOST = 0.9;

    /** What is kept in sight of a picture comes in steps of so many percent. */
    private const FOCUS_STEP = 5;

    /** The part of a picture that a header may lie over where nobody can measure its words. */
    private const UPPER = 0.2;

    /**
     * Places of a picture on which words, logo and icons of the header stand on some screen.
     *
     * @param bool $isBehindWords whether the picture lies behind the band's words, and not beside them
     * @param float $least height of the band
     * @param array{int, int, int, int} $picture width, height, and what stays in sight: % from the left and from the top
     * @param array{int, int} $places how many there are across and down
     *
     * @return array<int, true> by the number of the place, row by row
     */
    public static function places(?HeaderSolver $header, bool $isBehindWords, float $least, array $picture, array $places): array
    {
        [$across, $down] = $places;
        if ($header === null || ! $header->isKnown()) {
            return array_fill_keys(range(0, (int) ($across * $down * self::UPPER) - 1), true);
        }
        $found = [];
        foreach (self::SCREENS as $width => $height) {
            foreach (self::TALLER as $times) {
                [$wide, $high] = self::frame($isBehindWords, $least, $width, $height, $times);
                $focus = static fn(int $percent): float => self::FOCUS_STEP * round($percent / self::FOCUS_STEP);
                $crop = new CoverCrop($picture[0], $picture[1], $wide, $high, $focus($picture[2]), $focus($picture[3]));
                foreach ($header->at($width)->blocks as $block) {
                    $under = $crop->under(
                        $block['x'] - ($width - $wide) - self::AROUND,
                        $block['y'] - self::AROUND,
                        $block['width'] + 2 * self::AROUND,
                        $block['height'] + 2 * self::AROUND,
                    );
                    $found += $under === null ? [] : self::within($under, $across, $down);
                }
            }
        }

        return $found;
    }

    /** @return array{float, float} width and height of the frame that the picture covers; it ends where the screen does */
    private static function frame(bool $isBehindWords, float $least, int $width, int $height, float $times): array
    {
        $isPhone = $width <= HeaderSolver::PHONE;

        return match (true) {
            $isBehindWords => [(float) $width, $times * ($isPhone ? min($least, self::PHONE_MOST * $height) : $least)],
            $isPhone => [(float) $width, self::PHONE_HIGH * $width],
            default => [self::BESIDE * $width, $times * $least],
        };
    }

    /**
     * @param array{left: float, top: float, right: float, bottom: float} $part shares of a picture
     *
     * @return array<int, true>
     */
    private static function within(array $part, int $across, int $down): array
    {
        $last = static fn(float $share, int $of): int => min($of - 1, max(0, (int) ceil($share * $of) - 1));
        $found = [];
        for ($y = max(0, (int) floor($part['top'] * $down)); $y <= $last($part['bottom'], $down); $y++) {
            for ($x = max(0, (int) floor($part['left'] * $across)); $x <= $last($part['right'], $across); $x++) {
                $found[$y * $across + $x] = true;
            }
        }

        return $found;
    }
}
