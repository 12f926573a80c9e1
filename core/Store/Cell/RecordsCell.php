<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Other records of the store in order, kept as their ids and spoken of by their names, with semicolons between. */
final readonly class RecordsCell implements CellType
{
    /** @param string $kind key of the kind of record */
    public function __construct(public string $kind, public int $most = 12) {}

    /** @return list<int> */
    public function read(string $typed, Names $names): array
    {
        $ids = [];
        foreach (preg_split('/\s*[;\r\n]\s*/u', $typed) ?: [] as $called) {
            if ($called !== '') {
                $ids[] = $names->idOf($this->kind, $called) ?? throw new UnreadableCell("Nothing here is called “{$called}”.");
            }
        }
        $ids = array_values(array_unique($ids));

        return count($ids) <= $this->most ? $ids : throw new UnreadableCell("At most $this->most.");
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        $called = array_map(fn(int|string $id): string => $names->nameOf($this->kind, (int) $id), is_array($value) ? $value : []);

        return implode('; ', array_filter($called, static fn(string $name): bool => $name !== ''));
    }

    /** @return array{} */
    public function nothing(): array
    {
        return [];
    }

    public function field(): string
    {
        return 'lines';
    }
}
