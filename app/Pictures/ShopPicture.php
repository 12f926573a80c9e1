<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use App\Models\Product;

/** A picture as pages show it. A release keeps these, so that a replaced picture changes nothing that is live. */
final readonly class ShopPicture
{
    /**
     * @param list<int> $widths px, smallest first
     * @param list<string> $formats endings besides webp, the preferred first
     */
    private function __construct(
        public string $base,
        public array $widths,
        public array $formats,
        public int $width,
        public int $height,
        public string $alt,
        public int $focusX,
        public int $focusY,
        public bool $vector = false,
        public bool $isCutOut = false,
    ) {}

    public static function of(Picture $picture): self
    {
        return new self(
            $picture->base,
            $picture->widths,
            $picture->formats ?? [],
            $picture->width,
            $picture->height,
            $picture->alt,
            $picture->focus_x,
            $picture->focus_y,
            (bool) ($picture->facts['vector'] ?? false),
            $picture->foundObject()->isCutOut(),
        );
    }

    /** @return list<self> a product's first and all others */
    public static function ofProduct(Product $product): array
    {
        return array_map(
            self::of(...),
            [...$product->picture === null ? [] : [$product->picture], ...array_values($product->morePictures->all())],
        );
    }

    /**
     * All pictures of a product's page: its own, and after them those that only a way of it is shown by.
     *
     * @param array<string, Picture> $ofWays what a way is called => its picture
     *
     * @return array{list<self>, array<string, int>} pictures, and what a way is called => the number of its picture among them
     */
    public static function ofProductInWays(Product $product, array $ofWays): array
    {
        $pictures = self::ofProduct($product);
        $bases = array_column($pictures, 'base');
        $numbers = [];
        foreach ($ofWays as $way => $picture) {
            if (! in_array($picture->base, $bases, true)) {
                $pictures[] = self::of($picture);
                $bases[] = $picture->base;
            }
            $numbers[$way] = (int) array_search($picture->base, $bases, true);
        }

        return [$pictures, $numbers];
    }

    /** Width by height. */
    public function proportion(): float
    {
        return $this->width / max(1, $this->height);
    }

    /** @param array<string, mixed> $row as toArray() gave it */
    public static function fromArray(array $row): self
    {
        return new self(
            $row['base'],
            $row['widths'],
            $row['formats'],
            $row['width'],
            $row['height'],
            $row['alt'],
            $row['focusX'],
            $row['focusY'],
            $row['vector'] ?? false,
            $row['isCutOut'] ?? false,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    public function address(?int $width = null, string $format = 'webp'): string
    {
        return sprintf('%s-%d.%s', $this->base, $width ?? $this->widths[count($this->widths) - 1], $format);
    }

    /** The file a logo shows: the drawing itself where there is one, sharp at any size. */
    public function sharpest(): string
    {
        return $this->vector ? "$this->base.svg" : $this->address();
    }

    public function smallest(): string
    {
        return $this->address($this->widths[0]);
    }

    public function addresses(string $format = 'webp'): string
    {
        return implode(', ', array_map(fn(int $w): string => $this->address($w, $format)." {$w}w", $this->widths));
    }

    /** Classes that keep its point of interest in sight; inline styles are not allowed in the shop. */
    public function focus(): string
    {
        return $this->focusX === 50 && $this->focusY === 50
            ? ''
            : sprintf('fx-%d fy-%d', 5 * round($this->focusX / 5), 5 * round($this->focusY / 5));
    }
}
