<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\BroughtFile;
use Illuminate\Http\UploadedFile;

/** Keeps films of products as files of the shop, named after their content. */
final readonly class KeepFilm
{
    public const MOST_BYTES = 12_000_000;

    /** As the content says, whatever the file is called: kind => ending. A WebM file is a Matroska one of certain parts. */
    private const KINDS = ['video/webm' => 'webm', 'video/x-matroska' => 'webm', 'video/mp4' => 'mp4'];

    public function __construct(private BroughtFile $files) {}

    /**
     * @return string the film's address
     *
     * @throws UnusableFilm
     */
    public function take(UploadedFile $file): string
    {
        $name = mb_scrub($file->getClientOriginalName());
        if (! $file->isValid() || (int) $file->getSize() > self::MOST_BYTES) {
            throw UnusableFilm::tooHeavy($name, self::MOST_BYTES);
        }
        $bytes = (string) file_get_contents($file->getPathname());
        $ending = self::KINDS[(new \finfo(FILEINFO_MIME_TYPE))->buffer($bytes)] ?? throw UnusableFilm::ofKind($name);

        return $this->files->put('The film', 'film', $ending, $bytes);
    }
}
