<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Language\ShopLanguage;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** One language, kept by its two letters of ISO 639-1 and written by its English name. */
final readonly class LanguageCell implements CellType
{
    public function read(string $typed, Names $names): string
    {
        return self::code($typed) ?? throw new UnreadableCell('One language, like German or de.');
    }

    /** @return ?string two letters of what is written: a code or an English name; null for no language */
    public static function code(string $written): ?string
    {
        $plain = mb_strtolower(trim($written));
        $letters = range('a', 'z');
        foreach ($letters as $first) {
            foreach ($letters as $second) {
                $name = mb_strtolower((new ShopLanguage("$first$second"))->name());
                if ($name !== "$first$second" && in_array($plain, ["$first$second", $name], true)) {
                    return "$first$second";
                }
            }
        }

        return null;
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_string($value) ? (new ShopLanguage($value))->name() : '';
    }

    public function nothing(): null
    {
        return null;
    }

    public function field(): string
    {
        return 'line';
    }
}
