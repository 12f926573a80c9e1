<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** Which characters the families have, asked for one by one: a font is read only where something is asked of it. */
final readonly class FontCoverage implements Measurement
{
    /**
     * @param ?\Closure(string): array<int, mixed> $charactersOf key of a family => by code point; null where nobody has the fonts, and
     *     nothing can be said to be missing
     */
    public function __construct(private ?\Closure $charactersOf) {}

    public static function measure(Inspection $inspection): self
    {
        return new self(null);
    }

    /**
     * @param list<string> $characters
     *
     * @return list<string> those of them that a family does not have
     */
    public function lacking(string $family, array $characters): array
    {
        if ($this->charactersOf === null || $characters === []) {
            return [];
        }
        $has = ($this->charactersOf)($family);

        return array_values(array_filter($characters, static fn(string $c): bool => ! isset($has[mb_ord($c)])));
    }
}
