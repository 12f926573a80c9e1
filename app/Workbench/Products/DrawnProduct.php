<?php

declare(strict_types=1);

namespace App\Workbench\Products;

use App\Inspection\Inspector;
use App\Looks\LookReader;
use App\Models\Product;
use App\Pictures\PictureFiles;
use App\Pictures\ShopPicture;
use App\Storefront\ProductInWords;
use App\Workbench\Shell\Bench;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Header\TopOfPage;
use Ikat\Core\ProductPage\DownToButton;
use Ikat\Core\ProductPage\ProductBlocks;
use Ikat\Core\ProductPage\ProductPage;
use Ikat\Core\ProductPage\ShownProduct;
use Ikat\Core\ProductPage\StandingProduct;
use Ikat\Core\Setting\Type\OrderType;

/** The page of one product on three screens: where its blocks stand, and what would bring the button nearer. */
final class DrawnProduct
{
    /** Screens by which a way must bring the button nearer to be offered. */
    private const NEARER = 0.1;

    private readonly ShownProduct $words;

    private readonly ProductInWords $inWords;

    /** @var ?array<string, StandingProduct> */
    private ?array $standing = null;

    private ?ProductDrawing $drawing = null;

    /** @var ?list<array{words: string, told: string, changes: array<string, bool|string>}> */
    private ?array $ways = null;

    /** @param Product $product with its pictures and category */
    public function __construct(private readonly Bench $bench, private readonly ScreenPages $pages, public readonly Product $product)
    {
        $this->inWords = new ProductInWords($bench->shop());
        $this->words = $this->inWords->of($product);
    }

    /** @return array<string, StandingProduct> by device */
    public function standing(): array
    {
        if ($this->standing !== null) {
            return $this->standing;
        }
        $others = $this->inWords->others($this->product);
        $inspection = $this->bench->inspection();
        $solver = $inspection->get(ShelfSolver::class)->alone();
        $top = $inspection->get(TopOfPage::class);
        $standing = [];
        foreach (ScreenPages::SCREENS as $device => $screen) {
            $form = $solver->at((float) $screen[0]);
            $standing[$device] = ProductPage::of($inspection, $screen)->stand(
                $this->words,
                $top->at((float) $screen[0])['height'],
                $form->room,
                $this->pages->on($device)->rows($others, $form),
            );
        }

        return $this->standing = $standing;
    }

    public function drawing(): ProductDrawing
    {
        return $this->drawing ??= new ProductDrawing($this->standing()['desktop'], $this->standing()['phone']);
    }

    /** @return list<ShopPicture> */
    public function pictures(): array
    {
        return ShopPicture::ofProductInWays($this->product, $this->product->picturesOfWays())[0];
    }

    /** Screens of a phone down to the button; null where it cannot be bought. */
    public function onPhone(): ?float
    {
        return $this->standing()['phone']->screensToBuy();
    }

    /** How far down all that are looked at can be bought. */
    public function down(): DownToButton
    {
        return $this->bench->inspection()->get(DownToButton::class);
    }

    /**
     * What would bring the button nearer on a phone.
     *
     * @return list<array{words: string, told: string, changes: array<string, bool|string>}> the nearest first
     */
    public function ways(): array
    {
        return $this->ways ??= $this->nearer();
    }

    /** @return list<array{words: string, told: string, changes: array<string, bool|string>}> */
    private function nearer(): array
    {
        $now = $this->onPhone();
        if ($now === null || $now === 0.0) {
            return [];
        }
        $look = $this->bench->inspection()->look;
        $order = OrderType::whole($look->text('product.order'), ProductBlocks::ALL);
        $first = ['price', 'buy'];
        $tried = [
            ['the button at the foot', ['product.button.stays' => true]],
            ['price and button first', ['product.order' => implode(',', [...$first, ...array_diff($order, $first)])]],
            ['pictures in a strip', ['product.pictures' => 'strip']],
            ['choices as a list', ['product.options' => 'list']],
        ];
        $ways = [];
        foreach ($tried as [$words, $changes]) {
            $isSo = static fn(bool|string $value, string $path): bool => $look->value($path) === $value;
            if (array_filter($changes, $isSo, ARRAY_FILTER_USE_BOTH) === $changes) {
                continue;
            }
            $screens = $this->screensWith($changes);
            if ($screens !== null && $screens < $now - self::NEARER) {
                $ways[] = [$screens, [
                    'words' => $words, 'told' => $screens === 0.0 ? 'always in sight' : number_format($screens, 1).' screens',
                    'changes' => $changes,
                ]];
            }
        }
        usort($ways, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ways, 1);
    }

    /** @param array<string, bool|string> $changes */
    private function screensWith(array $changes): ?float
    {
        $at = app(LookReader::class)->trying($this->bench->look, $changes);

        return ProductPage::on(app(Inspector::class)->inspect($this->bench->look, $at), DownToButton::PHONE)($this->words)->screensToBuy();
    }

    /** @return ?int bytes of its film; null where it has none of its own */
    public function filmBytes(): ?int
    {
        return $this->product->video === null ? null : app(PictureFiles::class)->bytesAt($this->product->video);
    }
}
