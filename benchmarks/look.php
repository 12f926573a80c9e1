<?php

declare(strict_types=1);

// Resolve and compile a full look; and the whole check on top of a kept reach index.
use App\Looks\LookDesk;
use App\Looks\ReachDesk;
use App\Models\Look;
use App\Shop\CurrentStore;
use Ikat\Core\Check\Checks;
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

foreach ([
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
    printf("%-28s %6.2f ms median, %.2f ms p95\n", $what, $times[30], $times[57]);
}
