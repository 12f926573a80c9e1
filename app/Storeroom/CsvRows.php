<?php

declare(strict_types=1);

namespace App\Storeroom;

use Ikat\Core\Store\File\FileShape;
use Ikat\Core\Store\File\GuardedText;

/** Rows of a file of comma-separated values, read as they are asked for. */
final class CsvRows
{
    /** Bytes that are turned into UTF-8 at once: an even number, for letters of two bytes. */
    private const BYTES = 1 << 18;

    /** Bytes a line may have. */
    private const LONGEST = 1 << 20;

    /** Columns a file may have. */
    public const MOST_COLUMNS = 200;

    /** Writes a file again in UTF-8, without a mark at its beginning. */
    public static function toUnicode(string $from, string $to, string $encoding): void
    {
        $in = fopen($from, 'rb') ?: throw new \RuntimeException("Cannot read $from.");
        $out = fopen($to, 'wb') ?: throw new \RuntimeException("Cannot write $to.");
        fseek($in, FileShape::markLength((string) fread($in, 4)));
        $rest = '';
        while (! feof($in)) {
            $bytes = $rest.fread($in, self::BYTES);
            // A letter of several bytes may be cut at the end.
            $rest = feof($in) ? '' : self::cut($bytes, $encoding);
            fwrite($out, FileShape::asUnicode(substr($bytes, 0, strlen($bytes) - strlen($rest)), $encoding));
        }
        fclose($in);
        fclose($out);
    }

    /**
     * @return iterable<int, list<string>> number of the line it begins at, from 1 => its cells, without blanks at their ends
     */
    public static function in(string $file, string $delimiter): iterable
    {
        $in = fopen($file, 'rb') ?: throw new \RuntimeException("Cannot read $file.");
        $line = 1;
        while (($cells = fgetcsv($in, self::LONGEST, $delimiter, '"', '')) !== false) {
            $begins = $line;
            $line += 1 + array_sum(array_map(static fn(?string $c): int => substr_count((string) $c, "\n"), $cells));
            if ($cells !== [null] && implode('', $cells) !== '') {
                yield $begins => array_map(
                    static fn(?string $cell): string => GuardedText::read(trim((string) $cell)),
                    array_slice($cells, 0, self::MOST_COLUMNS),
                );
            }
        }
        fclose($in);
    }

    private static function cut(string $bytes, string $encoding): string
    {
        if ($encoding !== 'UTF-8') {
            return '';
        }

        // The last bytes, from the beginning of a letter that is not whole.
        return preg_match('/(?:[\xC2-\xDF]|[\xE0-\xEF][\x80-\xBF]?|[\xF0-\xF4][\x80-\xBF]{0,2})$/D', $bytes, $m) === 1 ? $m[0] : '';
    }
}
