<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Models\Product;
use App\Pictures\ShopPicture;
use Ikat\Core\Grid\LabelFacts;
use Ikat\Core\Grid\LabelRules;
use Ikat\Core\Grid\ShelfForm;
use Ikat\Core\Grid\ShelfGoods;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Look\ResolvedLook;

/** A phone's card at true size: its picture with labels where they stand, and each line below it as tall as it is. All lengths in px. */
final readonly class CardDrawing
{
    /** Beside the card, for marks of its lines on the left, and of sizes on the right. */
    public const LEFT = 92.0;
    public const RIGHT = 84.0;
    public const TOP = 6.0;

    public float $around;

    public float $picture;

    /** @var array<string, array{y: float, height: float}> by key of CardLines, those that show */
    public array $lines;

    /** @var list<array{words: string, box: array{float, float, float, float}}> labels: x, y, width and height of each within the picture */
    public array $labels;

    public float $height;

    public function __construct(ShelfPage $page, ResolvedLook $look, public ShelfForm $form, public Product $product)
    {
        $this->around = $page->around();
        $inner = $form->card - 2 * $this->around;
        $this->picture = $inner / max(0.01, (float) $look->value('card.proportion'));
        $goods = new ShelfGoods(
            $product->name,
            $product->note,
            $product->rating !== null && $product->shows_rating,
            ! $product->isSoldOut(),
        );
        $y = $this->around + $this->picture;
        $lines = [];
        foreach ($page->lines($goods, $form->card) as $key => $height) {
            $lines[$key] = ['y' => $y, 'height' => $height];
            $y += $height;
        }
        $this->lines = $lines;
        $this->height = $y + $this->around;
        $words = $look->value('card.label') === true
            ? (new LabelFacts($product->stock, $product->priceOf(), $product->added_on, $product->label, now()))
                ->words(LabelRules::of($look->value(...)))
            : [];
        $boxes = $page->labels(
            $words,
            $inner,
            $this->picture,
            $look->text('card.label.across') === 'end' ? 'end' : 'start',
            $look->text('card.label.down') === 'bottom' ? 'bottom' : 'top',
        );
        $this->labels = array_map(static fn(string $w, array $box): array => ['words' => $w, 'box' => $box], $words, $boxes);
    }

    public function width(): float
    {
        return self::LEFT + $this->form->card + self::RIGHT;
    }

    /** Width of the picture. */
    public function inner(): float
    {
        return $this->form->card - 2 * $this->around;
    }

    public function shown(): ?ShopPicture
    {
        return $this->product->picture === null ? null : ShopPicture::of($this->product->picture);
    }
}
