<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\DeliveryOffer;
use App\Models\Product;
use App\Pictures\ShopPicture;
use Ikat\Core\Grid\ShelfGoods;
use Ikat\Core\ProductPage\ShownProduct;
use Ikat\Core\Store\RichText;
use Ikat\Core\Store\Variant;

/** A product in the words a shop's page says of it, to reckon with. */
final class ProductInWords
{
    private readonly ShopPages $pages;

    public function __construct(private readonly ShopContext $shop)
    {
        $this->pages = new ShopPages($shop);
    }

    /** @param Product $product with its pictures and category */
    public function of(Product $product): ShownProduct
    {
        $shop = $this->shop;
        [$pictures, $shownBy] = ShopPicture::ofProductInWays($product, $product->picturesOfWays());
        $facts = [];
        foreach ($product->facts ?? [] as $name => $fact) {
            $facts[$shop->say($name)] = $shop->say($fact);
        }
        $options = [];
        foreach ($product->ways()->options as $name => $values) {
            $options[$shop->say($name)] = array_map($shop->say(...), $values);
        }
        $ofWays = array_merge(...array_map(
            static fn(string $way): array => explode(Variant::BETWEEN, $way),
            array_keys($shownBy),
        ));
        $swatches = $shop->text('product.options') !== 'swatches' ? [] : [...array_keys($product->swatches ?? []), ...$ofWays];

        return new ShownProduct(
            $shop->say($product->name),
            $shop->say($product->note),
            [
                $shop->say('Home'), ...$shop->storefront->shows($product->category) ? [$shop->say($product->category->name)] : [],
                $shop->say($product->name),
            ],
            array_map(static fn(array $label): string => $shop->say($label['said'], $label['with']), $shop->labels($product)),
            $product->rating !== null && $product->shows_rating,
            self::price($shop, $product),
            self::saving($shop, $product),
            ! $product->isSoldOut(),
            $this->paragraphs($product),
            $facts,
            $options,
            array_map(static fn(int|string $value): string => $shop->say((string) $value), $swatches),
            array_values($this->pages->waysToSend($product)
                ->map(static fn(DeliveryOffer $o): string => $shop->say($o->name).', '.self::cost($shop, $o))->all()),
            array_map(static fn(ShopPicture $p): float => $p->proportion(), $pictures),
            array_fill(0, (int) ($product->video !== null) + (int) ($product->film_elsewhere !== null), $pictures !== []),
            [
                'add' => $shop->words('say.add'), 'now' => $shop->words('say.now'), 'sent' => $shop->words('say.sent'),
                'gone-words' => $shop->words('say.gone.words'),
            ],
        );
    }

    /** @return list<ShelfGoods> what stands beside it */
    public function others(Product $product): array
    {
        return array_values($this->pages->beside($product)->map(fn(Product $p): ShelfGoods => new ShelfGoods(
            $this->shop->say($p->name),
            $this->shop->say($p->note),
            $p->rating !== null && $p->shows_rating,
            ! $p->isSoldOut(),
            $p->picture === null ? null : $p->picture->width / max(1, $p->picture->height),
            self::price($this->shop, $p),
        ))->all());
    }

    /** @return list<string> */
    private function paragraphs(Product $product): array
    {
        $words = preg_split('/\n\s*\n/', RichText::plain($this->shop->say($product->words))) ?: [];

        return array_values(array_filter($words, static fn(string $paragraph): bool => trim($paragraph) !== ''));
    }

    private static function price(ShopContext $shop, Product $product): string
    {
        $price = $product->priceOf();
        [$least, $most] = $product->ways()->span();
        $shown = $price->plus($least);

        return implode(' ', array_filter([
            $least === $most ? '' : $shop->words('say.from'), $shop->price($shown->at($shop->moment)),
            $shown->isReducedAt($shop->moment) ? $shop->price($shown->regular) : '',
        ]));
    }

    /** What a reduced price saves; empty where that is not said. */
    public static function saving(ShopContext $shop, Product $product): string
    {
        $price = $product->priceOf();
        $way = $shop->text('product.saving');

        $isSaid = in_array($way, ['percent', 'amount'], true) && $price->isReducedAt($shop->moment);

        return ! $isSaid ? '' : strtr($shop->words('say.saving'), [
            ':saved' => $way === 'percent' ? $price->savedAt($shop->moment).'%' : $shop->price($price->regular - $price->at($shop->moment)),
        ]);
    }

    /** What a way to send it costs. */
    public static function cost(ShopContext $shop, DeliveryOffer $offer): string
    {
        $amount = static fn(int $cents): string => $shop->amount($shop->storefront->exchange()->of($cents));

        return $offer->price === 0 ? $shop->words('say.free') : $amount($offer->price)
            .($offer->free_from === null ? '' : ', '.$shop->say('free from :sum', ['sum' => $amount($offer->free_from)]));
    }
}
