<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use Illuminate\Contracts\Cache\Repository;

/** What the files of pictures weigh, and what they would weigh encoded better. */
final class PictureFiles
{
    public const BEST = 'avif';

    /** px of the smallest file that is made. */
    private const PHONE = PictureIntake::WIDTHS[0];

    private const SECONDS = 30 * 86_400;

    public function __construct(private readonly string $public, private readonly Repository $cache) {}

    /** @return non-empty-array<int, int> width => bytes of the file that a browser loads, smallest first; 0 where it is not there */
    public function bytes(Picture $picture): array
    {
        $format = ($picture->formats ?? [])[0] ?? 'webp';
        $bytes = array_combine($picture->widths, array_map(
            fn(int $width): int => (int) @filesize("$this->public$picture->base-$width.$format"),
            $picture->widths,
        ));
        assert($bytes !== []);

        return $bytes;
    }

    /** @return ?int bytes of a file of the shop; null where it is not there */
    public function bytesAt(string $address): ?int
    {
        return @filesize($this->public.$address) ?: null;
    }

    /** Whether it can be encoded better than it is. */
    public static function canBeLighter(Picture $picture): bool
    {
        return function_exists('imageavif') && ! in_array(self::BEST, $picture->formats ?? [], true);
    }

    /**
     * Those of some pictures that can be.
     *
     * @param list<int> $ids
     *
     * @return list<int> ids
     */
    public static function lightenable(array $ids): array
    {
        $pictures = Picture::query()->whereKey($ids)->orderBy('id')->get(['id', 'formats'])->filter(self::canBeLighter(...));

        return array_map(intval(...), array_values($pictures->modelKeys()));
    }

    /**
     * What a phone loads of a picture, and what it would load were it encoded anew: it was really encoded, as wide as a phone's card.
     *
     * @return array{now: int, then: int} bytes; the same where nothing is saved
     */
    public function lighter(Picture $picture): array
    {
        return $this->cache->remember("lighter $picture->base", self::SECONDS, function () use ($picture): array {
            $width = $picture->widths[0];
            $now = $this->bytes($picture)[$width];
            $image = $now === 0 ? false : @imagecreatefromwebp("$this->public$picture->base-$width.webp");
            $small = $image === false || $width <= self::PHONE ? $image : imagescale($image, self::PHONE, -1, IMG_BICUBIC_FIXED);
            $then = $small === false ? $now : strlen(PictureIntake::encoded($small, self::BEST));

            return ['now' => $now, 'then' => min($now, $then)];
        });
    }
}
