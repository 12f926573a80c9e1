<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Category;
use App\Models\Picture;
use App\Models\Product;

final class DemoTest extends AppTestCase
{
    public function testTheShelvesAreFullWithTheFlawsOfARealShop(): void
    {
        self::assertSame(6, Category::query()->count());
        self::assertGreaterThanOrEqual(60, Product::query()->count());
        self::assertGreaterThan(0, Product::query()->whereNull('picture_id')->count());
        self::assertGreaterThan(0, Product::query()->where('stock', 0)->count());
        self::assertGreaterThan(0, Product::query()->reducedAt(now())->count());
        self::assertGreaterThan(0, Product::query()->whereNotNull('label')->count());
        self::assertGreaterThan(1_000_000, Picture::query()->max('bytes'), 'one picture is far too heavy');
        self::assertGreaterThan(
            4,
            Picture::query()->get()->map(static fn(Picture $p): string => (string) round($p->width / $p->height, 2))->unique()->count(),
            'unequal proportions',
        );
        self::assertGreaterThan(50, mb_strlen((string) Product::query()->orderByRaw('length(name) desc')->value('name')));
    }

    public function testTheSameSeedDrawsTheSameBytes(): void
    {
        $folder = sys_get_temp_dir().'/ikat-draw-'.bin2hex(random_bytes(4));
        foreach (["$folder/a" => 1987, "$folder/b" => 1987, "$folder/c" => 7] as $out => $seed) {
            exec(
                sprintf(
                    'node %s %s --only moth-paper-globe --seed %d',
                    escapeshellarg(base_path('demo/draw/draw.mjs')),
                    escapeshellarg($out),
                    $seed,
                ),
                $said,
                $code,
            );
            self::assertSame(0, $code);
        }
        $hash = static fn(string $in): string => (string) hash_file('sha256', "$in/moth-paper-globe-640.webp");
        self::assertSame($hash("$folder/a"), $hash("$folder/b"));
        self::assertNotSame($hash("$folder/a"), $hash("$folder/c"));
        self::assertSame($hash("$folder/a"), (string) hash_file('sha256', public_path('pictures/1/moth-paper-globe-640.webp')));
        exec('rm -r '.escapeshellarg($folder));
    }
}
