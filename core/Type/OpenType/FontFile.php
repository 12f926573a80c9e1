<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/**
 * The tables of a font file: OpenType with either kind of outlines, plain or packed as WOFF 1.0.
 *
 * Sources: OpenType 1.9, "Organization of an OpenType font"; W3C, WOFF File Format 1.0.
 */
final readonly class FontFile
{
    /** Bytes of a file, and of all its tables unpacked. */
    public const MOST = 8_000_000;
    public const MOST_UNPACKED = 24_000_000;

    private const TRUETYPE = ["\0\1\0\0", 'true'];
    private const CFF = 'OTTO';
    private const WOFF = 'wOFF';
    private const MOST_TABLES = 64;

    /** @param array<string, string> $tables tag => bytes */
    private function __construct(private array $tables) {}

    /** @throws UnreadableFont */
    public static function of(string $bytes): self
    {
        if (strlen($bytes) > self::MOST) {
            throw UnreadableFont::because(sprintf('it has more than %d million bytes', intdiv(self::MOST, 1_000_000)));
        }
        $file = new FontBytes($bytes);
        $kind = $file->text(0, 4);

        return match (true) {
            $kind === self::WOFF => self::unpacked($file),
            $kind === self::CFF, in_array($kind, self::TRUETYPE, true) => self::plain($file),
            $kind === 'ttcf' => throw UnreadableFont::because('it is a collection of fonts; take one font out of it'),
            default => throw UnreadableFont::because('it is no OpenType font'),
        };
    }

    /** @throws UnreadableFont where the font has no such table */
    public function table(string $tag): FontBytes
    {
        return new FontBytes($this->tables[$tag] ?? throw UnreadableFont::because("it has no table “{$tag}”"));
    }

    public function has(string $tag): bool
    {
        return isset($this->tables[$tag]);
    }

    /** @throws UnreadableFont */
    private static function plain(FontBytes $file): self
    {
        $tables = [];
        for ($i = 0, $count = self::count($file->u16(4)); $i < $count; $i++) {
            $entry = 12 + 16 * $i;
            $tables[$file->text($entry, 4)] = $file->text($file->u32($entry + 8), $file->u32($entry + 12));
        }

        return new self($tables);
    }

    /** @throws UnreadableFont */
    private static function unpacked(FontBytes $file): self
    {
        $tables = [];
        $room = self::MOST_UNPACKED;
        for ($i = 0, $count = self::count($file->u16(12)); $i < $count; $i++) {
            $entry = 44 + 20 * $i;
            [$packed, $length] = [$file->u32($entry + 8), $file->u32($entry + 12)];
            $room -= $length;
            if ($room < 0) {
                throw UnreadableFont::because('it unpacks to more than a font has');
            }
            $bytes = $file->text($file->u32($entry + 4), $packed);
            if ($packed < $length) {
                // A warning of zlib's is the answer "no": the file is broken.
                $bytes = @gzuncompress($bytes, $length + 1);
            }
            if (! is_string($bytes) || strlen($bytes) !== $length) {
                throw UnreadableFont::because('a table of it cannot be unpacked');
            }
            $tables[$file->text($entry, 4)] = $bytes;
        }

        return new self($tables);
    }

    /** @throws UnreadableFont */
    private static function count(int $tables): int
    {
        return $tables <= self::MOST_TABLES ? $tables : throw UnreadableFont::because('it has more tables than a font has');
    }
}
