<?php

declare(strict_types=1);

namespace Tests\App;

use App\Fonts\OwnFonts;
use App\Inspection\Inspector;
use App\Looks\Author;
use App\Looks\BackToOriginal;
use App\Looks\LookReader;
use App\Looks\TakeBase;
use App\Models\BroughtTheme;
use App\Models\CurrentStore;
use App\Models\OwnFont;
use App\Models\Store;
use App\Storeroom\StoreWords;
use Ikat\Core\Check\FontCoverage;
use Ikat\Core\Look\Base;
use Ikat\Core\Type\FontKind;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;

/** The brand's own font over HTTP: read, confirmed, kept, spoken in, and removed; the unfit is refused and leaves nothing. */
final class OwnFontTest extends AppTestCase
{
    private function bytes(string $name = 'gloock-latin.ttf'): string
    {
        return (string) file_get_contents(base_path("build/fonts/$name"));
    }

    private function bring(string $bytes, string $name = 'wren.ttf', bool $isConfirmed = true, string $who = 'maren'): TestResponse
    {
        return $this->actingAs($this->person($who))->post("/workbench/looks/{$this->look()->id}/families/own", [
            'seen' => $this->look()->head, 'step' => 'fonts', 'font' => UploadedFile::fake()->createWithContent($name, $bytes),
        ] + ($isConfirmed ? ['confirmed' => 'yes'] : []), ['HX-Request' => 'true']);
    }

    /** @return list<string> files that pages could fetch or text be measured by */
    private function files(): array
    {
        $folders = array_filter([public_path(config('ikat.files').'/fonts'), storage_path('own-fonts')], is_dir(...));

        return array_merge([], ...array_map(
            static fn(string $folder): array => array_map(strval(...), File::allFiles($folder)),
            $folders,
        ));
    }

    protected function setUp(): void
    {
        parent::setUp();
        File::deleteDirectory(public_path(config('ikat.files').'/fonts'));
        File::deleteDirectory(storage_path('own-fonts'));
        app(OwnFonts::class)->forget();
    }

    public function testItIsReadFirstAndKeptWhenConfirmed(): void
    {
        $this->bring($this->bytes(), isConfirmed: false)->assertOk()->assertSee('Gloock')->assertSee('no restriction is written in it')
            ->assertSee('Vietnamese, Greek, Cyrillic, bold, italic');
        self::assertSame([0, []], [OwnFont::query()->count(), $this->files()], 'only read');
        $this->bring($this->bytes())->assertOk();
        $font = OwnFont::query()->sole();
        // A family of the shelf has this name: a stylesheet tells families apart by it.
        self::assertSame(['Gloock of the shop', 'Maren'], [$font->name, explode(' ', $font->confirmed_by)[0]]);
        // Measured as @capsizecss publishes it, and as the shelf's script measured it.
        self::assertSame([467, [508, 750, 300, 23]], [$font->measures['widths'][400], $font->measures['letters'][400]]);
        self::assertCount(count($font->measures['bytes']) + 1, $this->files());
        $family = app(OwnFonts::class)->set()->get($font->key);
        $this->edit(['changes' => json_encode(['type.heading.family' => $font->key])])->assertOk();
        $css = app(LookReader::class)->of($this->look()->refresh())->compiled()->css;
        self::assertStringContainsString("src:url(\"{$family->address()}\")", $css);
        self::assertStringContainsString('"Gloock of the shop stand-in"', $css);
        self::assertFileExists(public_path($family->address()));
        self::assertSame('wOF2', substr((string) file_get_contents(public_path($family->address())), 0, 4));
        // What it lacks is found like with any other family.
        $coverage = app(Inspector::class)->inspect($this->look())->get(FontCoverage::class);
        self::assertSame(['Ж'], $coverage->lacking($font->key, ['a', 'Ж']));
        // The same file again is the same font; what it did not say of itself, a serif, is said by whoever brings it.
        self::assertSame(FontKind::Sans, $font->kind);
        $this->actingAs($this->person('maren'))->post("/workbench/looks/{$this->look()->id}/families/own", [
            'seen' => $this->look()->head, 'step' => 'fonts', 'confirmed' => 'yes', 'kind' => 'serif',
            'font' => UploadedFile::fake()->createWithContent('wren.ttf', $this->bytes()),
        ], ['HX-Request' => 'true'])->assertOk();
        self::assertSame(FontKind::Serif, OwnFont::query()->sole()->kind);
    }

    public function testTwoOfOneNameAreToldApart(): void
    {
        $this->bring($this->bytes())->assertOk();
        // Another license makes another file of the same name.
        $this->bring(self::withBits($this->bytes(), "\x00\x08"))->assertOk();
        self::assertSame(['Gloock of the shop', 'Gloock of the shop 2'], OwnFont::query()->orderBy('id')->pluck('name')->all());
    }

    public function testPackedFontsAreTaken(): void
    {
        $woff2 = (string) file_get_contents(public_path('fonts/karla-latin.woff2'));
        self::assertSame('wOF2', substr($woff2, 0, 4));
        $this->bring($woff2, 'karla.woff2')->assertOk();
        $font = OwnFont::query()->sole();
        self::assertSame([200, 300, 400, 500, 600, 700, 800], array_keys($font->measures['widths']));
        self::assertSame(913, $font->measures['widths'][400]);
    }

    public function testWhatMayNotBeCutStaysWhole(): void
    {
        $bytes = $this->bytes();
        $this->bring(self::withBits($bytes, "\x01\x04"), isConfirmed: false)->assertSee('to print')->assertSee('may not be cut');
        $this->bring(self::withBits($bytes, "\x01\x04"))->assertOk();
        $font = OwnFont::query()->sole();
        self::assertSame([true, ['latin']], [$font->is_whole, array_keys($font->measures['bytes'])]);
        $this->edit(['changes' => json_encode(['type.heading.family' => $font->key])])->assertOk();
        $css = app(LookReader::class)->of($this->look()->refresh())->compiled()->css;
        preg_match("/url\\(\"[^\"]*$font->key[^\"]*\"\\) format\\(\"woff2\"\\)[^}]*/", $css, $m);
        self::assertStringNotContainsString('unicode-range', $m[0]);
    }

    public function testTheUnfitIsRefusedAndLeavesNothing(): void
    {
        foreach ([
            'words' => ['not a font', 'no OpenType font'],
            'half' => [substr($this->bytes(), 0, 9000), 'cannot be read'],
            'bitmaps' => [self::withBits($this->bytes(), "\x02\x00"), 'bitmaps'],
            'packed nonsense' => ['wOF2'.random_bytes(4000), 'cannot be packed'],
            'huge' => [str_repeat("\0", 4_000_001), 'over 4 MB'],
        ] as $what => [$bytes, $reason]) {
            $answer = $this->bring($bytes);
            $answer->assertStatus(422);
            self::assertStringContainsString($reason, (string) $answer->getContent(), $what);
            self::assertSame([0, []], [OwnFont::query()->count(), $this->files()], $what);
        }
        $this->actingAs($this->person('maren'))
            ->post("/workbench/looks/{$this->look()->id}/families/own", ['seen' => $this->look()->head], ['HX-Request' => 'true'])
            ->assertStatus(422)
            ->assertSee('Choose a font file first');
        $this->bring($this->bytes(), who: 'ines')->assertForbidden();
    }

    public function testPlainLettersAreLookedForInWhatTheStoreSells(): void
    {
        $words = app(StoreWords::class)->plain($this->storefront(), ['H', '%', '_', '~']);
        self::assertSame(['Heron'], $words->characters['heading']['H'] ?? null);
        self::assertArrayNotHasKey('_', $words->characters['heading'], 'it is no sign of a search');
        self::assertArrayNotHasKey('~', $words->characters['body']);
        // Another case of it is another letter.
        self::assertSame(['W'], array_keys(app(StoreWords::class)->plain($this->storefront(), ['W', 'Q'])->characters['menu']));
    }

    public function testOneThatIsRemovedIsOfferedNoMoreAndNothingBreaks(): void
    {
        $this->bring($this->bytes())->assertOk();
        $font = OwnFont::query()->sole();
        $this->edit(['changes' => json_encode(['type.heading.family' => $font->key])])->assertOk();
        $this->get("/workbench/looks/{$this->look()->id}/fonts")->assertSee('Used by: First heading, Second heading');
        $this->actingAs($this->person('maren'))
            ->post("/workbench/looks/{$this->look()->id}/families/own/$font->id/remove", [], ['HX-Request' => 'true'])
            ->assertOk();
        $look = app(LookReader::class)->of($this->look()->refresh())->resolved();
        self::assertSame('gloock', $look->text('type.heading.family'), 'it goes back to what the theme says');
        self::assertSame($font->name, app(OwnFonts::class)->named($font->key)->name, 'what was published with it still finds it');
        $this->bring($this->bytes())->assertOk();
        $look = app(LookReader::class)->of($this->look()->refresh())->resolved();
        self::assertSame($font->key, $look->text('type.heading.family'), 'brought again, it speaks again');
    }

    public function testOneTakesThePlaceOfAnother(): void
    {
        $this->bring($this->bytes())->assertOk();
        $first = OwnFont::query()->sole();
        $this->edit(['changes' => json_encode(['type.heading.family' => $first->key, 'type.menu.family' => $first->key])])->assertOk();
        $this->bring($this->bytes('lora-latin.ttf'), isConfirmed: false)->assertSee('In place of')->assertSee($first->name);
        $this->actingAs($this->person('maren'))->post("/workbench/looks/{$this->look()->id}/families/own", [
            'seen' => $this->look()->refresh()->head, 'step' => 'fonts', 'confirmed' => 'yes', 'instead' => $first->key,
            'font' => UploadedFile::fake()->createWithContent('lora.ttf', $this->bytes('lora-latin.ttf')),
        ], ['HX-Request' => 'true'])->assertOk();
        $second = OwnFont::query()->where('key', '<>', $first->key)->sole();
        $own = $this->look()->refresh()->ownChanges()->own;
        self::assertSame([$second->key, $second->key], [$own['type.heading.family'], $own['type.menu.family']]);
    }

    public function testAnotherStoreHasItNot(): void
    {
        $this->bring($this->bytes())->assertOk();
        $font = OwnFont::query()->sole();
        $other = Store::query()->create(['name' => 'Elsewhere', 'time_zone' => 'UTC', 'currency' => 'EUR']);
        $here = app(CurrentStore::class)->id();
        app(CurrentStore::class)->is($other->id);
        app(OwnFonts::class)->forget();
        try {
            self::assertArrayNotHasKey($font->key, app(OwnFonts::class)->set()->own);
            self::assertNotSame($font->name, app(OwnFonts::class)->named($font->key)->name);
        } finally {
            app(CurrentStore::class)->is($here);
            app(OwnFonts::class)->forget();
        }
    }

    /** The exported package of a look that speaks in a font of the shop. */
    private function package(string $fontBytes): string
    {
        $this->bring($fontBytes)->assertOk();
        $key = OwnFont::query()->sole()->key;
        $this->edit(['changes' => json_encode(['type.heading.family' => $key])])->assertOk();
        $answer = $this->actingAs($this->person('maren'))->get("/workbench/looks/{$this->look()->id}/theme.zip")->assertOk();
        $path = (string) tempnam(sys_get_temp_dir(), 'ikat-package-');
        file_put_contents($path, $answer->getContent());

        return $path;
    }

    /** @return array<string, string> */
    private static function unfolded(string $zipFile): array
    {
        $zip = new \ZipArchive();
        $zip->open($zipFile);
        $files = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $files[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }

        return $files;
    }

    private function bringTheme(string $zipFile, bool $isConfirmed): TestResponse
    {
        return $this->actingAs($this->person('maren'))->post("/workbench/looks/{$this->look()->id}/themes", [
            'seen' => $this->look()->head, 'step' => 'start',
            'package' => UploadedFile::fake()->createWithContent('theme.zip', (string) file_get_contents($zipFile)),
        ] + ($isConfirmed ? ['confirmed' => 'yes'] : []), ['HX-Request' => 'true']);
    }

    public function testItTravelsWithTheThemeAndIsConfirmedWhereItArrives(): void
    {
        $package = $this->package($this->bytes());
        $key = OwnFont::query()->sole()->key;
        self::assertSame($this->bytes(), self::unfolded($package)["fonts/$key.ttf"] ?? '', 'as it was brought');
        $this->get("/workbench/looks/{$this->look()->id}/start")->assertSee('Your own font goes along: Gloock of the shop.');
        // Another shop, that has nothing of it: here the same one after it has been emptied.
        OwnFont::query()->forceDelete();
        $this->setUp();
        $this->bringTheme($package, false)->assertOk()->assertSee('brings a font with it')->assertSee('no restriction is written in it');
        self::assertSame([0, 0, []], [OwnFont::query()->count(), BroughtTheme::query()->count(), $this->files()], 'only read');
        $this->bringTheme($package, true)->assertOk();
        $font = OwnFont::query()->sole();
        self::assertSame([$key, 467], [$font->key, $font->measures['widths'][400]]);
        $theme = BroughtTheme::query()->sole();
        $starters = json_decode($theme->tokens, true)['$extensions']['ikat.theme']['starters'];
        $starter = (string) array_key_last($starters);
        self::assertSame($key, $starters[$starter]['settings']['type.heading.family'] ?? '');
        $look = $this->look()->refresh();
        app(TakeBase::class)($look, new Base($theme->name, $theme->version, $starter), $look->head, new Author('Test'));
        app(BackToOriginal::class)($look->refresh(), static fn(): bool => true, 'Test', new Author('Test'));
        self::assertNotContains($key, $this->look()->refresh()->ownChanges()->own);
        self::assertStringContainsString("$key-latin.woff2", app(LookReader::class)->of($this->look()->refresh())->compiled()->css);
        $this->get("/workbench/looks/{$look->id}/fonts")->assertSee("the theme millrace $theme->version");
        // The theme handed on again takes it along again.
        $again = (string) tempnam(sys_get_temp_dir(), 'ikat-package-');
        file_put_contents($again, $this->get("/workbench/looks/{$look->id}/theme.zip")->getContent());
        self::assertArrayHasKey("fonts/$key.ttf", self::unfolded($again));
        // Gone, the theme still opens, in the font it would have had.
        $this->post("/workbench/looks/{$look->id}/families/own/$font->id/remove", [], ['HX-Request' => 'true'])->assertOk();
        $this->get("/workbench/looks/{$look->id}/fonts")->assertOk();
        self::assertSame('gloock', app(LookReader::class)->of($this->look()->refresh())->resolved()->text('type.heading.family'));
    }

    public function testAPackageWithAnotherFontThanItSaysIsRefusedWhole(): void
    {
        $files = self::unfolded($this->package($this->bytes()));
        $key = OwnFont::query()->sole()->key;
        OwnFont::query()->forceDelete();
        $this->setUp();
        foreach ([
            'another font' => [$this->bytes('lora-latin.ttf'), 'is another font than the one that was exported'],
            'half a font' => [substr($this->bytes(), 0, 9000), 'cannot be read'],
            'no font at all' => [null, 'not one of its choices'],
        ] as $what => [$bytes, $reason]) {
            $path = (string) tempnam(sys_get_temp_dir(), 'ikat-package-');
            $zip = new \ZipArchive();
            $zip->open($path, \ZipArchive::OVERWRITE);
            foreach ([...$files, "fonts/$key.ttf" => $bytes] as $name => $content) {
                if ($content !== null) {
                    $zip->addFromString($name, $content);
                }
            }
            $zip->close();
            $answer = $this->bringTheme($path, true);
            self::assertSame(422, $answer->status(), $what);
            self::assertStringContainsString($reason, (string) $answer->getContent(), $what);
            self::assertSame([0, 0, []], [OwnFont::query()->count(), BroughtTheme::query()->count(), $this->files()], $what);
        }
    }

    public function testWhatMayNotBeHandedOnStays(): void
    {
        $package = $this->package(self::withBits($this->bytes(), "\x00\x02"));
        self::assertStringNotContainsString('fonts/', implode(' ', array_keys(self::unfolded($package))));
        self::assertStringNotContainsString('"own-', self::unfolded($package)['theme.tokens.json']);
        $this->get("/workbench/looks/{$this->look()->id}/start")->assertSee('does not let it be handed on');
        $this->bringTheme($package, false)->assertOk();
        self::assertSame(1, BroughtTheme::query()->count());
    }

    private static function withBits(string $font, string $bits): string
    {
        for ($i = 0; substr($font, 12 + 16 * $i, 4) !== 'OS/2'; $i++);
        $at = (unpack('N', substr($font, 12 + 16 * $i + 8, 4)) ?: [1 => 0])[1];

        return substr_replace($font, $bits, $at + 8, 2);
    }
}
