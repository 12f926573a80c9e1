<?php

declare(strict_types=1);

// A file of 100,000 rows looked through and taken in as one edit, and that edit undone: rows a second, and memory, against a tenth of it.

use App\Looks\Author;
use App\Models\CurrentStore;
use App\Models\Store;
use App\Models\User;
use App\Storeroom\StoreWriter;
use App\Storeroom\TakeIn;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Http\UploadedFile;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
app(CurrentStore::class)->is(1);

$timed = static function (string $what, int $rows, callable $work): void {
    memory_reset_peak_usage();
    $begun = hrtime(true);
    $work();
    $seconds = (hrtime(true) - $begun) / 1e9;
    printf("%-28s %7d rows %7.1f s %7.0f rows/s, at most %.0f MB\n", $what, $rows, $seconds, $rows / $seconds, memory_get_peak_usage() / 1048576);
};
foreach ([10_000, 100_000] as $rows) {
    $path = tempnam(sys_get_temp_dir(), 'goods');
    $out = fopen($path, 'wb');
    fputcsv($out, ['name', 'price', 'cost', 'stock', 'category', 'description'], ',', '"', '');
    for ($i = 0; $i < $rows; $i++) {
        fputcsv($out, ["Rope number $rows-$i", number_format(5 + $i % 90, 2), '2.50', (string) ($i % 40), 'Candles', 'Laid by hand, cut to length.'], ',', '"', '');
    }
    fclose($out);
    $take = app(TakeIn::class);
    $store = Store::query()->findOrFail(1);
    $file = $take->begin(new UploadedFile($path, 'goods.csv', test: true), RecordKinds::all($store->zone())[RecordKinds::GOODS], User::query()->firstOrFail());
    $timed('looked through', $rows, static fn() => $take->look($file, $store));
    $timed('taken in', $rows, static fn() => $take->take($file, $store, new Author('Bench')));
    $timed('undone', $rows, static fn() => app(StoreWriter::class)->undo($store, new Author('Bench')));
    $file->forget();
}
