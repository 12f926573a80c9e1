<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Color\Contrast;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\SchemeRoles;

/** One role on another, as the storefront's pages use it, in whatever scheme. */
final class RolePair
{
    /** The states a pair may occur in, in the order they are told. */
    public const STATES = ['plain', 'hover', 'focus', 'active', 'target', 'selected', 'error', 'visited', 'disabled'];

    /** @var array<string, array<string, list<int>>> scheme => page => elements */
    public array $places = [];

    /** @var array<string, array<string, true>> scheme => the states it occurs in */
    public array $states = [];

    /**
     * @var array<string, array<string, list<string>>> scheme => what lies beneath the ground => the same, as a list of "scheme role", the
     *     nearest first
     */
    public array $beneath = [];

    /** @param string $kind text, graphic, control, or none for what is disabled and needs no contrast */
    public function __construct(
        public readonly string $ink,
        public readonly string $ground,
        public readonly string $kind,
        public readonly bool $large,
    ) {}

    /** @return float contrast ratio; 0 when none is asked */
    public function target(): float
    {
        return match (true) {
            $this->kind === 'none' => 0.0,
            $this->kind !== 'text' => Contrast::NON_TEXT,
            $this->large => Contrast::LARGE_TEXT,
            default => Contrast::TEXT,
        };
    }

    public function clause(): string
    {
        return $this->kind === 'text' ? 'WCAG 2.2, 1.4.3' : 'WCAG 2.2, 1.4.11';
    }

    public function title(): string
    {
        return self::name($this->ink).' on '.self::name($this->ground);
    }

    /** A role in plain words, derived ones included. */
    public static function name(string $role): string
    {
        return SchemeRoles::ALL[$role][0] ?? match ($role) {
            'soft' => 'softer text',
            'action-hover' => 'action, pointed at',
            'quiet-hover' => 'quiet action, pointed at',
            'focus' => 'focus ring',
            'off' => 'disabled text',
            'visited' => 'visited link',
            SchemeColors::OVER => 'the first band’s picture',
            default => $role,
        };
    }

    /** @return float the worst contrast in a set, wherever it occurs there */
    public function ratio(SchemeColors $palette, ColorSet $set): float
    {
        $under = $this->beneath[$set->scheme] ?? [];
        $worst = INF;
        foreach ($under === [] ? [[]] : $under as $beneath) {
            $worst = min($worst, $palette->ratio($set, $this->ink, $this->ground, $beneath));
        }

        return $worst;
    }
}
