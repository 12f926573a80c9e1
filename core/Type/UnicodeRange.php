<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** Characters that a font file is for. Source: CSS Fonts 4, "unicode-range", without wildcards. */
final readonly class UnicodeRange
{
    /** @param list<array{int, int}> $stretches first and last code point of each */
    private function __construct(private array $stretches) {}

    /**
     * @param string $css "U+0000-00FF,U+0131"
     *
     * @throws \InvalidArgumentException
     */
    public static function of(string $css): self
    {
        return new self(array_map(static function (string $stretch): array {
            if (preg_match('/^U\+([0-9A-F]{1,6})(?:-([0-9A-F]{1,6}))?$/i', trim($stretch), $m) !== 1) {
                throw new \InvalidArgumentException("“{$stretch}” is no range of characters, as in U+0000-00FF.");
            }

            return [(int) hexdec($m[1]), (int) hexdec($m[2] ?? $m[1])];
        }, explode(',', $css)));
    }

    public function has(int $code): bool
    {
        foreach ($this->stretches as [$first, $last]) {
            if ($code >= $first && $code <= $last) {
                return true;
            }
        }

        return false;
    }
}
