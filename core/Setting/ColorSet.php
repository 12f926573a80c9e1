<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/**
 * A set of colors: those of a scheme, or of the same scheme in dark surroundings. Named as its settings begin: scheme.night, dark.night.
 */
final readonly class ColorSet
{
    private function __construct(public string $scheme, public bool $isDark, public string $name) {}

    public static function of(string $scheme, bool $isDark = false): self
    {
        return new self($scheme, $isDark, ($isDark ? 'dark.' : 'scheme.').$scheme);
    }

    /** Null when the name is that of no set. */
    public static function tryNamed(string $name): ?self
    {
        return preg_match('/^(scheme|dark)\.([a-z0-9]+)$/D', $name, $m) === 1 ? self::of($m[2], $m[1] === 'dark') : null;
    }

    /**
     * The scheme and role a custom property belongs to: --scheme-night-quiet-ink.
     *
     * In dark surroundings the same properties have other values.
     *
     * @return ?array{string, string} scheme and role; null for another property
     */
    public static function roleOfProperty(string $property): ?array
    {
        return preg_match('/^--scheme-([a-z0-9]+)-([a-z0-9-]+)$/D', $property, $m) === 1 ? [$m[1], $m[2]] : null;
    }

    /** The setting of a role. */
    public function path(string $role): string
    {
        return "$this->name.$role";
    }

    /** Another scheme's set for the same surroundings. */
    public function with(string $scheme): self
    {
        return self::of($scheme, $this->isDark);
    }

    public function is(self $other): bool
    {
        return $this->name === $other->name;
    }
}
