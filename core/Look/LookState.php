<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** What the merchant changed, and nothing else. Its bytes depend only on the changes in force, not on how they came about. */
final readonly class LookState
{
    /** @param array<string, bool|float|string> $own sorted by path */
    private function __construct(public array $own) {}

    /** @param array<string, bool|float|int|string|null> $own nulls are left out */
    public static function of(array $own): self
    {
        $kept = array_filter(array_map(self::canonical(...), $own), static fn(mixed $v): bool => $v !== null);
        ksort($kept, SORT_STRING);

        return new self($kept);
    }

    public static function canonical(bool|float|int|string|null $value): bool|float|string|null
    {
        return is_int($value) ? (float) $value : $value;
    }

    /** @param list<Change> $changes */
    public function with(array $changes): self
    {
        $own = $this->own;
        foreach ($changes as $change) {
            $own[$change->path] = $change->after;
        }

        return $changes === [] ? $this : self::of($own);
    }

    public function bytes(): string
    {
        return json_encode((object) $this->own, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public static function fromBytes(string $bytes): self
    {
        /** @var array<string, bool|float|int|string|null> $own */
        $own = json_decode($bytes, true, 8, JSON_THROW_ON_ERROR);

        return self::of($own);
    }
}
