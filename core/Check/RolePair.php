<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Color\Contrast;
use Ikat\Core\Look\Catalog\SchemeRoles;

/** One role on another, as the storefront's pages use it, in whatever scheme. */
final class RolePair
{
    /** @var array<string, array<string, list<int>>> scheme => page => elements */
    public array $places = [];

    public function __construct(
        public readonly string $ink,
        public readonly string $ground,
        public readonly string $kind,
        public readonly string $state,
        public readonly bool $large,
    ) {}

    public function target(): float
    {
        return match (true) {
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
        $name = static fn(string $role): string => SchemeRoles::ALL[$role][0] ?? match ($role) {
            'soft' => 'second voice',
            'action-hover' => 'action, pointed at',
            'quiet-hover' => 'quiet action, pointed at',
            default => $role,
        };

        return $name($this->ink).' on '.$name($this->ground);
    }
}
