<?php

declare(strict_types=1);

namespace App\Console;

use App\Demo\DemoStore;
use App\Models\Store;
use Illuminate\Console\Command;

/** Loads the demo store, into an empty database only. */
final class DemoLoad extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Load the demo store into an empty database';

    public function handle(DemoStore $demo): int
    {
        if (Store::query()->exists()) {
            $this->line('The database has a store already; it is left as it is.');

            return self::SUCCESS;
        }
        $pictures = public_path('pictures/1/pictures.json');
        if (! is_file($pictures)) {
            $this->error('The pictures are not drawn yet. Run: node demo/draw/draw.mjs public/pictures/1');

            return self::FAILURE;
        }
        $store = $demo->fill(
            require base_path('demo/storeroom.php'),
            (string) file_get_contents(base_path('demo/products.json')),
            (string) file_get_contents($pictures),
        );
        $this->line("Loaded $store->name.");

        return self::SUCCESS;
    }
}
