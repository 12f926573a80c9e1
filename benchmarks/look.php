<?php

declare(strict_types=1);

// Resolve and compile a full look; and the whole check on top of a kept reach index.
use App\Looks\LookDesk;
use App\Looks\ReachDesk;
use App\Models\Look;
use App\Shop\CurrentStore;
use Ikat\Core\Check\CheckInput;
use Ikat\Core\Check\Checks;
use Ikat\Core\Check\Fixes;
use Ikat\Core\Check\Lattice;
use Ikat\Core\Check\MendAll;
use Ikat\Core\Check\PairContrast;
use Ikat\Core\Check\Palette;
use Ikat\Core\Compile\LookCompiler;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
app(CurrentStore::class)->is(1);
$look = Look::query()->with('storefront')->firstOrFail();
$desk = app(LookDesk::class);
$state = $look->ownChanges();
$theme = $desk->theme($look);
$input = app(ReachDesk::class)->input($look);

// The same look with a dark set, a gradient, and faint pairs to mend: what the color desk computes at its fullest.
$full = $look->trying(['dark.on' => true, 'scheme.night.gradient' => 'linear-gradient(135deg, {brand.main} 0%, {brand.second} 100%)', 'scheme.daylight.reduced' => '{brand.accent}', 'scheme.daylight.link' => '#b9b0d8', 'scheme.counter.quiet' => '#8f98a8']);
$made = app(ReachDesk::class)->input($full);
// Findings keep what they computed for one input: each round gets a fresh one.
$fresh = static fn(CheckInput $i): CheckInput => new CheckInput($i->look, $i->theme, $i->compiled, $i->reach, $i->store, $i->logo, $i->underHeader);
$fixed = 0;
$mendEach = static function () use ($made, $fresh, &$fixed): void {
    $input = $fresh($made);
    Lattice::of($input, Palette::sets($input->look, $input->theme));
    $fixes = new Fixes($input);
    $fixed = 0;
    foreach ((new PairContrast())->run($input) as $finding) {
        $fixed += count($fixes->of($finding)) > 0 ? 1 : 0;
    }
};

foreach ([
    'whole lattice, light and dark' => static fn() => Lattice::of($fresh($made), Palette::sets($made->look, $made->theme)),
    'lattice and all fixes' => $mendEach,
    'mend all' => static fn() => MendAll::of($fresh($made)),
    'resolve and compile' => static fn() => LookCompiler::compile($desk->resolveState($look, $state), $theme),
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
