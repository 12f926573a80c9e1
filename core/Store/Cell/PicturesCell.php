<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Pictures of the library in order, the first of them the one on the card; kept as their ids and written as their names. */
final readonly class PicturesCell implements CellType
{
    public const KIND = 'picture';
    public const MOST = 30;

    public function __construct(public int $most = self::MOST) {}

    /** @return list<int> */
    public function read(string $typed, Names $names): array
    {
        $ids = [];
        foreach (preg_split('/[\s,;|]+/', $typed) ?: [] as $name) {
            $ids[] = $names->idOf(self::KIND, $name) ?? throw new UnreadableCell("The library has no picture called “{$name}”.");
        }
        $ids = array_values(array_unique($ids));

        return count($ids) <= $this->most
            ? $ids
            : throw new UnreadableCell($this->most === 1 ? 'One picture alone.' : "At most $this->most pictures.");
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        $ids = is_array($value) ? $value : [];

        return implode(' ', array_map(static fn(int|string $id): string => $names->nameOf(self::KIND, (int) $id), $ids));
    }

    /** @return array{} */
    public function nothing(): array
    {
        return [];
    }

    public function field(): string
    {
        return 'pictures';
    }
}
