<?php

declare(strict_types=1);

namespace App\Console;

use App\Demo\DemoStore;
use App\Models\Store;
use App\Pictures\GdPixels;
use Ikat\Core\Image\ObjectFinder;
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
            self::withObjects((string) file_get_contents($pictures), dirname($pictures)),
        );
        $this->line("Loaded $store->name.");

        return self::SUCCESS;
    }

    /** The same pictures, with what their pixels say of where the thing stands. */
    private static function withObjects(string $pictures, string $folder): string
    {
        $rows = json_decode($pictures, true, 16, JSON_THROW_ON_ERROR);
        foreach ($rows as &$row) {
            $image = imagecreatefromwebp("$folder/{$row['name']}-{$row['widths'][0]}.webp");
            if ($image !== false) {
                imagepalettetotruecolor($image);
                $row['object'] = ObjectFinder::find(new GdPixels($image))->toArray();
            }
        }

        return json_encode($rows, JSON_THROW_ON_ERROR);
    }
}
