<?php

declare(strict_types=1);

namespace Ikat\Core\Access;

/** RFC 4648, section 6: five bits a letter, in the alphabet A to Z and 2 to 7; written here without padding. */
final class Base32
{
    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    public static function encode(string $bytes): string
    {
        $bits = implode(
            '',
            array_map(static fn(string $byte): string => sprintf('%08b', ord($byte)), $bytes === '' ? [] : str_split($bytes)),
        );

        return implode(
            '',
            array_map(
                static fn(string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))],
                $bits === '' ? [] : str_split($bits, 5),
            ),
        );
    }

    /** @throws \InvalidArgumentException when a letter is not of the alphabet */
    public static function decode(string $text): string
    {
        $bits = '';
        foreach ($text === '' ? [] : str_split(strtoupper(rtrim($text, '='))) as $letter) {
            $value = strpos(self::ALPHABET, $letter);
            if ($value === false) {
                throw new \InvalidArgumentException('That is not base 32.');
            }
            $bits .= sprintf('%05b', $value);
        }

        return implode(
            '',
            array_map(
                static fn(string $eight): string => chr((int) bindec($eight)),
                array_filter(str_split($bits, 8), static fn(string $b): bool => strlen($b) === 8),
            ),
        );
    }
}
