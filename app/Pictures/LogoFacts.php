<?php

declare(strict_types=1);

namespace App\Pictures;

use Ikat\Core\Image\Edges;
use Ikat\Core\Image\Margins;
use Ikat\Core\Palette\Ink;
use Ikat\Core\Palette\InkFinder;

/** What is computed once from a picture's pixels, for when it serves as a logo. */
final readonly class LogoFacts
{
    /**
     * @param array{int, int, int, int}|null $trim x, y, width, height of what is drawn; null when it is empty
     * @param list<array{hex: string, share: float, name: string}> $inks
     * @param list<string> $edge colors of its visible edge; empty when it brings its own paper
     * @param list<string> $notes what was done to the file, in words
     */
    private function __construct(
        public int $width,
        public int $height,
        public bool $vector,
        public ?array $trim,
        public array $inks,
        public array $edge,
        public array $notes,
    ) {}

    public static function of(ReadPicture $picture): self
    {
        $pixels = new GdPixels($picture->image);
        $trim = Margins::drawn($pixels);
        $notes = $trim === null ? [...$picture->notes, 'Nothing is drawn on it.'] : $picture->notes;

        return new self(
            $pixels->width(),
            $pixels->height(),
            $picture->svg !== null,
            $trim,
            array_map(
                static fn(Ink $ink): array => ['hex' => $ink->hex, 'share' => round($ink->share, 4), 'name' => $ink->name],
                $trim === null ? [] : InkFinder::in($pixels),
            ),
            Edges::of($pixels),
            $notes,
        );
    }

    /** Of a picture whose file is not there or cannot be read: nothing is known of what is drawn. */
    public static function missing(int $width, int $height): self
    {
        return new self($width, $height, false, null, [], [], ['Its file cannot be read. Bring the logo in again.']);
    }

    /** @param array<string, mixed> $row as toArray() gave it */
    public static function fromArray(array $row): self
    {
        return new self($row['width'], $row['height'], $row['vector'], $row['trim'], $row['inks'], $row['edge'], $row['notes']);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /** Share of the picture's area that is empty margin, 0..1. */
    public function margin(): float
    {
        return $this->trim === null ? 0.0 : 1 - $this->trim[2] * $this->trim[3] / ($this->width * $this->height);
    }

    public function isOneInk(): bool
    {
        return $this->edge !== [] && ($this->inks[0]['share'] ?? 0) > 0.93;
    }
}
