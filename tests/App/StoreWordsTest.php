<?php

declare(strict_types=1);

namespace Tests\App;

use App\Inspection\Inspector;
use App\Models\MenuEntry;
use App\Models\Product;
use App\Storeroom\StoreWords;
use App\Storeroom\TouchedColumns;
use Ikat\Core\Check\Finding;
use Ikat\Core\Store\RecordKinds;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** The letters of a shop's goods, looked up in the fonts they are set in. */
final class StoreWordsTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
    }

    /** @return array<string, Finding> by key */
    private function letters(): array
    {
        $found = array_filter(
            app(Inspector::class)->findings($this->look()->load('storefront.store')),
            static fn(Finding $f): bool => str_starts_with($f->key(), 'letters:'),
        );

        return array_combine(array_map(static fn(Finding $f): string => $f->key(), $found), $found);
    }

    public function testTheDemosFontsHaveAllLettersOfItsGoods(): void
    {
        self::assertSame([], $this->letters());
    }

    public function testALetterThatAFontLacksIsToldWithTheProductItStandsIn(): void
    {
        Product::query()->orderBy('id')->firstOrFail()->update(['name' => 'Фонарь over the river']);
        MenuEntry::query()->orderBy('id')->firstOrFail()->update(['label' => 'Žluté lucerny']);
        Cache::flush();
        $found = $this->letters();
        self::assertSame(['letters:gloock', 'letters:karla'], array_keys($found));
        $words = $found['letters:gloock']->inWords(app(Inspector::class)->inspect($this->look()->load('storefront.store')));
        self::assertStringContainsString('Gloock has no Ф, о, н, а and 2 more (in “Фонарь”)', $words);
        self::assertSame(
            'Playfair Display, Literata, Source Serif 4, Vollkorn: each has all of your shop’s letters.',
            $found['letters:gloock']->measured(),
            'the most alike first',
        );
        // The step tells it, and leads to the font that is set.
        $this->actingAs($this->person('maren'))->get("/workbench/looks/{$this->look()->id}/fonts")
            ->assertOk()
            ->assertSee('Gloock has no Ф', false)
            ->assertSee('type.heading.family', false);
    }

    public function testGoodsAreReadOnceAndOnlyThoseWithSuchLetters(): void
    {
        Product::query()->orderBy('id')->firstOrFail()->update(['name' => 'Papier plié']);
        $storefront = $this->look()->load('storefront.store')->storefront;
        $asked = static function () use ($storefront): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            app(StoreWords::class)->of($storefront);

            return count(DB::getQueryLog());
        };
        self::assertSame(4, $asked());
        self::assertSame(0, $asked(), 'what was found is kept');
        app(TouchedColumns::class)->touchColumns(RecordKinds::GOODS, ['stock', 'price']);
        self::assertSame(0, $asked(), 'while nothing is written that has words');
        app(TouchedColumns::class)->touchColumns(RecordKinds::GOODS, ['note']);
        self::assertSame(4, $asked(), 'and read anew after that');
        self::assertSame(['é' => ['plié']], app(StoreWords::class)->of($storefront)->characters['heading']);
    }
}
