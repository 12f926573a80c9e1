<?php

declare(strict_types=1);

namespace Ikat\Core\Compile;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorSpace;
use Ikat\Core\Color\Compositing;
use Ikat\Core\Color\Contrast;

/**
 * The colors a scheme derives by rule from its roles: states of controls, second voice, focus ring.
 */
final class SchemeStates
{
    /** OKLCH lightness by which a pointed-at button moves away from its ink. */
    private const HOVER_SHIFT = 0.055;

    /** derived role => the roles it comes from */
    public const SOURCES = [
        'soft' => ['ink', 'ground'],
        'action-hover' => ['action', 'action-ink'],
        'quiet-hover' => ['quiet', 'quiet-ink'],
        'focus' => ['action', 'ink', 'ground'],
        'off' => ['ink', 'ground'],
        'visited' => ['link', 'ink', 'ground'],
    ];

    /**
     * @param array<string, Color> $roles by role
     *
     * @return array<string, Color> by derived role
     */
    public static function of(array $roles): array
    {
        return array_combine(
            array_keys(self::SOURCES),
            array_map(static fn(string $state): Color => self::one($state, $roles), array_keys(self::SOURCES)),
        );
    }

    /**
     * @param string $state a derived role
     * @param array<string, Color> $roles those it comes from at least
     *
     * @throws \LogicException
     */
    public static function one(string $state, array $roles): Color
    {
        return match ($state) {
            'soft' => self::soft($roles['ink'], $roles['ground']),
            'action-hover' => self::away($roles['action'], $roles['action-ink']),
            'quiet-hover' => self::away($roles['quiet'], $roles['quiet-ink']),
            'focus' => self::focus($roles['action'], $roles['ink'], $roles['ground']),
            'off' => self::mix($roles['ink'], $roles['ground'], 0.45),
            'visited' => self::visited($roles['link'], $roles['ink'], $roles['ground']),
            default => throw new \LogicException("There is no state $state."),
        };
    }

    /** The second voice: the ink thinned as far as text contrast allows, and no further than 72%. */
    private static function soft(Color $ink, Color $ground): Color
    {
        for ($share = 72; $share < 100; $share += 4) {
            $thin = self::mix($ink, $ground, $share / 100);
            if (Contrast::ratio($thin, $ground) >= Contrast::TEXT + 0.3) {
                return $thin;
            }
        }

        return $ink;
    }

    /** Halfway from the link to the ink, or less far where that would be too faint. */
    private static function visited(Color $link, Color $ink, Color $ground): Color
    {
        for ($share = 50; $share > 0; $share -= 10) {
            $worn = self::mix($ink, $link, $share / 100);
            if (Contrast::ratio($worn, $ground) >= Contrast::TEXT) {
                return $worn;
            }
        }

        return $link->shown();
    }

    private static function away(Color $ground, Color $ink): Color
    {
        [$l, $c, $h] = $ground->to(ColorSpace::Oklch)->coordinates();
        $inkIsLighter = ($ink->to(ColorSpace::Oklch)->first ?? 0) > $l;
        $room = $inkIsLighter ? $l : 1 - $l;
        // With no room left on the far side (black or white already), the only visible way is towards the ink.
        $shift = $room < self::HOVER_SHIFT
            ? ($inkIsLighter ? self::HOVER_SHIFT : -self::HOVER_SHIFT)
            : ($inkIsLighter ? -self::HOVER_SHIFT : self::HOVER_SHIFT);

        return Color::in(ColorSpace::Oklch, max(0.0, min(1.0, $l + $shift)), $c, $h)->shown();
    }

    /** A ring must stand out from what it lies on: WCAG 2.2, 1.4.11, 3:1. */
    private static function focus(Color $action, Color $ink, Color $ground): Color
    {
        return Contrast::ratio($action, $ground) >= Contrast::NON_TEXT ? $action->shown() : $ink->shown();
    }

    private static function mix(Color $top, Color $bottom, float $share): Color
    {
        return Compositing::over($top->withAlpha($share), $bottom);
    }
}
