<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Models\Product;
use App\Pictures\ShopPicture;
use Ikat\Core\Grid\ShelfForm;
use Ikat\Core\Grid\ShelfGoods;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Look\ResolvedLook;

/** A card at true size: its picture with labels where they stand, and each of its lines as tall as it is. All lengths in px. */
final readonly class CardDrawing
{
    /** Beside the card, for marks of its lines on the left, and of sizes on the right. */
    public const LEFT = 92.0;
    public const RIGHT = 84.0;
    public const TOP = 6.0;

    public float $around;

    /** Width of the picture, and its height. */
    public float $inner;

    public float $picture;

    /** Where the words begin, from the left edge of the card, and how wide they may be. */
    public float $wordsLeft;

    public float $words;

    /** @var array<string, array{y: float, height: float}> by key of CardLines, those that show */
    public array $lines;

    /** @var list<array{words: string, box: array{float, float, float, float}}> labels: x, y, width and height of each within the picture */
    public array $labels;

    public float $height;

    /** Lines of the name, as many as show, and whether more would. */
    public int $nameLines;

    public bool $isNameCut;

    /** @param list<string> $labels words of each */
    public function __construct(
        ShelfPage $page,
        ResolvedLook $look,
        public ShelfForm $form,
        public Product $product,
        ShelfGoods $goods,
        array $labels,
    ) {
        $this->around = $page->around();
        $room = $form->card - 2 * $this->around;
        $this->inner = $form->stand->picture($room);
        $this->picture = $this->inner / max(0.01, (float) $look->value('card.proportion'));
        $this->words = $form->stand->words($room);
        $this->wordsLeft = $this->around + $room - $this->words;
        $this->height = $page->card($goods, $form->card, $this->picture);
        $heights = $page->lines($goods, $form->card);
        $y = $form->stand->splits($room) ? $this->around : $this->height - $this->around - array_sum($heights);
        $lines = [];
        foreach ($heights as $key => $height) {
            $lines[$key] = ['y' => $y, 'height' => $height];
            $y += $height;
        }
        $this->lines = $lines;
        $all = $page->linesOfName($goods->name, $form->card);
        $this->nameLines = min($all, $page->mostLines());
        $this->isNameCut = $all > $this->nameLines;
        $boxes = $page->labels(
            $labels,
            $this->inner,
            $this->picture,
            $look->text('card.label.across') === 'end' ? 'end' : 'start',
            $look->text('card.label.down') === 'bottom' ? 'bottom' : 'top',
        );
        $this->labels = array_map(static fn(string $w, array $box): array => ['words' => $w, 'box' => $box], $labels, $boxes);
    }

    public function width(): float
    {
        return self::LEFT + $this->form->card + self::RIGHT;
    }

    public function shown(): ?ShopPicture
    {
        return $this->product->picture === null ? null : ShopPicture::of($this->product->picture);
    }
}
