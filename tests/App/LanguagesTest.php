<?php

declare(strict_types=1);

namespace Tests\App;

use App\Inspection\Inspector;
use App\Models\Translation;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Language\ShippedWords;

/** A shop in several languages: each under a path of its own, with what nobody has said yet in the first. */
final class LanguagesTest extends AppTestCase
{
    private const AT = '/workbench/looks/1/storeroom';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person('maren'));
        $this->cell('store', $this->storefront()->store_id, 'languages', 'en de ar');
    }

    private function cell(string $kind, int $id, string $column, string $value): void
    {
        $this->post(self::AT.'/cells', ['open_kind' => $kind, 'record' => $id, 'column' => $column, 'value' => $value])->assertOk();
    }

    private function say(string $language, string $original, string $words): void
    {
        $id = (int) Translation::query()->where('known', Dictionary::known($language, $original))->value('id');
        self::assertGreaterThan(0, $id, "“{$original}” waits to be said");
        $this->cell('words', $id, 'words', $words);
    }

    private function page(string $path): string
    {
        return (string) $this->get("/shop/wrenfold$path")->assertOk()->getContent();
    }

    public function testEachLanguageHasAPathOfItsOwn(): void
    {
        $german = $this->page('/de/cart');
        self::assertStringContainsString('<html lang="de"', $german);
        self::assertStringContainsString('Noch nichts im Warenkorb.', $german, 'words that ship are said at once');
        self::assertStringContainsString('href="/shop/wrenfold/de/search"', $german, 'links stay in the language');
        self::assertStringContainsString('href="/shop/wrenfold/de"', $german);
        self::assertStringContainsString('Nothing in your cart yet.', $this->page('/cart'));
        foreach (['', '/de', '/ar'] as $language) {
            $page = $this->page($language === '' ? '/' : $language);
            foreach (['en' => '/', 'de' => '/de', 'ar' => '/ar', 'x-default' => '/'] as $code => $path) {
                self::assertStringContainsString(
                    "<link rel=\"alternate\" hreflang=\"$code\" href=\"".config('app.url')."/shop/wrenfold$path\">",
                    $page,
                );
            }
        }
        self::assertStringContainsString('dir="rtl"', $this->page('/ar'));
        self::assertStringNotContainsString('dir="rtl"', $german);
        foreach (['/fr', '/xx/cart', '/fr/category/paper-lanterns'] as $unknown) {
            $this->get("/shop/wrenfold$unknown")->assertNotFound()->assertSee('class="header', false);
        }
        $this->get('/shop/wrenfold/en/cart')->assertStatus(301)->assertRedirect('/shop/wrenfold/cart');
        $this->get('/preview/1/now/shop/wrenfold/de/cart')->assertOk()->assertSee('Noch nichts im Warenkorb.');
        $this->get('/preview/1/now/shop/wrenfold/fr/cart')->assertNotFound();
    }

    public function testTheChoosersLeadToTheSamePageInAnotherLanguage(): void
    {
        $this->edit(['path' => 'header.chooser', 'value' => 'on'])->assertOk();
        $page = (string) $this->get('/preview/1/now/shop/wrenfold/category/paper-lanterns')->assertOk()->getContent();
        self::assertMatchesRegularExpression('~<option value="de" lang="de"\s*>Deutsch</option>~', $page);
        self::assertStringContainsString('name="from" value="/category/paper-lanterns"', $page);
        $choose = fn(string $language, string $from, string $at = ''): string => (string) $this
            ->send("$at/country", ['language' => $language, 'from' => $from])->assertStatus(303)->headers->get('Location');
        self::assertSame('/shop/wrenfold/de/category/paper-lanterns', $choose('de', '/category/paper-lanterns'));
        self::assertSame('/shop/wrenfold', $choose('en', '/', '/de'));
        self::assertSame('/shop/wrenfold/de', $choose('de', '//elsewhere.example'), 'nobody is led out of the shop');
        self::assertSame('/shop/wrenfold/de/cart', $choose('fr', '/cart', '/de'), 'one it does not speak is none');
    }

    public function testWhatIsSaidShowsAndWhatBecomesOtherWordsWaitsAnew(): void
    {
        self::assertGreaterThan(50, Translation::query()->where(['language' => 'de', 'said' => 'missing'])->count());
        self::assertNull(Translation::query()->firstWhere('known', Dictionary::known('de', 'Add to cart')), 'German ships');
        self::assertNotNull(Translation::query()->firstWhere('known', Dictionary::known('ar', 'Add to cart')), 'Arabic does not');
        $this->say('de', 'Paper lanterns', 'Papierlaternen');
        $page = $this->page('/de');
        self::assertStringContainsString('>Papierlaternen</span></a>', $page);
        self::assertStringContainsString('>Paper lanterns</span></a>', $this->page('/'));
        [$alt, $value] = [
            (string) \App\Models\Product::query()->where('slug', 'tidewater-glass-lantern')->firstOrFail()->picture?->alt,
            (string) Translation::query()->where(['language' => 'de', 'used_in' => 'ways of products'])->orderBy('id')->value('original'),
        ];
        $this->say('de', $alt, 'Eine Laterne am Wasser');
        self::assertStringContainsString('alt="Eine Laterne am Wasser"', $this->page('/de/product/tidewater-glass-lantern'));
        $this->say('de', $value, 'Auswahl');
        self::assertSame('Auswahl', \App\Storefront\Dictionaries::of($this->storefront(), 'de')->say($value));
        $lantern = (string) \App\Models\Product::query()->orderBy('position')->value('name');
        $this->say('de', $lantern, 'Mondscheinlaterne');
        self::assertStringContainsString(
            '>Mondscheinlaterne</a>',
            $this->page('/de/search?q=mondschein'),
            'found by what it is called there',
        );
        self::assertStringNotContainsString('Mondschein', $this->page('/search?q='.rawurlencode($lantern)));
        self::assertStringContainsString('>Paper lanterns</span></a>', $this->page('/ar'), 'nobody has said it: the first language stands');
        $entry = \App\Models\MenuEntry::query()->where('label', 'Paper lanterns')->firstOrFail();
        $this->cell('entries', $entry->id, 'label', 'Lanterns of paper');
        self::assertStringContainsString('>Lanterns of paper</span></a>', $this->page('/de'));
        $row = Translation::query()->firstWhere('known', Dictionary::known('de', 'Lanterns of paper'));
        self::assertSame(['menus', null], [$row?->used_in, $row?->words]);
        // The category is still called so: what was said of it stays.
        $category = Translation::query()->firstWhere('known', Dictionary::known('de', 'Paper lanterns'));
        self::assertSame('said', $category?->getAttribute('said'));
    }

    public function testUnsaidWordsAreCountedAndALongMenuIsFoundBeforeACustomerSeesIt(): void
    {
        $keys = fn(): array => array_map(
            static fn($f): string => $f->key(),
            app(Inspector::class)->findings($this->look()->load('storefront.store')),
        );
        $found = $keys();
        self::assertContains('unsaid:de', $found);
        self::assertContains('unsaid:ar', $found);
        self::assertNotContains('header:fit:de', $found);
        $media = fn(string $path): float => preg_match('~media="\(max-width: ([\d.]+)px\)~', (string) $this
            ->get("/preview/1/now/shop/wrenfold$path")->getContent(), $m) === 1 ? (float) $m[1] : INF;
        $this->edit(['changes' => json_encode(['header.menu.folds' => 'at', 'header.menu.fold' => ceil($media('/')) + 20])])->assertOk();
        $this->say('de', 'Glass lanterns', 'Laternen aus Glas');
        $this->say('de', 'Workshop', 'Unsere Werkstatt');
        $found = $keys();
        self::assertContains('header:fit:de', $found);
        self::assertNotContains('header:fit', $found, 'in the first language it fits');
        $this->edit(['path' => 'header.menu.folds', 'value' => 'fits'])->assertOk();
        self::assertNotContains('header:fit:de', $keys());
        self::assertGreaterThan($media('/') + 50, $media('/de'), 'the longer menu folds sooner');
    }

    public function testAPromiseIsCheckedInEveryLanguage(): void
    {
        $keys = fn(): array => array_map(
            static fn($f): string => $f->key(),
            app(Inspector::class)->findings($this->look()->load('storefront.store')),
        );
        $message = app(\App\Looks\LookReader::class)->of($this->look())->resolved()->text('message.message-1.text');
        $this->say('de', $message, 'Kostenloser Versand ab 60 $');
        self::assertNotContains('promise:message.message-1.text:de', $keys());
        $this->say('de', $message, 'Kostenloser Versand ab 20 $');
        self::assertContains('promise:message.message-1.text:de', $keys());
        self::assertNotContains('promise:message.message-1.text', $keys(), 'in the first language it is kept');
    }

    public function testAStoreThatSpeaksOneLanguageAgainWaitsForNoWords(): void
    {
        $this->say('de', 'Paper lanterns', 'Papierlaternen');
        $this->cell('store', $this->storefront()->store_id, 'languages', 'en');
        self::assertSame(['unused'], array_unique(Translation::query()->pluck('said')->all()));
        $this->get('/shop/wrenfold/de')->assertNotFound();
        self::assertStringNotContainsString('hreflang', $this->page('/'));
        $this->cell('store', $this->storefront()->store_id, 'languages', 'en de');
        self::assertStringContainsString('Papierlaternen', $this->page('/de'), 'what was said is not lost');
    }

    public function testWordsOfTheLookAreSaidWhereTheyStand(): void
    {
        $this->post(self::AT.'/say', ['step' => 'pages', 'path' => 'say.cart', 'language' => 'de', 'value' => 'Ihr Körbchen'])->assertOk();
        self::assertStringContainsString('Ihr Körbchen', $this->page('/de/cart'));
        $this->post(self::AT.'/undo', ['open_kind' => 'words'])->assertOk();
        self::assertStringContainsString('Ihr Warenkorb', $this->page('/de/cart'), 'the original comes back');
        $this->postJson(self::AT.'/say', ['step' => 'pages', 'path' => 'say.cart', 'language' => 'fr', 'value' => 'x'])->assertStatus(422);
    }

    public function testWordsGoOutAsAFileAndComeBack(): void
    {
        $csv = (string) $this->get(self::AT.'/out/words.csv')->assertOk()->streamedContent();
        self::assertStringContainsString('Paper lanterns', $csv);
        $this->actingAs($this->person('ines'));
        $this->post(self::AT.'/say', ['path' => 'say.cart', 'language' => 'de', 'value' => 'x'])->assertForbidden();
    }

    /** Every phrase the shop's pages say is one that ships in every language Ikat speaks, and none is said that way alone. */
    public function testNoPhraseOfTheShopIsForgotten(): void
    {
        $known = array_flip(ShippedWords::all());
        $said = 0;
        $files = [
            ...glob(resource_path('views/shop/*.blade.php')) ?: [], ...glob(resource_path('views/shop/*/*.blade.php')) ?: [],
            ...glob(app_path('Storefront/*.php')) ?: [],
        ];
        foreach ($files as $file) {
            $source = (string) file_get_contents($file);
            preg_match_all("/(?:shop|this)->say\\((?:[^()']*\\?\\s*)?'([^']+)'(?:\\s*:\\s*'([^']+)')?/u", $source, $m, PREG_SET_ORDER);
            foreach ($m as $match) {
                foreach (array_filter(array_slice($match, 1)) as $phrase) {
                    self::assertArrayHasKey($phrase, $known, basename($file));
                    $said++;
                }
            }
            if (str_ends_with($file, '.blade.php')) {
                self::assertSame([], self::bareWords($source), basename($file).' says words in one language alone');
            }
        }
        self::assertSame(['Bare words'], self::bareWords('@if ($a) <p class="Big">Bare words {{ $b }}</p>'));
        self::assertSame(['aria-label="Bare'], self::bareWords('<p aria-label="Bare">'));
        self::assertGreaterThan(90, $said);
        foreach (['de', 'fr', 'es'] as $language) {
            foreach (ShippedWords::in($language) as $original => $words) {
                preg_match_all('/:[a-z]+/', $original, $wanted);
                preg_match_all('/:[a-z]+/', $words, $found);
                sort($wanted[0]);
                sort($found[0]);
                self::assertSame($wanted[0], $found[0], "$language: $original");
            }
        }
    }

    /** @return list<string> words of a view that stand there as they are, in tags and between them */
    private static function bareWords(string $source): array
    {
        preg_match_all('/ (?:aria-label|alt|title|placeholder)="\p{Lu}\p{Ll}+/u', $source, $told);
        $plain = (string) preg_replace('/->|=>/', '', $source);
        foreach ([
            '/@if \(\$shopisPreview\(\).*?@endif/s', '/\{\{--.*?--\}\}/s', '/@php\((?:[^()]|(\((?:[^()]|(?1))*\)))*\)/s',
            '/\{[{!].*?[}!]\}/s', '/<[^<>]*>/s', '/@\w+\s*(\((?:[^()]|(?1))*\))?/s',
        ] as $notSaid) {
            $plain = (string) preg_replace($notSaid, ' ', $plain);
        }
        preg_match_all('/(?<![@\w$\'"(>.:-])\p{Lu}\p{Ll}+(?: [\p{L}’]+)*/u', $plain, $between);

        return array_map(trim(...), [...$told[0], ...$between[0]]);
    }
}
