<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Countries a store sells to or languages it speaks, its own first: codes of ISO 3166-1 or ISO 639, with blanks between. */
final readonly class PlacesCell implements CellType
{
    private const MOST = 60;

    public function __construct(private bool $isCountries) {}

    /** @return list<string> */
    public function read(string $typed, Names $names): array
    {
        $codes = [];
        foreach (preg_split('/[\s,;]+/', $typed) ?: [] as $code) {
            $code = $this->isCountries ? mb_strtoupper($code) : mb_strtolower($code);
            $called = $this->isCountries ? \Locale::getDisplayRegion("-$code", 'en') : \Locale::getDisplayLanguage($code, 'en');
            if (preg_match('/^[a-z]{2}$/Di', $code) !== 1 || $called === '' || $called === $code || $called === 'Unknown Region') {
                throw new UnreadableCell($this->isCountries
                    ? "“{$code}” is no country. Write two letters each, like US CA."
                    : "“{$code}” is no language. Write two letters each, like en fr.");
            }
            $codes[] = $code;
        }
        $codes = array_values(array_unique($codes));

        return count($codes) <= self::MOST ? $codes : throw new UnreadableCell('At most '.self::MOST.'.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_array($value) ? implode(' ', $value) : '';
    }

    /** @return array{} */
    public function nothing(): array
    {
        return [];
    }

    public function field(): string
    {
        return 'line';
    }
}
