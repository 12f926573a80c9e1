<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\CurrentStore;
use App\Models\Product;
use App\Storeroom\EditProgress;
use Illuminate\Support\Facades\DB;

/** A thousand records change in one edit, which says how far it has come and is undone in one. */
final class EditProgressTest extends AppTestCase
{
    private const AT = '/workbench/looks/1/storeroom';

    public function testAThousandRecordsAreOneEditThatTellsHowFarItIs(): void
    {
        $row = (array) DB::table('products')->orderBy('id')->first();
        unset($row['id']);
        foreach (array_chunk(range(1, 1200), 300) as $numbers) {
            DB::table('products')->insert(array_map(
                static fn(int $n): array => [...$row, 'slug' => "copy-$n", 'name' => "Copy $n", 'price' => 1000 + $n, 'reduced' => null],
                $numbers,
            ));
        }
        $told = [];
        DB::listen(static function ($query) use (&$told): void {
            if (str_starts_with($query->sql, 'update `products`')) {
                $now = app(EditProgress::class)->ask('abcdefgh12');
                $told[$now === null ? '' : "$now[done] of $now[of]"] = true;
            }
        });
        $this->actingAs($this->person('tobias'))->post(self::AT.'/many', [
            'open_kind' => 'goods', 'column' => 'price', 'way' => 'add', 'by' => '1', 'all' => '1', 'open_q' => '',
            'progress' => 'abcdefgh12',
        ])->assertOk();
        self::assertSame(['0 of 1261', '500 of 1261', '1000 of 1261'], array_keys($told));
        self::assertSame(1101 + 100, Product::query()->where('slug', 'copy-101')->value('price'));
        self::assertSame(['done' => 1261, 'of' => 1261], $this->get(self::AT.'/progress?progress=abcdefgh12')->assertOk()->json());
        self::assertSame([], $this->get(self::AT.'/progress?progress=unknown99')->assertOk()->json());
        $this->app->forgetScopedInstances();
        app(CurrentStore::class)->is($this->storefront()->store_id + 1);
        self::assertNull(app(EditProgress::class)->ask('abcdefgh12'), 'nobody of another store is told');
        $this->app->forgetScopedInstances();
        $this->post(self::AT.'/undo', ['progress' => 'abcdefgh13'])->assertOk();
        self::assertSame(1101, Product::query()->where('slug', 'copy-101')->value('price'));
        self::assertSame(1261, $this->get(self::AT.'/progress?progress=abcdefgh13')->json('of'));
    }
}
