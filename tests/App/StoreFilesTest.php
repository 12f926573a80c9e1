<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Models\CurrentStore;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Store;
use App\Models\Storefront;
use App\Storeroom\RecordFile;
use App\Storeroom\StoreFile;
use App\Storeroom\StoreFileState;
use App\Storeroom\StoreWriter;
use App\Storeroom\TakeIn;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RecordQuestion;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

/** The store in files and out of them: as papaparse and csv-stringify write them, in several delimiters and encodings. */
final class StoreFilesTest extends AppTestCase
{
    /** @return iterable<string, array{string, string, string, string}> writer, delimiter, encoding as iconv-lite names it and as we do */
    public static function writers(): iterable
    {
        yield 'papaparse, semicolons, Windows' => ['papaparse', ';', 'windows-1252', 'WINDOWS-1252'];
        yield 'csv-stringify, tabs, UTF-16' => ['csv-stringify', "\t", 'utf-16le', 'UTF-16LE'];
        yield 'papaparse, commas, UTF-8' => ['papaparse', ',', 'utf-8', 'UTF-8'];
        yield 'csv-stringify, semicolons, Macintosh' => ['csv-stringify', ';', 'macintosh', 'MACINTOSH'];
    }

    #[DataProvider('writers')]
    public function testGoodsComeInWithEveryBrokenRowToldRightly(string $writer, string $delimiter, string $encoding, string $known): void
    {
        [$rows, $wrong] = self::goods();
        $file = $this->bring(RecordKinds::GOODS, self::written($writer, $delimiter, $encoding, $rows));
        self::assertSame($known, $file->encoding);
        self::assertSame($delimiter, $file->delimiter);
        self::assertSame(
            ['name', 'price', 'cost', 'stock', 'category_id', 'reduced', 'label', 'note', 'words', 'added_on', 'pictures'],
            array_values($file->match()->columns),
        );
        $outlook = $file->outlook();
        self::assertNotNull($outlook);
        self::assertSame(['new' => 30, 'changed' => 20, 'same' => 41, 'refused' => 200], $outlook->counts);
        self::assertSame(['price' => 20], $outlook->columns);
        foreach ($outlook->refused as $told) {
            [$column, $why] = $wrong[$told['row']];
            self::assertSame($column, $told['column'], "line $told[row]: $told[why]");
            self::assertStringContainsString($why, $told['why'], "line $told[row]");
            unset($wrong[$told['row']]);
        }
        self::assertSame([], $wrong, 'every broken row is told');
        $before = Product::query()->orderBy('id')->get(['id', 'price', 'name'])->toArray();
        $edit = app(TakeIn::class)->take($file, $this->store(), new Author('Maren'));
        self::assertSame(50, $edit?->records);
        self::assertSame(91, Product::query()->count());
        $made = Product::query()->where('name', 'Crème brûlée lamp 7, “œil” — £ 7')->firstOrFail();
        self::assertSame(
            [1234, 'creme-brulee-lamp-7-oeil-7', '<p>Two lines:<br>the second "quoted"</p>'],
            [$made->price, $made->slug, $made->words],
        );
        app(StoreWriter::class)->undo($this->store(), new Author('Maren'));
        self::assertSame($before, Product::query()->orderBy('id')->get(['id', 'price', 'name'])->toArray());
    }

    public function testWhatGoesOutComesBackInUnchangedAndMakesTheSameStoreElsewhere(): void
    {
        $kinds = array_filter(RecordKinds::all(new \DateTimeZone('UTC')), static fn($kind): bool => $kind->isMade && ! $kind->isUploaded);
        $files = array_map($this->out(...), array_combine(array_keys($kinds), array_keys($kinds)));
        foreach ($files as $kind => $csv) {
            $outlook = $this->bring($kind, $csv)->outlook();
            $told = $kind.json_encode([$outlook?->refused, $outlook?->changed]);
            self::assertSame([0, 0, 0], [$outlook?->counts['new'], $outlook?->counts['changed'], $outlook?->counts['refused']], $told);
        }
        // Others read it as we wrote it.
        $theirs = json_decode(self::node(['read' => $files['goods']]), true, 8, JSON_THROW_ON_ERROR);
        self::assertCount(62, $theirs);
        self::assertSame(count($theirs[0]), count($theirs[40]));
        // Another store, empty, is made from them alone.
        $pictures = Picture::query()->get()->map(
            static fn(Picture $p): array => array_diff_key($p->getAttributes(), ['id' => 0, 'kilobytes' => 0]),
        )->all();
        $other = Store::query()->create(['name' => 'Elsewhere', 'time_zone' => 'America/New_York', 'currency' => 'USD'])->refresh();
        app(CurrentStore::class)->is($other->id);
        Storefront::query()->create(['name' => 'Elsewhere', 'slug' => 'elsewhere']);
        Picture::query()->insert(array_map(static fn(array $p): array => [...$p, 'store_id' => $other->id], $pictures));
        foreach (['categories', 'goods', 'reviews', 'menus', 'entries', 'pages', 'codes', 'delivery', 'taxes', 'addresses'] as $kind) {
            $file = $this->bring($kind, $files[$kind], $other);
            self::assertSame(0, $file->outlook()?->counts['refused'], json_encode($file->outlook()?->refused) ?: '');
            $this->app->forgetScopedInstances();
            app(CurrentStore::class)->is($other->id);
            app(TakeIn::class)->take($file, $other->refresh(), new Author('Maren'));
        }
        foreach ($files as $kind => $csv) {
            $this->app->forgetScopedInstances();
            app(CurrentStore::class)->is($other->id);
            self::assertSame($csv, $this->out($kind, $other), $kind);
        }
    }

    public function testColumnsWithNamesNobodyKnowsAreKnownByWhatIsInThem(): void
    {
        $rows = [['a', 'b', 'c', 'd', 'e']];
        foreach (Product::query()->with('category')->orderBy('position')->limit(30)->get() as $p) {
            $rows[] = [$p->category->name, $p->stock, $p->name, number_format($p->price * 1.05 / 100, 2), 'R. Tull'];
        }
        $file = $this->bring(RecordKinds::GOODS, self::written('papaparse', ',', 'utf-8', $rows));
        // Nothing is called so: what the rows are called is found first by hand, and the rest by its values then.
        self::assertSame([0 => 'category_id', 2 => 'name'], array_intersect_key($file->match()->columns, [0 => 1, 2 => 1, 4 => 1]));
        $rows[0][2] = 'name';
        $file = $this->bring(RecordKinds::GOODS, self::written('papaparse', ',', 'utf-8', $rows));
        self::assertSame(['category_id', 'stock', 'name', 'price'], array_values($file->match()->columns));
        self::assertSame(['values', 'values', 'name', 'values'], array_values($file->match()->by));
        self::assertArrayNotHasKey(4, $file->match()->columns);
    }

    public function testAFileThatWaitedIsLookedThroughAgainWhenTheStoreHasChanged(): void
    {
        $file = $this->bring(RecordKinds::GOODS, "name,price\nMoth paper globe,33.00\n");
        $this->actingAs($this->person('tobias'))->post('/workbench/looks/1/storeroom/cells', [
            'record' => Product::query()->where('slug', 'moth-paper-globe')->value('id'), 'column' => 'price', 'value' => '31',
        ])->assertOk();
        $this->actingAs($this->person('maren'))->post("/workbench/looks/1/storeroom/files/$file->id/take")->assertOk()
            ->assertSee('looked through again');
        self::assertSame(3100, Product::query()->where('slug', 'moth-paper-globe')->value('price'));
        self::assertSame(['price' => ['31.00', '33.00']], $file->refresh()->outlook()?->changed[0]['cells'] ?? null);
        $this->post("/workbench/looks/1/storeroom/files/$file->id/take")->assertOk()->assertSee('One undo puts all of it back');
        self::assertSame(3300, Product::query()->where('slug', 'moth-paper-globe')->value('price'));
        self::assertSame(StoreFileState::Taken, $file->refresh()->state);
        $this->post("/workbench/looks/1/storeroom/files/$file->id/take")->assertStatus(422);
    }

    public function testPagesGoOutAndComeInAsADocumentOfTheWeb(): void
    {
        $html = (string) $this->actingAs($this->person('maren'))->get('/workbench/looks/1/storeroom/out/pages.html')->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="pages.html"')->getContent();
        self::assertStringContainsString('<article id="our-workshop">', $html);
        self::assertSame(
            ['new' => 0, 'changed' => 0, 'same' => 3, 'refused' => 0],
            $this->bring(RecordKinds::PAGES, $html)->outlook()?->counts,
        );
        $changed = str_replace('</h1>', '</h1><p>First of all: <b>welcome</b>.</p><script>x</script>', $html)
            .'<article id="hours"><h1>Hours</h1><p>Daily</p></article>';
        $file = $this->bring(RecordKinds::PAGES, $changed);
        self::assertSame(['new' => 1, 'changed' => 3, 'same' => 0, 'refused' => 0], $file->outlook()?->counts);
        app(TakeIn::class)->take($file, $this->store(), new Author('Maren'));
        $page = $this->get(self::SHOP.'/page/our-workshop')->assertOk();
        $page->assertSee('<p>First of all: <strong>welcome</strong>.</p>', false)->assertDontSee('<script>x', false);
        $this->get(self::SHOP.'/page/hours')->assertOk()->assertSee('Daily');
        $this->expectException(RefusedChange::class);
        $this->bring(RecordKinds::GOODS, $html);
    }

    public function testTheLibraryGoesOutAndComesInByWhatItsPicturesAreKnownAs(): void
    {
        $csv = $this->out(RecordKinds::PICTURES);
        self::assertStringContainsString('known as', (string) strtok($csv, "\r"));
        self::assertSame(0, $this->bring(RecordKinds::PICTURES, $csv)->outlook()?->counts['changed']);
        $file = $this->bring(RecordKinds::PICTURES, "known as,in words\r\nlead,A lantern by the river\r\nnone,Nothing\r\n");
        self::assertSame(['new' => 0, 'changed' => 1, 'same' => 0, 'refused' => 1], $file->outlook()?->counts);
        self::assertStringContainsString('comes from a file', $file->outlook()->refused[0]['why']);
        app(TakeIn::class)->take($file, $this->store(), new Author('Maren'));
        self::assertSame('A lantern by the river', Picture::query()->where('name', 'lead')->value('alt'));
    }

    public function testWhatIsNoTableIsRefusedWithASentence(): void
    {
        foreach (["PK\x03\x04zip", '', "%PDF-1.7\n", "\xD0\xCF\x11\xE0old"] as $bytes) {
            $this->actingAs($this->person('maren'))->post('/workbench/looks/1/storeroom/files', [
                'file' => UploadedFile::fake()->createWithContent('goods.csv', $bytes),
            ])->assertStatus(422)->assertSee('no file of comma-separated values');
        }
        $this->post('/workbench/looks/1/storeroom/files', [])->assertStatus(422)->assertSee('Choose a file first');
    }

    public function testATextThatLooksLikeAFormulaGoesOutGuardedAndComesBackAsItWas(): void
    {
        $product = Product::query()->firstOrFail();
        foreach (['=1+1', '@home', "'=quoted", '+5 tones', '-'] as $words) {
            $product->update(['note' => $words]);
            $csv = $this->out('goods');
            self::assertDoesNotMatchRegularExpression('/(^|,)"?[=@+]/m', $csv);
            self::assertSame(0, $this->bring(RecordKinds::GOODS, $csv)->outlook()?->counts['changed'], $words);
        }
    }

    /** @return array{list<list<string>>, array<int, array{string, string}>} rows, and what is wrong with which line */
    private static function goods(): array
    {
        $rows = [['Title', 'Retail', 'unit_cost', 'QTY', 'dept', 'Sale', 'badge', 'subtitle', 'text', 'since', 'photos']];
        foreach (Product::query()->with(['category', 'picture', 'morePictures'])->orderBy('id')->get() as $i => $p) {
            $figures = static fn(?int $cents): string => $cents === null ? '' : number_format($cents / 100, 2, '.', '');
            $pictures = array_filter([$p->picture?->name, ...$p->morePictures->pluck('name')->all()]);
            $rows[] = [
                $p->name, $figures($i < 20 ? $p->price + 1 : $p->price), $figures($p->cost), (string) $p->stock, $p->category->name,
                $figures($p->reduced),
                (string) $p->label, $p->note, $p->words, $p->added_on->toDateString(), implode(' ', $pictures),
            ];
        }
        for ($i = 1; $i <= 30; $i++) {
            $rows[] = [
                "Crème brûlée lamp $i, “œil” — £ $i", '12,34', '4.5', '7', 'Candles', '', '', 'Beeswax',
                "Two lines:\nthe second \"quoted\"", '2026-11-01', '',
            ];
        }
        $faults = [
            [0, '', 'name', 'is empty'], [1, '12,5O', 'price', 'no sum of money'], [1, '', 'price', 'cannot be empty'],
            [3, '-1', 'stock', 'from 0'],
            [3, 'many', 'stock', 'no whole number'], [4, 'Tents', 'category', 'Nothing here is called'],
            [5, '10.00', 'reduced to', 'must be less'],
            [6, str_repeat('long ', 12), 'own label', 'shorten it by'], [9, '3/1/2026', 'in the shop since', 'year, month and day'],
            [10, 'nobody', 'pictures', 'no picture called'],
        ];
        $wrong = [];
        // Words of two lines take two lines of the file.
        $line = 1 + 61 + 60;
        for ($i = 0; $i < 200; $i++) {
            [$column, $typed, $label, $why] = $faults[$i % 10];
            $row = ["Broken lamp $i", '9.00', '', '1', 'Candles', '', '', '', '', '2026-11-01', ''];
            $row[$column] = $typed;
            $rows[] = $row;
            $wrong[++$line] = [$label, $why];
        }

        return [$rows, $wrong];
    }

    private function store(): Store
    {
        return Store::query()->findOrFail($this->storefront()->store_id);
    }

    private function bring(string $kind, string $bytes, ?Store $store = null): StoreFile
    {
        $store ??= $this->store();
        $take = app(TakeIn::class);
        $upload = UploadedFile::fake()->createWithContent("$kind.csv", $bytes);
        $file = $take->begin($upload, RecordKinds::all($store->zone())[$kind], $this->person('maren'));
        $take->look($file, $store);

        return $file;
    }

    private function out(string $kind, ?Store $store = null): string
    {
        $out = fopen('php://memory', 'w+b');
        self::assertIsResource($out);
        app(RecordFile::class)->write(RecordKinds::all(($store ?? $this->store())->zone())[$kind], new RecordQuestion(), $out);
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /** @param list<list<int|string>> $rows */
    private static function written(string $writer, string $delimiter, string $encoding, array $rows): string
    {
        return self::node(['writer' => $writer, 'delimiter' => $delimiter, 'encoding' => $encoding, 'rows' => $rows]);
    }

    /** @param array<string, mixed> $asked */
    private static function node(array $asked): string
    {
        $process = proc_open(['node', __DIR__.'/csv-files.mjs'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], json_encode($asked, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $bytes = (string) stream_get_contents($pipes[1]);
        self::assertSame(0, proc_close($process), 'Node.js answered');

        return $bytes;
    }
}
