<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

use Ikat\Core\Store\Cell\CellType;

/**
 * What a kind of record has one of: a column of its table, a field of its form, a column of its files.
 *
 * @phpstan-import-type Value from CellType
 */
final readonly class Column
{
    /**
     * @param string $key as it is kept
     * @param string $label as it is read, within a sentence
     * @param int $wide px on the table; 0 for what is not on it
     * @param Value $beginning what a new record has where nothing is said
     * @param bool $isComputed whether it follows from others and cannot be typed
     * @param bool $isAsked whether a new record is made with it
     * @param list<string> $also other names it has in files
     * @param string $placeholder what an empty field shows: what empty means, or how to write it
     */
    public function __construct(
        public string $key,
        public string $label,
        public CellType $type,
        public bool $isRequired = false,
        public int $wide = 0,
        public int|string|bool|array|null $beginning = null,
        public bool $isComputed = false,
        public bool $isAsked = false,
        public array $also = [],
        public string $placeholder = '',
    ) {}

    /**
     * @return Value
     *
     * @throws UnreadableCell
     */
    public function read(string $typed, Names $names): int|string|bool|array|null
    {
        $typed = trim($typed);
        if ($this->isComputed) {
            throw new UnreadableCell("The $this->label follows from other columns and cannot be typed.");
        }
        if ($typed === '') {
            return $this->isRequired ? throw new UnreadableCell("The $this->label cannot be empty.") : $this->type->nothing();
        }

        return $this->type->read($typed, $names);
    }
}
