<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;

/** How much of a screen a header keeps once its page has scrolled. */
final readonly class ScrolledHeader
{
    /** Screens it is told for: device => width and height, px (common sizes; common practice, no source). */
    public const SCREENS = ['desktop' => [1280, 800], 'phone' => HeaderSolver::A_PHONE, 'phone held sideways' => [844, 390]];

    /** Ways of scrolling => in words. */
    public const WAYS = [
        'moves' => 'goes along', 'stays' => 'stays whole', 'smaller' => 'stays, thinner', 'row' => 'second row stays',
        'returns' => 'back going up',
    ];

    /** @param array<string, array{px: float, share: float}> $screens device => what stays in sight, in px and as a share of the screen */
    private function __construct(public string $words, public array $screens) {}

    /** @return array<string, self> by the setting's choice */
    public static function all(Inspection $inspection): array
    {
        $header = $inspection->get(HeaderSolver::class);
        $low = (float) $inspection->look->value('header.sticky.size');
        $all = [];
        foreach (self::WAYS as $way => $words) {
            $screens = [];
            foreach (self::SCREENS as $device => [$width, $height]) {
                $px = match ($way) {
                    'moves' => 0.0,
                    'smaller' => $header->at($width, $low)->height,
                    'row' => $header->secondRow($width),
                    default => $header->at($width)->height,
                };
                $screens[$device] = ['px' => $px, 'share' => $px / $height];
            }
            $all[$way] = new self($words, $screens);
        }

        return $all;
    }
}
