<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** Another record of the store, kept as its id and spoken of by its name. */
final readonly class RecordCell implements CellType
{
    /** @param string $kind key of the kind of record */
    public function __construct(public string $kind) {}

    public function read(string $typed, Names $names): int
    {
        return $names->idOf($this->kind, $typed) ?? throw new UnreadableCell("Nothing here is called “{$typed}”.");
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        return is_int($value) ? $names->nameOf($this->kind, $value) : '';
    }

    public function nothing(): null
    {
        return null;
    }

    public function field(): string
    {
        return 'record';
    }
}
