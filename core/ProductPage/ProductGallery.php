<?php

declare(strict_types=1);

namespace Ikat\Core\ProductPage;

use Ikat\Core\Grid\SetParts;
use Ikat\Core\Header\Lines;
use Ikat\Core\Look\ResolvedLook;

/** Where the pictures of a product's page stand, with its films and what goes through them. All lengths in px. */
final readonly class ProductGallery
{
    /** Height by width of a film, as its element says before anything of it is loaded. */
    private const FILM = 55 / 64;

    /** Px over the words where there is no picture. */
    private const NO_PICTURE = 300.0;

    /** Share of the strip that one of its pictures is wide. */
    private const IN_STRIP = 0.88;

    public function __construct(private SetParts $set, private ResolvedLook $look) {}

    /**
     * @param float $x where it begins
     * @param float $y the same
     * @param float $wide its width
     *
     * @return array{list<array{x: float, y: float, width: float, height: float}>, float} each picture and film, and the height of all
     */
    public function stand(ShownProduct $product, float $x, float $y, float $wide): array
    {
        $way = $this->look->text('product.pictures');
        $count = count($product->pictures);
        $films = $this->look->text('product.video') === 'none' ? [] : $product->films;
        $several = $count + count($films) > 1;
        $style = $this->set->style('pictures') ?? [];
        $gap = $this->set->pair($style['gap'] ?? '0')[0];
        $thumbs = $way === 'strip' && $several && $count > 1 ? $this->set->style('thumbs') : null;
        $beside = $thumbs !== null && $this->look->text('product.thumbs') === 'beside'
            && count($this->set->sides($this->set->style('gallery')['grid-template-columns'] ?? '1fr')) === 2;
        $own = $thumbs === null ? [0.0, 0.0] : $this->thumbs($thumbs, $count, $wide, $beside);
        $between = $this->set->pair($this->set->style('gallery')['gap'] ?? '0')[0];
        $room = $beside ? max(1.0, $wide - $own[0] - $between) : $wide;
        $left = $beside ? $x + $own[0] + $between : $x;
        $each = match (true) {
            $several && $way === 'beside' => ($room - $gap) / 2,
            $several && $way === 'strip' => self::IN_STRIP * $room,
            default => $room,
        };
        $border = 2 * $this->set->border($this->set->style('picture') ?? []);
        $inner = $each - $border;
        $heights = array_map(static fn(float $proportion): float => $inner / max(0.01, $proportion) + $border, $product->pictures);
        $heights = $heights === [] ? [self::NO_PICTURE + $border] : $heights;
        $ofFilms = array_map(
            fn(bool $isShown): float => ($isShown ? self::FILM * $inner : 0.0) + $border + $this->filmNote(),
            $films,
        );
        $heights = $this->look->text('product.video') === 'first' ? [...$ofFilms, ...$heights] : [...$heights, ...$ofFilms];
        [$boxes, $tall] = match (true) {
            $several && $way === 'strip' => $this->inStrip($heights, $left, $y, $each, $gap),
            $several && $way === 'beside' => $this->sideBySide($heights, $left, $y, $each, $gap),
            default => $this->stacked($heights, $left, $y, $each, $gap),
        };
        if ($several && $way === 'strip') {
            $tall += $this->set->px($style['padding-bottom'] ?? '0') ?? 0.0;
        }

        return [$boxes, $beside ? max($tall, $own[1]) : $tall + ($thumbs === null ? 0.0 : $between + $own[1])];
    }

    private function filmNote(): float
    {
        return $this->set->style('film-note') === null
            ? 0.0
            : $this->set->letters('film-note')[2] + 2 * $this->set->pair($this->set->style('film-note')['padding'] ?? '0')[0];
    }

    /**
     * @param array<string, string> $style of what goes through the pictures
     *
     * @return array{float, float} width and height
     */
    private function thumbs(array $style, int $count, float $wide, bool $isDown): array
    {
        $gap = $this->set->pair($style['gap'] ?? '0')[0];
        $within = $this->set->pair($this->set->style('thumb-list')['gap'] ?? '0')[0];
        $side = $this->set->px($this->set->style('thumb')['width'] ?? '0') ?? 0.0;
        $turn = $this->set->icon('turn', false) + 2 * ($this->set->px($this->set->style('turn')['padding'] ?? '0') ?? 0.0);
        if ($isDown) {
            return [max($side, $turn), $count * $side + ($count - 1) * $within + 2 * ($turn + $gap)];
        }
        $lines = count(Lines::of(array_fill(0, $count, $side), $within, max($side, $wide - 2 * ($turn + $gap))));

        return [$wide, max($turn, $lines * $side + ($lines - 1) * $within)];
    }

    /**
     * @param non-empty-list<float> $heights
     *
     * @return array{list<array{x: float, y: float, width: float, height: float}>, float}
     */
    private function stacked(array $heights, float $x, float $y, float $width, float $gap): array
    {
        $boxes = [];
        $begins = $y;
        foreach ($heights as $height) {
            $boxes[] = ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height];
            $y += $height + $gap;
        }

        return [$boxes, $y - $gap - $begins];
    }

    /**
     * Two to a row, which is as tall as the taller.
     *
     * @param non-empty-list<float> $heights
     *
     * @return array{list<array{x: float, y: float, width: float, height: float}>, float}
     */
    private function sideBySide(array $heights, float $x, float $y, float $width, float $gap): array
    {
        $boxes = [];
        $begins = $y;
        foreach (array_chunk($heights, 2) as $row) {
            foreach ($row as $i => $height) {
                $boxes[] = ['x' => $x + $i * ($width + $gap), 'y' => $y, 'width' => $width, 'height' => $height];
            }
            $y += max($row) + $gap;
        }

        return [$boxes, $y - $gap - $begins];
    }

    /**
     * One after another, most of them beyond its end.
     *
     * @param non-empty-list<float> $heights
     *
     * @return array{list<array{x: float, y: float, width: float, height: float}>, float}
     */
    private function inStrip(array $heights, float $x, float $y, float $width, float $gap): array
    {
        $boxes = [];
        foreach ($heights as $i => $height) {
            $boxes[] = ['x' => $x + $i * ($width + $gap), 'y' => $y, 'width' => $width, 'height' => $height];
        }

        return [$boxes, max($heights)];
    }
}
