<?php

declare(strict_types=1);

namespace Ikat\Core\Type\OpenType;

use Ikat\Core\Type\UnreadableFont;

/** What a font is called. Source: OpenType 1.9, "name" (naming table). */
final class NameTable
{
    /** Name IDs: of the font whole, of its family as designers group it, of its family. */
    private const WANTED = [4, 16, 1];

    private const MOST = 4000;
    private const LONGEST = 40;

    /**
     * What the font calls itself, in letters, figures and a few signs: whatever else it says is left out.
     *
     * @throws UnreadableFont where it has no name
     */
    public static function called(FontBytes $table): string
    {
        $names = [];
        $storage = $table->u16(4);
        for ($i = 0, $count = min(self::MOST, $table->u16(2)); $i < $count; $i++) {
            $record = 6 + 12 * $i;
            [$platform, $id] = [$table->u16($record), $table->u16($record + 6)];
            if (! in_array($id, self::WANTED, true) || isset($names[$id])) {
                continue;
            }
            $text = $table->text($storage + $table->u16($record + 10), $table->u16($record + 8));
            // Windows and Unicode names are UTF-16; those of old Macintoshes are read as far as they are ASCII.
            $name = self::plain($platform === 1 ? (string) preg_replace('/[^\x20-\x7E]/', '', $text) : self::utf16($text));
            if ($name !== '') {
                $names[$id] = $name;
            }
        }
        foreach (self::WANTED as $id) {
            if (isset($names[$id])) {
                return $names[$id];
            }
        }

        throw UnreadableFont::because('it has no name');
    }

    private static function utf16(string $bytes): string
    {
        $text = '';
        foreach (str_split(substr($bytes, 0, 4 * self::LONGEST), 2) as $pair) {
            $code = strlen($pair) === 2 ? ord($pair[0]) << 8 | ord($pair[1]) : 0;
            $text .= $code < 32 || ($code >= 0xD800 && $code <= 0xDFFF) ? '' : (string) mb_chr($code, 'UTF-8');
        }

        return $text;
    }

    private static function plain(string $name): string
    {
        $name = (string) preg_replace('/[^\p{L}\p{N} .&-]+/u', '', mb_scrub($name));

        $name = trim(mb_substr(trim((string) preg_replace('/ +/', ' ', $name)), 0, self::LONGEST));

        // What every font is that is nothing else need not be said.
        return (string) preg_replace('/(?<=.) Regular$/D', '', $name);
    }
}
