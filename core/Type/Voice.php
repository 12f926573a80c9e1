<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** Who speaks in a shop: each has a family, weight, style, size, spacing, case and line height of its own, or follows another. */
enum Voice: string
{
    case Heading = 'heading';
    case Second = 'second';
    case Third = 'third';
    case Price = 'price';
    case Body = 'body';
    case Menu = 'menu';
    case Button = 'button';
    case Label = 'label';
    case Small = 'small';

    public function label(): string
    {
        return match ($this) {
            self::Heading => 'First heading',
            self::Second => 'Second heading',
            self::Third => 'Third heading',
            self::Price => 'Prices',
            self::Body => 'Text',
            self::Menu => 'Menu',
            self::Button => 'Buttons',
            self::Label => 'Labels',
            self::Small => 'Small text',
        };
    }

    /** Its step of the type scale, as long as it follows that: how often the text size is multiplied. */
    public function step(): int
    {
        return match ($this) {
            self::Heading => 5,
            self::Second => 3,
            self::Price => 2,
            self::Third => 1,
            self::Body, self::Menu, self::Button => 0,
            self::Label, self::Small => -1,
        };
    }

    public function path(string $what): string
    {
        return match (true) {
            $this === self::Body && $what === 'size.desktop' => 'type.base',
            $this === self::Body && $what === 'leading' => 'type.leading',
            $this === self::Body && $what === 'measure' => 'type.measure',
            default => "type.$this->value.$what",
        };
    }

    public function isHeading(): bool
    {
        return in_array($this, [self::Heading, self::Second, self::Third], true);
    }

    /** Whether the words it sets are looked at for missing letters together with those of another. */
    public function wordsAre(): self
    {
        return match ($this) {
            self::Second => self::Heading,
            self::Third, self::Label, self::Small => self::Body,
            default => $this,
        };
    }

    /** Whether what it says takes more lines than one, so that it matters how they end. */
    public function hasLines(): bool
    {
        return $this === self::Heading || $this === self::Second;
    }

    public static function ofPath(string $path): ?self
    {
        return match ($path) {
            'type.base', 'type.leading', 'type.measure', 'type.scale' => self::Body,
            default => preg_match('/^type\.([a-z]+)\./', $path, $m) === 1 ? self::tryFrom($m[1]) : null,
        };
    }
}
