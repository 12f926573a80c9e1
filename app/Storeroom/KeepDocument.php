<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Files\BroughtFile;
use Ikat\Core\Store\Cell\DocumentCell;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

/** Keeps the files of documents, as the cells of a record say them. */
final readonly class KeepDocument
{
    public const MOST_BYTES = 12_000_000;

    private const NAME = 120;

    public function __construct(private BroughtFile $files) {}

    /**
     * @return array{path: string, bytes: string} cells of the document
     *
     * @throws RefusedChange when it is no file of an open format, or too heavy
     */
    public function take(UploadedFile $file): array
    {
        $name = mb_strimwidth(mb_scrub($file->getClientOriginalName()), 0, 60, '…');
        if (! $file->isValid() || (int) $file->getSize() > self::MOST_BYTES) {
            throw new RefusedChange(sprintf('“%s” did not arrive whole, or is heavier than %d MB. Bring a lighter one.', $name, intdiv(
                self::MOST_BYTES,
                1_000_000,
            )));
        }
        $bytes = (string) file_get_contents($file->getPathname());
        $ending = DocumentCell::KINDS[(new \finfo(FILEINFO_MIME_TYPE))->buffer($bytes)] ?? throw new RefusedChange(
            "“{$name}” is no document Ikat can keep. Bring a PDF, a text, a table (CSV, ODS), an ODT or an EPUB.",
        );

        return ['path' => $this->files->put('The document', 'document', $ending, $bytes), 'bytes' => (string) strlen($bytes)];
    }

    /** What a document is called after its file. */
    public static function name(UploadedFile $file): string
    {
        $words = str_replace(['_', '-'], ' ', pathinfo(mb_scrub($file->getClientOriginalName()), PATHINFO_FILENAME));

        return Str::ucfirst(mb_substr(trim((string) preg_replace('/[\p{C}\s]+/u', ' ', $words)), 0, self::NAME)) ?: 'Document';
    }
}
