<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Models\Picture;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Grid\CardPicture;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\Proportion;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Image\FoundObject;

/** The frame of the cards over all pictures of products, and the one picture that is open in it. */
final class FrameTool
{
    public readonly float $proportion;

    public readonly CardPictures $pictures;

    private ?FrameDrawing $drawing = null;

    private ?float $best = null;

    /** @param int $asked id of the picture that is to be open; 0 for the one that loses most */
    public function __construct(Inspection $inspection, private readonly int $asked)
    {
        $this->pictures = $inspection->get(CardPictures::class);
        $this->proportion = $inspection->get(ShelfSolver::class)->look->proportion;
    }

    public function drawing(): FrameDrawing
    {
        return $this->drawing ??= new FrameDrawing($this->pictures, $this->proportion);
    }

    /** What it comes to, in words. */
    public function told(): string
    {
        return sprintf(
            '%s cuts off %d%% on average, and into the thing on %d of %d pictures',
            Proportion::words($this->proportion),
            round(100 * $this->cut($this->proportion)),
            $this->pictures->frames->thingsCut($this->proportion),
            count($this->pictures->pictures),
        );
    }

    /** The picture that is open: the one asked for, or the one that loses most. */
    public function picture(): ?CardPicture
    {
        $asked = array_filter($this->pictures->pictures, fn(CardPicture $p): bool => $p->id === $this->asked);

        return reset($asked) ?: $this->drawing()->worst()[0] ?? null;
    }

    /** The proportion that cuts least; null without any picture. */
    public function best(): ?float
    {
        return $this->best ??= $this->pictures->frames->best();
    }

    /** Share of the pictures that a frame cuts off on average, 0..1. */
    public function cut(float $frame): float
    {
        return $this->pictures->frames->cut($frame);
    }

    /** Where a thing stands by hand, as the Storeroom writes it. */
    public function thingByHand(FoundObject $thing): string
    {
        return implode(' ', array_map(
            static fn(float $share): int => (int) round(100 * $share),
            [$thing->left, $thing->top, $thing->right, $thing->bottom],
        ));
    }

    /** Whether a picture was another one before, which can be brought back. */
    public function hasEarlierFile(int $picture): bool
    {
        return Picture::query()->whereKey($picture)->whereNotNull('before')->exists();
    }

    /** @return array{?CardPicture, ?CardPicture} before and after the open one, in the order of the products */
    public function beside(): array
    {
        $all = $this->pictures->pictures;
        $at = (int) array_search($this->picture()?->id, array_column($all, 'id'), true);

        return [$all[$at - 1] ?? null, $all[$at + 1] ?? null];
    }

    /**
     * What points every picture so that the frame cuts least into its thing, as cells of the Storeroom.
     *
     * @return list<array{int, string, string, string}> picture, column, percent, and what stood there
     */
    public function pointed(): array
    {
        $cells = [];
        foreach ($this->pictures->pictures as $picture) {
            $framed = $picture->framed;
            if (! $framed->isThingCut($this->proportion)) {
                continue;
            }
            [$x, $y] = $framed->bestFocus($this->proportion);
            foreach ([['focus_x', $x, $framed->focusX], ['focus_y', $y, $framed->focusY]] as [$column, $to, $was]) {
                if ($to !== $was) {
                    $cells[] = [$picture->id, $column, (string) (int) $to, (string) (int) $was];
                }
            }
        }

        return $cells;
    }
}
