<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/**
 * Elements of pages, by what is looked for: a custom property, a setting, a part.
 *
 * An index holds thousands of places and is asked for a few: kept, each entry is one text, and is read when it is asked for.
 */
final class PlaceMap
{
    /** @var array<string, array<string, list<int>>> key => page => elements */
    private array $places;

    /** @var array<string, string> key => "page 0 4 7|page 1" */
    private array $packed = [];

    /** @param array<string, array<string, list<int>>> $places */
    public function __construct(array $places = [])
    {
        $this->places = $places;
    }

    /** @return array<string, list<int>> page => elements, in the order of the page; none for what is not there */
    public function of(string $key): array
    {
        if (isset($this->packed[$key])) {
            $this->places[$key] ??= self::unpacked($this->packed[$key]);
        }

        return $this->places[$key] ?? [];
    }

    public function has(string $key): bool
    {
        return $this->of($key) !== [];
    }

    /** @return array<string, array<string, list<int>>> */
    public function all(): array
    {
        foreach (array_keys($this->packed) as $key) {
            $this->of((string) $key);
        }

        return $this->places;
    }

    /** @return array{array<string, string>} */
    public function __serialize(): array
    {
        return [array_map(self::packed(...), $this->all())];
    }

    /** @param array{array<string, string>} $kept */
    public function __unserialize(array $kept): void
    {
        $this->places = [];
        $this->packed = $kept[0];
    }

    /** @param array<string, list<int>> $places */
    private static function packed(array $places): string
    {
        return implode('|', array_map(
            static fn(string $page, array $elements): string => "$page ".implode(' ', $elements),
            array_map(strval(...), array_keys($places)),
            $places,
        ));
    }

    /** @return array<string, list<int>> */
    private static function unpacked(string $packed): array
    {
        $places = [];
        foreach (explode('|', $packed) as $entry) {
            $numbers = explode(' ', $entry);
            $page = array_shift($numbers);
            $places[$page] = array_map(intval(...), $numbers);
        }

        return $places;
    }
}
