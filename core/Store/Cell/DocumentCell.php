<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;

/** The file of a document, by its address: files come by being brought, and are never typed. */
final readonly class DocumentCell extends WordCell
{
    /** Open formats that are read without the program they were written with: kind, as the content says => ending. */
    public const KINDS = [
        'application/pdf' => 'pdf', 'text/plain' => 'txt', 'text/csv' => 'csv', 'application/epub+zip' => 'epub',
        'application/vnd.oasis.opendocument.text' => 'odt', 'application/vnd.oasis.opendocument.spreadsheet' => 'ods',
    ];

    private const MOST = 120;

    public function read(string $typed, Names $names): string
    {
        $endings = implode('|', self::KINDS);

        return preg_match("~^(/[a-z0-9-]+)+\\.($endings)$~D", $typed) === 1 && strlen($typed) <= self::MOST
            ? $typed
            : throw new UnreadableCell("“{$typed}” is no file of the shop. Put another file in its place where the document stands open.");
    }
}
