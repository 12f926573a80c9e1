<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/** The pictures that cards show, of the first products of a storefront: whoever inspects supplies them. */
final readonly class CardPictures implements Measurement
{
    public FrameFor $frames;

    /**
     * @param list<CardPicture> $pictures each once, by the first product it belongs to
     * @param int $without products that have none
     */
    public function __construct(public array $pictures = [], public int $without = 0)
    {
        $this->frames = new FrameFor(array_map(static fn(CardPicture $p): FramedPicture => $p->framed, $pictures));
    }

    /** An empty store: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self();
    }
}
