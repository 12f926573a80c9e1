<?php

declare(strict_types=1);

namespace App\Storeroom;

use Ikat\Core\Store\Column;
use Ikat\Core\Store\File\GuardedText;
use Ikat\Core\Store\File\HtmlPages;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RecordQuestion;

/** Records as a file of comma-separated values (RFC 4180), in UTF-8: what goes out comes back in unchanged. */
final class RecordFile
{
    /** Rows read at once. */
    private const PIECE = 500;

    public function __construct(private readonly RecordLister $lister, private readonly StoreNames $names) {}

    /** @param resource $out */
    public function write(RecordKind $kind, RecordQuestion $asked, $out): void
    {
        $columns = array_filter($kind->columns, $kind->isInFiles(...));
        // The mark tells spreadsheets that it is UTF-8.
        fwrite($out, "\xEF\xBB\xBF");
        self::line($out, array_map(static fn(Column $c): string => $c->label, $columns));
        foreach ($this->lister->everyId($kind, $asked, self::PIECE) as $ids) {
            foreach ($this->lister->inOrder($kind, $ids) as $row) {
                self::line($out, array_map(
                    fn(Column $c): string => GuardedText::written($c->type->write($row[$c->key] ?? null, $this->names)),
                    $columns,
                ));
            }
        }
    }

    /** Pages as one HTML document. */
    public function pages(RecordKind $kind, RecordQuestion $asked): string
    {
        $pages = [];
        foreach ($this->lister->everyId($kind, $asked, self::PIECE) as $ids) {
            foreach ($this->lister->inOrder($kind, $ids) as $row) {
                $said = static fn(string $key): string => is_string($row[$key] ?? null) ? $row[$key] : '';
                $pages[] = ['title' => $said('title'), 'address' => $said('slug'), 'words' => $said('body')];
            }
        }

        return HtmlPages::write($pages);
    }

    /**
     * @param resource $out
     * @param array<string> $cells
     */
    private static function line($out, array $cells): void
    {
        fputcsv($out, $cells, ',', '"', '', "\r\n");
    }
}
