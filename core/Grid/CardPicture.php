<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** The first picture of a product. */
final readonly class CardPicture
{
    /**
     * @param int $id of the picture in the library
     * @param string $name of the product
     * @param string $small address of its smallest file
     * @param int $width px of its largest file; $height the same
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $small,
        public int $width,
        public int $height,
        public FramedPicture $framed,
        public LabelFacts $labels,
    ) {}
}
