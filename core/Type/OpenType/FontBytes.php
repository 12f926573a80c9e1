<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/**
 * Big-endian numbers of a font's table from a place on; whoever reads beyond its end is told so, and so is whoever reads without an end.
 */
final readonly class FontBytes
{
    private int $length;

    private ReadingLimit $limit;

    public function __construct(private string $bytes, private int $start = 0, ?ReadingLimit $limit = null)
    {
        $this->length = strlen($bytes);
        $this->limit = $limit ?? new ReadingLimit();
    }

    public function length(): int
    {
        return $this->length - $this->start;
    }

    /** @throws UnreadableFont where it begins beyond the end */
    public function from(int $at): self
    {
        if ($at < 0 || $this->start + $at > $this->length) {
            throw UnreadableFont::endsEarly();
        }
        $this->limit->count(1);

        return new self($this->bytes, $this->start + $at, $this->limit);
    }

    /** @throws UnreadableFont */
    public function text(int $at, int $length): string
    {
        $this->limit->count($length >> 4);
        if ($at < 0 || $length < 0 || $this->start + $at + $length > $this->length) {
            throw UnreadableFont::endsEarly();
        }

        return substr($this->bytes, $this->start + $at, $length);
    }

    /** @throws UnreadableFont */
    public function u8(int $at): int
    {
        if ($at < 0 || $this->start + $at >= $this->length) {
            throw UnreadableFont::endsEarly();
        }

        return ord($this->bytes[$this->start + $at]);
    }

    /** @throws UnreadableFont */
    public function i8(int $at): int
    {
        $value = $this->u8($at);

        return $value < 0x80 ? $value : $value - 0x100;
    }

    /** @throws UnreadableFont */
    public function u16(int $at): int
    {
        $from = $this->start + $at;
        if ($at < 0 || $from + 2 > $this->length) {
            throw UnreadableFont::endsEarly();
        }

        return ord($this->bytes[$from]) << 8 | ord($this->bytes[$from + 1]);
    }

    /** @throws UnreadableFont */
    public function i16(int $at): int
    {
        $value = $this->u16($at);

        return $value < 0x8000 ? $value : $value - 0x10000;
    }

    /** @throws UnreadableFont */
    public function u32(int $at): int
    {
        return $this->u16($at) << 16 | $this->u16($at + 2);
    }

    /** @throws UnreadableFont */
    public function i32(int $at): int
    {
        $value = $this->u32($at);

        return $value < 0x80000000 ? $value : $value - 0x100000000;
    }

    /** A number with 14 binary places, -2 to 2. @throws UnreadableFont */
    public function f2dot14(int $at): float
    {
        return $this->i16($at) / 16384;
    }

    /** A number with 16 binary places. @throws UnreadableFont */
    public function fixed(int $at): float
    {
        return $this->i32($at) / 65536;
    }

    /**
     * @return list<int>
     *
     * @throws UnreadableFont
     */
    public function u16s(int $at, int $count): array
    {
        /** @var array<int, int> $numbers */
        $numbers = $count === 0 ? [] : (unpack("n$count", $this->text($at, 2 * $count)) ?: []);

        return array_values($numbers);
    }
}
