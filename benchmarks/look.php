<?php

declare(strict_types=1);

use App\Inspection\Inspector;
use App\Looks\LookReader;
use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\Product;
use App\Workbench\Header\RiverDrawing;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\LogoMeasures;
use Ikat\Core\Check\Promises;
use Ikat\Core\Check\StoreContents;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Contrast\ContrastFixes;
use Ikat\Core\Contrast\ContrastTable;
use Ikat\Core\Contrast\HeaderBackdrop;
use Ikat\Core\Contrast\PairContrast;
use Ikat\Core\Contrast\RepairAll;
use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\CategoryParts;
use Ikat\Core\Grid\ShelfGoods;
use Ikat\Core\Grid\ShelfHead;
use Ikat\Core\Grid\ShelfPage;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\TopOfPage;
use Ikat\Core\Reach\ReachIndex;

// Resolve and compile a full look; and the whole check on top of a kept reach index.

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
app(CurrentStore::class)->is(1);
$look = Look::query()->with('storefront')->firstOrFail();
$looks = app(LookReader::class);
$state = $look->ownChanges();
$theme = $looks->of($look)->theme();
$input = app(Inspector::class)->inspect($look);

// The same look with a dark set, a gradient, and faint pairs to mend: what the color desk computes at its fullest.
$full = $looks->trying($look, ['dark.on' => true, 'scheme.night.gradient' => 'linear-gradient(135deg, {brand.main} 0%, {brand.second} 100%)', 'scheme.daylight.reduced' => '{brand.accent}', 'scheme.daylight.link' => '#b9b0d8', 'scheme.counter.quiet' => '#8f98a8']);
$made = app(Inspector::class)->inspect($look, $full);
// Findings keep what they computed for one input: each round gets a fresh one.
$fresh = static fn(Inspection $i): Inspection => $i->on($i->look, $i->theme, $i->get(CompiledLook::class), $i->get(ReachIndex::class), $i->get(StoreContents::class), $i->get(HeaderBackdrop::class), $i->get(LogoMeasures::class));
$head = new ShelfHead('', '', [], [], [], [], '', '', null);
$cards = $input->get(CardPictures::class);
$shelves = Product::query()->get()->groupBy('category_id')->map(static fn($of) => $of->map(static fn(Product $p) => new ShelfGoods($p->name, $p->note, true, true))->all())->all();
$fixed = 0;
$mendEach = static function () use ($made, $fresh, &$fixed): void {
    $input = $fresh($made);
    ContrastTable::of($input, SchemeColors::sets($input->look, $input->theme));
    $fixes = new ContrastFixes($input);
    $fixed = 0;
    foreach ((new PairContrast())->run($input) as $finding) {
        $fixed += count($fixes->of($finding)) > 0 ? 1 : 0;
    }
};

foreach ([
    'whole table of pairs, light and dark' => static fn() => ContrastTable::of($fresh($made), SchemeColors::sets($made->look, $made->theme)),
    'table of pairs and all fixes' => $mendEach,
    'mend all' => static fn() => RepairAll::of($fresh($made)),
    'resolve and compile' => static fn() => LookCompiler::compile($looks->of($look)->with($state)->resolved(), $theme),
    'header at 1,601 widths' => static function () use ($input): void {
        $header = HeaderSolver::measure($input);
        for ($width = HeaderSolver::NARROWEST; $width <= HeaderSolver::WIDEST; $width++) {
            $header->at($width);
        }
    },
    'river of the header step' => static fn() => RiverDrawing::of(TopOfPage::measure($input))->blocks(),
    'every shelf on three screens' => static function () use ($input, $shelves, $head): void {
        $solver = ShelfSolver::measure($input);
        foreach ([390, 768, 1280] as $screen) {
            $page = new ShelfPage($input->get(CategoryParts::class), $input->look, $input->get(LineBreaks::class), $input->get(CompiledLook::class)->root, $screen);
            $form = $solver->at($screen);
            foreach ($shelves as $goods) {
                $form->empty(count($goods));
                $page->shelf(0, $head, $goods, $form, 800);
            }
        }
    },
    'the frame over all pictures' => static function () use ($cards): void {
        $cards->frames->best();
        $cards->frames->worst(1.17);
    },
    'promises of a look' => static fn() => iterator_to_array(Promises::judged($input)),
    'check every pair' => static fn() => Checks::run($input),
] as $what => $work) {
    $times = [];
    for ($i = 0; $i < 60; $i++) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf("%-30s %6.2f ms median, %.2f ms p95\n", $what, $times[30], $times[57]);
}
printf("%d findings had fixes\n", $fixed);
