<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Database\Transaction;
use App\Models\CurrentStore;
use App\Models\Picture;
use App\Models\Storefront;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

/** Every change of the store's picture library. Files are written first; only the row that names them is switched. */
final class KeepPicture
{
    /** What belongs to the files of a picture, and is swapped with them. */
    private const FILES = ['base', 'widths', 'formats', 'width', 'height', 'bytes', 'facts', 'object', 'thing'];

    /** px that must be left of either side. */
    private const LEAST_CROP = 32;

    /** How often another name is tried when somebody else was first. */
    private const TRIES = 20;

    public function __construct(
        private readonly PictureIntake $intake,
        private readonly CurrentStore $store,
    ) {}

    /** @throws UnusablePicture */
    public function add(UploadedFile $file, string $alt): Picture
    {
        $wanted = self::wantedName($file->getClientOriginalName());

        return $this->named($wanted, ['alt' => $alt, ...$this->intake->take($file, $this->store->id(), $wanted)]);
    }

    /**
     * The same of a file that has waited for it.
     *
     * @param string $title what the person knows the file by
     * @param ?callable(int): void $watch as PictureIntake::keep takes it
     *
     * @throws UnusablePicture
     */
    public function fromFile(string $path, string $title, string $alt, ?callable $watch = null): Picture
    {
        $wanted = self::wantedName($title);

        return $this->named($wanted, ['alt' => $alt, ...$this->intake->keep(
            PictureReader::read($path, $title),
            $this->store->id(),
            $wanted,
            $watch,
        )]);
    }

    /**
     * A row under the wanted name, or the first free one after it: several people may bring a file of one name at once.
     *
     * @param array<string, mixed> $row
     */
    public function named(string $wanted, array $row): Picture
    {
        for ($try = 1; ; $try++) {
            $name = $this->freeName($wanted);
            try {
                $made = Transaction::run(static fn(): Picture => Picture::query()->create(['name' => $name, ...$row]));
                event(new LibraryChanged());

                return $made;
            } catch (UniqueConstraintViolationException $e) {
                if ($try === self::TRIES) {
                    throw $e;
                }
            }
        }
    }

    /** What a picture is called after its file: small letters, figures and dashes. */
    public static function wantedName(string $file): string
    {
        return Str::slug(mb_substr(pathinfo(mb_scrub($file), PATHINFO_FILENAME), 0, 40)) ?: 'picture';
    }

    /**
     * A picture made from another one: trimmed, or in another color. Made once; asked for again, it is found.
     *
     * @param string $suffix what tells it from the first
     */
    public function derive(Picture $from, string $suffix, ReadPicture $made): Picture
    {
        $name = trim(mb_substr($from->name, 0, 60), '-')."-$suffix";
        $row = $this->intake->keep($made, $this->store->id(), $name);

        return Picture::query()->firstWhere('base', $row['base']) ?? $this->named($name, ['alt' => $from->alt, ...$row]);
    }

    /**
     * Cuts away what is outside a part of the picture, everywhere it stands; bringBack() brings it back.
     *
     * @param array{float, float, float, float} $part left, top, width and height as shares of the whole, each 0..1
     *
     * @throws UnusablePicture when too little would be left, or the picture cannot be opened
     */
    public function crop(Picture $picture, Originals $originals, array $part): void
    {
        $whole = $originals->open($picture->base, $picture->width) ?? throw UnusablePicture::broken($picture->title);
        [$left, $top, $wide, $high] = $part;
        [$w, $h] = [imagesx($whole), imagesy($whole)];
        $box = [
            'x' => (int) round($left * $w), 'y' => (int) round($top * $h), 'width' => (int) round($wide * $w),
            'height' => (int) round($high * $h),
        ];
        if ($box['width'] < self::LEAST_CROP || $box['height'] < self::LEAST_CROP) {
            throw UnusablePicture::tooSmall($picture->title, self::LEAST_CROP);
        }
        $cut = imagecrop($whole, $box) ?: throw UnusablePicture::broken($picture->title);
        imagesavealpha($cut, true);
        $row = $this->intake->keep(new ReadPicture($cut, null, []), $this->store->id(), $picture->name);
        $this->change(fn() => $picture->update(
            [...$row, 'thing' => '', 'focus_x' => 50, 'focus_y' => 50, 'before' => $picture->only(self::FILES)],
        ));
    }

    /**
     * Puts another file in a picture's place, wherever the picture is used.
     *
     * @throws UnusablePicture
     */
    public function replace(Picture $picture, UploadedFile $file): void
    {
        $row = $this->intake->take($file, $this->store->id(), $picture->name);
        $this->change(fn() => $picture->update([...$row, 'thing' => '', 'before' => $picture->only(self::FILES)]));
    }

    /**
     * Encodes a picture anew, as pictures are encoded that are brought today.
     *
     * @return bool whether its file could be opened
     */
    public function encodeAnew(Picture $picture, Originals $originals): bool
    {
        $image = $originals->open($picture->base, $picture->width);
        if ($image === null) {
            return false;
        }
        $row = $this->intake->keep(new ReadPicture($image, null, []), $this->store->id(), $picture->name);
        $this->change(fn() => $picture->update([...$row, 'before' => $picture->only(self::FILES)]));

        return true;
    }

    /** Puts a picture that was made from it in its place. */
    public function put(Picture $picture, ReadPicture $made): void
    {
        $row = $this->intake->keep($made, $this->store->id(), $picture->name);
        $this->change(fn() => $picture->update([...$row, 'thing' => '', 'before' => $picture->only(self::FILES)]));
    }

    /** Brings back what stood there before the last replacement; again, and the replacement is back. */
    public function bringBack(Picture $picture): void
    {
        if ($picture->before !== null) {
            $this->change(fn() => $picture->update([...$picture->before, 'before' => $picture->only(self::FILES)]));
        }
    }

    /** Product pictures are the Storeroom's and live at once, so finished pages of the shop are no longer right. */
    private function change(callable $update): void
    {
        Transaction::run(static function () use ($update): void {
            $update();
            Storefront::query()->increment('content_version');
        });
        event(new LibraryChanged());
    }

    private function freeName(string $wanted): string
    {
        $taken = Picture::withTrashed()->where('name', 'like', "$wanted%")->pluck('name')->all();
        $name = $wanted;
        for ($i = 2; in_array($name, $taken, true); $i++) {
            $name = "$wanted-$i";
        }

        return $name;
    }
}
