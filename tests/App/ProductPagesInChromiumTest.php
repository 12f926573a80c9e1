<?php

declare(strict_types=1);

namespace Tests\App;

use App\Fonts\FontFiles;
use App\Inspection\Inspector;
use App\Looks\LookReader;
use App\Models\Product;
use App\Storefront\ProductInWords;
use App\Storefront\ShopPages;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Grid\ShelfGoods;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\ProductPage\ProductBlocks;
use Ikat\Core\ProductPage\ProductPage;
use Ikat\Core\ProductPage\ProductParts;

/** What is reckoned of a product's page against Chromium, which lays the real templates and stylesheets out. */
final class ProductPagesInChromiumTest extends AppTestCase
{
    use LaidOut;

    private const PAGES = 40;

    /** Px that a block's top, width or height may differ by; most differ by less than 1. */
    private const NEAR = 4.0;

    public function testBlocksStandAsReckoned(): void
    {
        mt_srand(6);
        $goods = Product::query()->with(['picture', 'morePictures', 'category'])->orderBy('id')->get();
        $samples = $expected = [];
        for ($i = 0; $i < self::PAGES; $i++) {
            $order = array_keys(ProductBlocks::ALL);
            shuffle($order);
            $widths = [mt_rand(340, 700), mt_rand(700, 1100), mt_rand(1100, 1800)];
            $product = $i < 4 ? $goods->firstWhere('slug', 'heron-folding-lantern') : $goods[mt_rand(0, count($goods) - 1)];
            [$samples[], $expected[]] = $this->sample($product, [
                'product.pictures' => self::one(['stacked', 'strip', 'beside']), 'product.thumbs' => self::one(['none', 'below', 'beside']),
                'product.proportion' => (float) mt_rand(35, 65), 'product.name.size' => (float) mt_rand(24, 60),
                'product.button.wide' => mt_rand(0, 1) === 1, 'product.now' => mt_rand(0, 1) === 1,
                'product.button.stays' => mt_rand(0, 3) === 0, 'product.quantity' => mt_rand(0, 3) > 0,
                'product.options' => self::one(['buttons', 'swatches', 'list']),
                'product.saving' => self::one(['none', 'percent', 'amount']),
                'product.video' => self::one(['none', 'first', 'last']), 'product.order' => implode(',', $order),
            ], $widths);
        }
        $off = [];
        foreach ($this->inChromium('products', $samples) as $i => $measured) {
            foreach ($measured as $n => $it) {
                $page = $expected[$i][$n];
                $reckoned = [
                    'gallery' => $page->gallery, 'h1' => $page->head, ...$page->blocks,
                ];
                $differs = array_map(static fn(string $part): array => array_filter(
                    self::apart($reckoned[$part], $it[$part] ?? [], match ($part) {
                        'h1' => ['x'],
                        'others' => ['y', 'height'],
                        default => ['x', 'y', 'width', 'height'],
                    }),
                ), array_combine(array_keys($reckoned), array_keys($reckoned)));
                $differs = [...array_filter($differs), ...array_diff_key($it, $reckoned)];
                if ($differs !== []) {
                    $off[] = json_encode([$samples[$i]['slug'], $samples[$i]['widths'][$n], $differs, $samples[$i]['changes']]);
                }
            }
        }
        self::assertSame([], $off, sprintf('%d of %d differ.', count($off), 3 * self::PAGES));
    }

    /**
     * @param array<string, bool|float|string> $changes
     * @param list<int> $widths of screens, px
     *
     * @return array{array<string, mixed>, list<\Ikat\Core\ProductPage\StandingProduct>}
     */
    private function sample(Product $product, array $changes, array $widths): array
    {
        $look = $this->look();
        $reader = app(LookReader::class);
        $at = $reader->trying($look, $changes);
        $shop = $this->shop($at, $look->storefront);
        $html = (new ShopPages($shop))->product($product)->render();
        $main = preg_match('~<main.*</main>~s', $html, $m) === 1 ? $m[0] : '';
        $inspection = app(Inspector::class)->inspect($look, $at);
        $solver = $inspection->get(ShelfSolver::class);
        $fonts = app(FontFiles::class);
        $inWords = new ProductInWords($shop);
        $words = $inWords->of($product);
        $others = $inWords->others($product);

        return [
            [
                'html' => "<!DOCTYPE html><html lang=\"en\"><head></head><body>$main</body></html>",
                'css' => [$reader->themes->stylesheet($at->bare), $at->compiled()->css], 'widths' => $widths, 'changes' => $changes,
                'slug' => $product->slug,
            ],
            array_map(static fn(int $width) => (new ProductPage(
                $inspection->get(ProductParts::class),
                $at->resolved(),
                new LineBreaks($fonts->measured(...), $fonts->steps(...)),
                $inspection->get(CompiledLook::class)->root,
                [$width, 900],
            ))->stand($words, 0.0, $solver->at($width)->room, self::others($inspection, $width, $others)), $widths),
        ];
    }

    /**
     * @param array<string, float> $reckoned
     * @param array<string, float> $seen
     * @param list<string> $sides
     *
     * @return array<string, string> side => reckoned and seen, where they are apart
     */
    private static function apart(array $reckoned, array $seen, array $sides): array
    {
        $apart = [];
        foreach ($sides as $side) {
            if (! isset($seen[$side]) || abs($seen[$side] - $reckoned[$side]) > self::NEAR) {
                $apart[$side] = round($reckoned[$side], 1).' / '.round($seen[$side] ?? -1, 1);
            }
        }

        return $apart;
    }

    /** @param list<ShelfGoods> $others */
    private static function others(Inspection $inspection, int $width, array $others): float
    {
        return ShelfPage::of($inspection, $width)->rows($others, $inspection->get(ShelfSolver::class)->at($width));
    }
}
