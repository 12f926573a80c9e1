<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\LookReader;
use App\Models\Category;
use App\Models\Menu;
use App\Models\MenuEntry;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Store;
use App\Storefront\ColoredHtml;
use App\Storeroom\StoreReader;
use Ikat\Core\Exchange\PaletteFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

/** Palettes in and out over HTTP, words in colors as markup, and what is read of a store at once. */
final class PaletteFilesTest extends AppTestCase
{
    private function upload(string $text, bool $adds = false, string $who = 'maren'): TestResponse
    {
        return $this->actingAs($this->person($who))->post(
            "/workbench/looks/{$this->look()->id}/palette",
            [
                'seen' => $this->look()->head,
                'step' => 'colors',
                'open_part' => 'all',
                'palette' => UploadedFile::fake()->createWithContent('p.css', $text),
            ] + ($adds ? ['adds' => '1'] : []),
            ['HX-Request' => 'true'],
        );
    }

    private function download(string $format): string
    {
        return (string) $this
            ->actingAs($this->person('maren'))
            ->get("/workbench/looks/{$this->look()->id}/palette.$format")
            ->assertOk()
            ->getContent();
    }

    public function testTheLooksOwnFileChangesNothing(): void
    {
        $before = $this->look()->head;
        foreach (array_keys(PaletteFile::FORMATS) as $format) {
            $this->upload($this->download($format), true)
                ->assertOk()
                ->assertSee('No color was taken.')
                ->assertSee('here as in the file already');
        }
        self::assertSame($before, $this->look()->head);
    }

    public function testColorsWithoutANameHereAreListedOrAdded(): void
    {
        $file = ':root{--main:#123456;--moss:#3b5d3a;--lichen:var(--moss)}';
        $this->upload($file)->assertOk()->assertSee('Taken: Main')->assertSee('No color or scheme of their name here: moss #3b5d3a');
        self::assertSame('#123456', app(LookReader::class)->of($this->look())->resolved()->text('brand.main'));
        $this->upload($file, true)->assertOk()->assertSee('Moss, a new brand color');
        $theme = app(LookReader::class)->of($this->look())->theme();
        self::assertSame(['Moss', 'Lichen'], array_slice(array_values($theme->brandColors), -2));
        self::assertSame('{brand.own1}', $this->look()->ownChanges()->own['brand.own2']);
        // One edit: an undo takes both back, and the names with them.
        $this->post(
            "/workbench/looks/{$this->look()->id}/undo",
            ['seen' => $this->look()->head, 'step' => 'colors'],
            ['HX-Request' => 'true'],
        )->assertOk();
        self::assertArrayNotHasKey('own1', app(LookReader::class)->of($this->look())->theme()->brandColors);
    }

    public function testHostileNamesAndFilesDoNoHarm(): void
    {
        $before = $this->look()->state;
        $hostile = 'GIMP Palette'."\n".'1 2 3 <script>alert(1)</script>'."\n".'9 9 9 {{x}}'."\n";
        $this->upload($hostile)->assertOk()->assertDontSee('<script>alert', false)->assertSee('&lt;script&gt;alert(1)', false);
        $this->upload("\xFF\xFE\x00")->assertOk()->assertSee('No color was taken.');
        $this->upload(':root{--brand-main:var(--brand-second);--brand-second:var(--brand-main)}')
            ->assertOk()
            ->assertSee('what it follows is no color of this file');
        self::assertSame($before, $this->look()->state);
        $this->upload($hostile, true)->assertOk();
        foreach (app(LookReader::class)->of($this->look())->theme()->brandColors as $label) {
            self::assertLessThanOrEqual(24, mb_strlen($label));
        }
        self::assertStringNotContainsString('<script>alert', $this->download('svg'));
        self::assertSame([], PaletteFile::read($this->download('svg'))['not_understood']);
        self::assertSame([], PaletteFile::read($this->download('css'))['not_understood']);
    }

    public function testAViewerBringsNothingIn(): void
    {
        $before = $this->look()->state;
        $this->upload(':root{--main:#123456}', false, 'ines')->assertForbidden();
        self::assertSame($before, $this->look()->state);
    }

    public function testWordsInColorsAreEscaped(): void
    {
        self::assertSame(
            'a <span class="in-link">&lt;b&gt;x&lt;/b&gt; &amp; y</span> {brand|z}',
            (string) ColoredHtml::html('a {link|<b>x</b> & y} {brand|z}'),
        );
        self::assertSame('', (string) ColoredHtml::html(''));
    }

    /** One question for everything has to find what each model would. */
    public function testAStoresContentsAreThoseOfItsModels(): void
    {
        // A look that points at everything there is, and at what is not.
        $products = Product::query()->orderBy('id')->limit(24)->pluck('slug')->all();
        $categories = Category::query()->pluck('slug')->all();
        $pictures = Picture::query()->orderBy('id')->limit(12)->pluck('name')->all();
        $look = app(LookReader::class)->trying($this->look(), [
            'home.bands' => 'row-1,gallery-1,lead-1', 'band.row-1.source' => 'hand',
            'band.row-1.products' => implode(',', [...array_slice($products, 0, 23), 'no-such-thing']),
            'band.gallery-1.pictures' => implode(',', $pictures), 'band.lead-1.target' => "/product/{$products[0]}?a=1",
            'band.row-1.target' => '/product/none',
        ])->resolved();
        $contents = app(StoreReader::class)->contents($look, $this->storefront());
        self::assertSame(Page::query()->orderBy('id')->pluck('title')->all(), array_values($contents->pages));
        self::assertEqualsCanonicalizing(array_slice($products, 0, 23), $contents->products);
        self::assertSame([], array_diff($pictures, $contents->pictures));
        self::assertTrue($contents->has("/product/{$products[0]}?b=2"));
        self::assertFalse($contents->has('/product/none'));
        self::assertLessThan(Picture::query()->count(), count($contents->pictures), 'what nothing points at is not read');
        self::assertSame(
            array_map(
                static fn(string $s): string => "/page/$s",
                Page::query()->where('policy', true)->orderBy('id')->pluck('slug')->all(),
            ),
            $contents->policies,
        );
        foreach (Menu::query()->get() as $menu) {
            self::assertSame(
                MenuEntry::query()->where('menu_id', $menu->id)->orderBy('position')->pluck('target')->all(),
                $contents->menus[$menu->slug],
            );
        }
        $linked = array_filter(
            $categories,
            static fn(string $c): bool => in_array("/category/$c", array_merge(...array_values($contents->menus)), true),
        );
        self::assertNotSame([], $linked);
        foreach ($linked as $slug) {
            self::assertTrue($contents->has("/category/$slug"));
        }
        // Nobody else's: another store's page is not there.
        $other = Store::query()->create([
            'name' => 'Elsewhere', 'countries' => ['US'], 'languages' => ['en'], 'currency' => 'USD', 'time_zone' => 'UTC',
        ] + array_diff_key(Store::query()->firstOrFail()->getAttributes(), ['id' => 0, 'name' => 0, 'countries' => 0, 'languages' => 0]));
        Page::query()
            ->withoutGlobalScope('store')
            ->getQuery()
            ->insert(['store_id' => $other->id] + array_diff_key(
                Page::query()->firstOrFail()->getAttributes(),
                ['id' => 0, 'store_id' => 0, 'slug' => 0],
            ) + ['slug' => 'elsewhere']);
        self::assertFalse(app(StoreReader::class)->contents($look, $this->storefront())->has('/page/elsewhere'));
    }
}
