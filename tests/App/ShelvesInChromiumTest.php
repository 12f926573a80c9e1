<?php

declare(strict_types=1);

namespace Tests\App;

use App\Fonts\FontFiles;
use App\Inspection\Inspector;
use App\Looks\LookReader;
use App\Models\Category;
use App\Models\Product;
use App\Storefront\ProductInWords;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Grid\CardLines;
use Ikat\Core\Grid\CategoryParts;
use Ikat\Core\Grid\PlacedCard;
use Ikat\Core\Grid\Proportion;
use Ikat\Core\Grid\ShelfArranger;
use Ikat\Core\Grid\ShelfForm;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Type\TextSteps;
use Illuminate\Support\Collection;

/** What is reckoned of shelves against Chromium, which lays the real templates and stylesheets out. */
final class ShelvesInChromiumTest extends AppTestCase
{
    use LaidOut;

    private const SHELVES = 500;

    private const ARRANGED = 160;

    private const BESIDE = 60;

    /** Px that widths may differ by, and where the end of a line may be seen elsewhere. */
    private const NEAR = 0.5;
    private const TALL = 2.0;
    private const EDGE = 0.3;

    public function testShelvesStandAsReckoned(): void
    {
        mt_srand(15);
        $goods = Product::query()->with(['picture', 'morePictures'])->orderBy('id')->get();
        $families = self::families($goods->pluck('name')->all());
        $families = array_slice(array_values(array_diff($families, ['caveat'])), 0, 12);
        $samples = $expected = [];
        for ($i = 0; $i < self::SHELVES / 2; $i++) {
            $widths = [mt_rand(320, 900), mt_rand(700, 1920)];
            [$samples[], $expected[]] = $this->sample($goods->shuffle(mt_rand())->take(mt_rand(1, 26))->values(), [
                'grid.columns.phone' => (float) mt_rand(1, 3), 'grid.columns.tablet' => (float) mt_rand(2, 4),
                'grid.columns.desktop' => (float) mt_rand(2, 6), 'grid.gap' => 2.0 * mt_rand(2, 32),
                'page.width' => 10.0 * mt_rand(90, 160),
                'card.space' => (float) mt_rand(0, 3) * 8, 'grid.last' => self::one(array_keys(ShelfLook::LAST)),
                'card.name.size' => (float) mt_rand(13, 26), 'type.third.family' => self::one($families),
            ], $widths);
        }
        $off = [];
        foreach ($this->inChromium('shelves', $samples) as $i => $measured) {
            foreach ($measured as $n => $it) {
                $one = $expected[$i][$n];
                $differs = array_filter([
                    'columns' => $it['columns'] !== min($one['columns'], $one['count']),
                    'rows' => $it['rows'] !== $one['rows'],
                    'in the last' => $it['inLast'] !== $one['inLast'],
                    'card' => $one['rows'] > 1 && abs($it['card'] - $one['card']) > self::NEAR,
                    'card of the last row' => abs($it['lastCard'] - $one['lastCard']) > self::NEAR,
                    'room' => abs($it['room'] - $one['room']) > self::NEAR,
                    'over' => $it['over'],
                    'lines' => array_filter(
                        $it['lines'],
                        static fn(int $lines, int $k): bool => ! in_array(min($lines, TextSteps::MOST), $one['lines'][$k], true),
                        ARRAY_FILTER_USE_BOTH,
                    ) !== [],
                ]);
                if ($differs !== []) {
                    $off[] = [array_keys($differs), $one, $it, $samples[$i]['changes'], $samples[$i]['widths'][$n]];
                }
            }
        }
        self::assertSame([], $off, sprintf('%d of %d differ.', count($off), self::SHELVES));
    }

    /** Words beside a picture, or below it where there is no room: how wide and tall the picture is, and how tall the card. */
    public function testWordsStandBesideTheirPicturesAsReckoned(): void
    {
        mt_srand(17);
        $goods = Product::query()->with(['picture', 'morePictures'])->orderBy('id')->get();
        $samples = $expected = [];
        for ($i = 0; $i < self::BESIDE / 2; $i++) {
            $few = $goods->shuffle(mt_rand())->take(mt_rand(1, 9))->values();
            $widths = [mt_rand(320, 900), mt_rand(700, 1920)];
            $order = array_keys(CardLines::ALL);
            shuffle($order);
            $changes = [
                'card.stand' => 'beside', 'grid.columns.phone' => (float) mt_rand(1, 2), 'grid.columns.tablet' => (float) mt_rand(2, 4),
                'grid.columns.desktop' => (float) mt_rand(2, 6), 'card.proportion' => mt_rand(60, 180) / 100,
                'card.space' => (float) mt_rand(0, 3) * 8, 'card.name.size' => (float) mt_rand(13, 26),
                'card.order' => implode(',', $order),
                'card.button' => $i % 2 === 1, 'card.name.lines' => self::one(['all', '1', '2']),
            ];
            [$samples[], $forms] = $this->sample($few, $changes, $widths);
            $expected[] = array_map(fn(array $of): array => [...$of, 'goods' => $few], $forms);
        }
        $off = [];
        foreach ($this->inChromium('shelves', $samples) as $i => $measured) {
            foreach ($measured as $n => $it) {
                $one = $expected[$i][$n];
                foreach ($one['stands'] as $k => [$wide, $tall, $high]) {
                    $differs = array_filter([
                        'width' => abs($it['pictures'][$k][0] - $wide) > self::NEAR,
                        'picture' => abs($it['pictures'][$k][1] - $tall) > self::NEAR,
                        'card' => abs($it['tall'][$k] - $high) > self::TALL,
                    ]);
                    if ($differs !== []) {
                        $off[] = [
                            array_keys($differs), [$wide, $tall, $high], [...$it['pictures'][$k], $it['tall'][$k]],
                            $one['goods'][$k]->name, $samples[$i]['changes'], $samples[$i]['widths'][$n],
                        ];
                    }
                }
            }
        }
        self::assertSame([], array_slice($off, 0, 3), count($off).' cards differ.');
    }

    /** Rows and columns of pictures that keep their proportions: which card stands where, and how wide and tall its picture is. */
    public function testPicturesThatKeepTheirProportionsStandAsReckoned(): void
    {
        mt_srand(16);
        $goods = Product::query()->with(['picture', 'morePictures'])->orderBy('id')->get();
        $samples = $expected = [];
        for ($i = 0; $i < self::ARRANGED / 2; $i++) {
            $widths = [mt_rand(340, 900), mt_rand(700, 1920)];
            [$samples[], $expected[]] = $this->arranged($goods->shuffle(mt_rand())->take(mt_rand(1, 22))->values(), [
                'grid.arrange' => self::one(['rows', 'columns']), 'grid.last' => self::one(array_keys(ShelfLook::LAST)),
                'grid.columns.phone' => (float) mt_rand(1, 3), 'grid.columns.tablet' => (float) mt_rand(2, 4),
                'grid.columns.desktop' => (float) mt_rand(2, 6), 'grid.gap' => 2.0 * mt_rand(2, 32),
                'card.proportion' => mt_rand(60, 180) / 100, 'card.space' => (float) mt_rand(0, 3) * 8,
            ], $widths);
        }
        $off = [];
        foreach ($this->inChromium('arranged', $samples) as $i => $measured) {
            foreach ($measured as $n => $it) {
                [$form, $proportions, $tile, $space] = $expected[$i][$n];
                // Each card as tall as Chromium has it: where it stands is what is asked.
                $tall = static fn(int $k): array => [$it['tall'][$k], 1];
                [$cards] = (new ShelfArranger($form, $tall, $tile, 2 * $space))->place($proportions);
                $first = $it['cards'][0][1];
                $differs = array_filter($cards, static fn(PlacedCard $c, int $k): bool => abs($it['cards'][$k][0] - $c->x) > self::NEAR
                    || abs($it['cards'][$k][2] - $c->width) > self::NEAR || abs($it['cards'][$k][3] - $c->picture) > self::NEAR
                    || abs($it['cards'][$k][1] - $first - $c->y) > self::NEAR, ARRAY_FILTER_USE_BOTH);
                if ($differs !== [] || $it['over']) {
                    $off[] = [json_encode(array_slice($differs, 0, 2, true)), $it, $samples[$i]['changes'], $samples[$i]['widths'][$n]];
                }
            }
        }
        self::assertSame([], array_slice($off, 0, 3), sprintf('%d of %d differ.', count($off), self::ARRANGED));
    }

    /**
     * @param Collection<int, Product> $products
     * @param array<string, mixed> $changes
     * @param list<int> $widths of screens, px
     *
     * @return array{array<string, mixed>, list<array{ShelfForm, list<float>, float, float}>} for each screen the form of the shelf, the
     *     proportions of its pictures, that of a card without one, and the space within a card
     */
    private function arranged(Collection $products, array $changes, array $widths): array
    {
        [$sample] = $this->sample($products, $changes, $widths);
        $at = app(LookReader::class)->trying($this->look(), $changes);
        $look = ShelfLook::of($at->resolved());
        $proportions = array_values($products->map(static fn(Product $p): float => $p->picture === null
            ? $look->proportion
            : Proportion::own($p->picture->width / $p->picture->height))->all());

        return [$sample, array_map(static fn(int $width): array => [
            (new ShelfSolver($look))->at($width), $proportions, $look->proportion,
            $width <= ShelfLook::PHONE ? min(10.0, $look->space) : $look->space,
        ], $widths)];
    }

    /**
     * @param Collection<int, Product> $products
     * @param array<string, mixed> $changes
     * @param list<int> $widths of screens, px
     *
     * @return array{array<string, mixed>, list<array<string, mixed>>}
     */
    private function sample(Collection $products, array $changes, array $widths): array
    {
        $look = $this->look();
        $reader = app(LookReader::class);
        $at = $reader->trying($look, $changes);
        $shop = $this->shop($at, $look->storefront);
        $onward = Category::query()->firstOrFail();
        $shelf = view('shop.parts.shelf', [
            'shop' => $shop, 'products' => $products, 'onward' => ['/category/'.$onward->slug, $onward->name],
        ])->render();
        $inspection = app(Inspector::class)->inspect($look, $at);
        $solver = new ShelfSolver(ShelfLook::of($at->resolved()));
        $fonts = app(FontFiles::class);
        $body = "<main><div class=\"frame\">$shelf</div></main>";

        return [
            [
                'html' => "<!DOCTYPE html><html lang=\"en\"><head></head><body>$body</body></html>",
                'css' => [$reader->themes->stylesheet($at->bare), $at->compiled()->css], 'widths' => $widths, 'changes' => $changes,
            ],
            array_map(static function (int $width) use ($inspection, $solver, $at, $fonts, $products, $shop): array {
                $form = $solver->at($width);
                $page = new ShelfPage(
                    $inspection->get(CategoryParts::class),
                    $at->resolved(),
                    new LineBreaks($fonts->measured(...), $fonts->steps(...)),
                    $inspection->get(CompiledLook::class)->root,
                    $width,
                );
                $count = count($products);
                $inLast = $form->columns - $form->leftOver($count);
                $card = static fn(int $n): float => intdiv($n, $form->columns) === $form->rows($count) - 1
                    ? $form->lastCard($count)
                    : $form->card;

                $words = new ProductInWords($shop);

                return [
                    'stands' => $products->map(static function (Product $p, int $n) use ($page, $form, $card, $words, $at): array {
                        $wide = $form->stand->picture($card($n) - 2 * $page->around());
                        $tall = $wide / (float) $at->resolved()->value('card.proportion');

                        return [$wide, $tall, $page->card($words->onCard($p), $card($n), $tall) - $page->around()];
                    })->all(),
                    'count' => $count, 'columns' => $form->columns, 'rows' => $form->rows($count), 'inLast' => $inLast,
                    'card' => $form->card,
                    'lastCard' => $form->lastCard($count), 'room' => $form->room,
                    'lines' => $products->map(static fn(Product $p, int $n): array => array_map(
                        static fn(float $by): int => $page->linesOfName($p->name, $card($n) + $by),
                        [0.0, -self::EDGE, self::EDGE],
                    ))->all(),
                ];
            }, $widths),
        ];
    }
}
