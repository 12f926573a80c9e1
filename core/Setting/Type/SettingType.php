<?php

declare(strict_types=1);

namespace Ikat\Core\Setting\Type;

use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\UnacceptableValue;

/** Everything Ikat knows about one type of setting: what a value is, how it is stored, said, written in CSS and changed. */
abstract readonly class SettingType
{
    /** What it is called in exports; its control's template has the same name. */
    abstract public static function name(): string;

    /**
     * The canonical form of what somebody wrote. Aliases are not asked about here.
     *
     * @throws UnacceptableValue with a sentence that says what to do
     */
    abstract public function normalize(Setting $setting, mixed $value): bool|float|string;

    /** Whether a stored value is one of this type: another theme or version may have left one that is not. */
    public function accepts(bool|float|string $value): bool
    {
        return is_string($value);
    }

    /** What a setting is when nothing else can be said: where links go in a circle, or a default follows what is not there. */
    abstract public function neutral(): bool|float|string;

    /** A value in words: "40 px", "beside the logo", "on". */
    public function describe(bool|float|string $value): string
    {
        return $value === '' ? 'nothing' : (string) $value;
    }

    /** Whether a setting of this type becomes a custom property in the stylesheet. */
    public function isCss(): bool
    {
        return false;
    }

    /**
     * A value as CSS, written anew from what was parsed, whoever brought it.
     *
     * @throws \Ikat\Core\Compile\UnsafeCss when a theme's own choice or unit is more than one plain value
     * @throws \LogicException
     */
    public function css(bool|float|string $value): string
    {
        throw new \LogicException(static::class.' has no CSS.');
    }

    /**
     * The settings a written value follows within itself, beside being an alias as a whole.
     *
     * @return list<string> paths
     */
    public function linksIn(string $written): array
    {
        return [];
    }

    /** @param callable(string): string $change path followed => what is written for it */
    public function relinked(string $written, callable $change): string
    {
        return $written;
    }

    /** @return array<string, mixed> bounds and choices, as the console tells them */
    public function facts(): array
    {
        return [];
    }

    /** How a message quotes what somebody wrote. */
    protected static function quote(mixed $value): string
    {
        return is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, 60) : get_debug_type($value);
    }
}
