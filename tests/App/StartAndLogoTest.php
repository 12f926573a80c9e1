<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Looks\BackToOriginal;
use App\Looks\BringTheme;
use App\Looks\EditLook;
use App\Looks\LookReader;
use App\Looks\StepThroughJournal;
use App\Looks\TakeBase;
use App\Looks\ThemeShelf;
use App\Models\BroughtTheme;
use App\Models\Look;
use App\Models\Picture;
use App\Models\Store;
use App\Models\Storefront;
use App\Models\User;
use App\Pictures\PictureReader;
use App\Pictures\UnusablePicture;
use App\Publishing\PublishLook;
use Ikat\Core\Exchange\UnusablePackage;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\Change;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

final class StartAndLogoTest extends AppTestCase
{
    private const BENCH = '/workbench/looks/1';

    private static function upload(string $name, string $bytes): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'up');
        file_put_contents($path, $bytes);

        return new UploadedFile($path, $name, null, null, true);
    }

    /** @param callable(\GdImage): mixed $write */
    private static function picture(callable $write, int $width = 240, int $height = 120): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagefill($image, 0, 0, 0xFFFFFF);
        imagefilledellipse($image, intdiv($width, 2), intdiv($height, 2), intdiv($height, 2), intdiv($height, 2), 0x1D3B6F);
        ob_start();
        $write($image);

        return (string) ob_get_clean();
    }

    public function testTakingABaseIsOneEditAndOneUndoBringsAllBack(): void
    {
        $look = $this->look();
        $was = app(LookReader::class)->of($look)->compiled()->css;
        $state = $look->state;
        app(TakeBase::class)($look, new Base('belfry', '1.0.0', 'night-bell'), $look->head, new Author('Test'));
        self::assertSame('belfry', app(LookReader::class)->of($look)->wanted->theme);
        self::assertNotSame($was, app(LookReader::class)->of($look)->compiled()->css);
        app(StepThroughJournal::class)->undo($look, new Author('Test'));
        self::assertSame([$state, 'millrace'], [$look->state, app(LookReader::class)->of($look)->wanted->theme]);
        self::assertSame($was, app(LookReader::class)->of($look)->compiled()->css);
    }

    public function testALookOnAnotherThemeIsPublishedWithItsStylesheet(): void
    {
        $look = $this->look();
        app(TakeBase::class)($look, new Base('towpath', '1.0.0', 'slate-moss'), $look->head, new Author('Test'));
        $release = app(PublishLook::class)($look, 'Test', 'a test');
        self::assertSame(['towpath', '1.0.0', 'slate-moss'], [$release->theme, $release->theme_version, $release->starter]);
        $this->get(self::SHOP.'/')->assertOk()->assertSee($release->theme_css, false);
    }

    public function testOnlyEditorsTakeBasesAndOnlyOfTheirOwnStore(): void
    {
        $this->actingAs($this->person('ines'))->post(
            self::BENCH.'/base',
            ['theme' => 'belfry', 'starter' => 'night-bell', 'seen' => 1],
            ['Origin' => 'http://localhost'],
        )->assertForbidden();
        $this->actingAs($this->person('ines'))->post(self::BENCH.'/logo', [], ['Origin' => 'http://localhost'])->assertForbidden();
        $this->actingAs($this->person('maren'))->post(
            self::BENCH.'/base',
            ['theme' => '../millrace', 'starter' => 'x', 'seen' => 1],
            ['Origin' => 'http://localhost'],
        )->assertNotFound();
    }

    /** What a look wears goes out and comes in again: its starter's colors, its own changes; the shop's words stay where they are. */
    public function testALookThatIsHandedOnIsWornAsItWas(): void
    {
        $look = $this->look();
        app(BackToOriginal::class)($look, static fn(): bool => true, 'Test', new Author('Test'));
        app(TakeBase::class)($look, new Base('belfry', '1.0.0', 'night-bell'), $look->head, new Author('Test'));
        $look->update(['name' => '2026, Night bell']);
        $this->edit(['changes' => json_encode([
            'brand.main' => '#335577', 'scheme.night.ink' => '#fff1d0', 'type.body.size.phone' => 17.5, 'shape.radius' => 7.0,
            'type.menu.family' => '{type.heading.family}', 'header.sticky' => 'smaller',
        ])])->assertOk();
        $worn = app(LookReader::class)->of($this->look());
        $file = (string) tempnam(sys_get_temp_dir(), 'ikat-package-');
        file_put_contents($file, $this->actingAs($this->person('maren'))->get(self::BENCH.'/theme.zip')->assertOk()->getContent());
        $theme = app(BringTheme::class)->import($file);
        self::assertSame('look-2026-night-bell', array_key_last($theme->starters));
        self::assertCount(count($worn->theme()->starters) + 1, $theme->starters);
        $look = $this->look();
        app(BackToOriginal::class)($look, static fn(): bool => true, 'Test', new Author('Test'));
        app(TakeBase::class)($look, new Base($theme->name, $theme->version, 'look-2026-night-bell'), $look->head, new Author('Test'));
        $now = app(LookReader::class)->of($this->look());
        foreach ($worn->catalog()->all() as $path => $setting) {
            if (! in_array($path, Base::PATHS, true)) {
                self::assertSame($worn->resolved()->value($path), $now->resolved()->value($path), $path);
            }
        }
    }

    /** What cannot be seen by somebody else's store: a theme it brought in. */
    public function testABroughtThemeStandsOnTheShelfOfItsStoreAlone(): void
    {
        $zip = $this->zip([
            'theme.tokens.json' => (string) file_get_contents(base_path('themes/belfry/1.0.0/theme.tokens.json')),
            'theme.css' => '.kicker { margin: 0; }',
        ]);
        app(BringTheme::class)->import($zip);
        $names = static fn(): array => array_map(static fn($t): string => $t->name, app(ThemeShelf::class)->all());
        self::assertContains('own-belfry', $names());
        $other = Store::query()->create(['name' => 'Other', 'time_zone' => 'UTC', 'currency' => 'USD']);
        app(\App\Models\CurrentStore::class)->is($other->id);
        self::assertNotContains('own-belfry', $names());
        app(\App\Models\CurrentStore::class)->is($this->storefront()->store_id);
        self::assertTrue(app(BringTheme::class)->remove('own-belfry'));
        self::assertNotContains('own-belfry', $names());
    }

    /** A name of a theme is looked up, never joined into a path: whatever it is, nothing but the store's own row can go. */
    public function testRemovingAThemeReachesNothingElse(): void
    {
        $kept = storage_path('own-probe/inside');
        @mkdir($kept, 0o700, true);
        file_put_contents("$kept/file", 'x');
        foreach ([
            'own-probe/../../..', 'own-probe/..', '../own-probe', 'own-../../themes/millrace', 'millrace', 'own-', "own-belfry\0",
            'own-belfry/', '', '1',
        ] as $name) {
            $this->actingAs($this->person('maren'))
                ->post(self::BENCH.'/themes/remove', ['theme' => $name, 'seen' => 0, 'step' => 'start'])
                ->assertStatus(422);
        }
        self::assertFileExists("$kept/file");
        self::assertFileExists(base_path('themes/millrace/1.1.0/theme.css'));
        unlink("$kept/file");
        rmdir($kept);
        rmdir(dirname($kept));
    }

    /** An undo that leads back to a theme that is gone: the look opens, says what is missing, and can go on. */
    public function testALookWhoseThemeIsGoneOpensAndSaysSo(): void
    {
        $zip = $this->zip([
            'theme.tokens.json' => (string) file_get_contents(base_path('themes/belfry/1.0.0/theme.tokens.json')),
            'theme.css' => '.kicker { margin: 0; }',
        ]);
        app(BringTheme::class)->import($zip);
        $look = $this->look();
        app(TakeBase::class)($look, new Base('own-belfry', '1.0.0', 'night-bell'), $look->head, new Author('Test'));
        app(TakeBase::class)($look, new Base('towpath', '1.0.0', 'slate-moss'), $look->head, new Author('Test'));
        self::assertTrue(app(BringTheme::class)->remove('own-belfry'));
        $maren = $this->actingAs($this->person('maren'));
        $maren->post(self::BENCH.'/undo', ['step' => 'start'], ['HX-Request' => 'true'])->assertOk()->assertSee('no longer on the shelf');
        self::assertSame('own-belfry', app(LookReader::class)->of($this->look())->wanted->theme, 'the journal is not rewritten');
        foreach (['start', 'colors', 'logo', 'fonts', 'header', 'pages', 'products', 'footer', 'checkout', 'seasons', 'publish'] as $step) {
            $maren->get(self::BENCH."/$step")->assertOk()->assertSee('no longer on the shelf');
        }
        $maren->get("/preview/{$this->look()->id}/now".self::SHOP.'/')->assertOk();
        $maren->post(self::BENCH.'/publish', ['seen' => $this->look()->head], ['HX-Request' => 'true'])->assertStatus(422);
        // The ways on: another theme, a redo, or the theme brought in again.
        $maren
            ->post(self::BENCH.'/redo', ['step' => 'start'], ['HX-Request' => 'true'])
            ->assertOk()
            ->assertDontSee('no longer on the shelf');
        $maren->post(self::BENCH.'/undo', ['step' => 'start'], ['HX-Request' => 'true'])->assertSee('no longer on the shelf');
        app(BringTheme::class)->import($zip);
        $maren->get(self::BENCH.'/start')->assertOk()->assertDontSee('no longer on the shelf');
    }

    /** The cases of the first report: a gradient whose color the new theme lacks, and links in a circle that were stored. */
    public function testAStateThatCannotBeResolvedDoesNotShutAnybodyOut(): void
    {
        $this->edit(['path' => 'scheme.night.gradient', 'value' => 'linear-gradient(90deg, {scheme.counter.ink} 0%, #101010 100%)'])
            ->assertOk();
        $maren = $this->actingAs($this->person('maren'));
        $maren->post(
            self::BENCH.'/base',
            ['theme' => 'belfry', 'starter' => 'night-bell', 'seen' => $this->look()->head],
            ['HX-Request' => 'true'],
        )->assertOk();
        $maren->get(self::BENCH.'/colors')->assertOk();
        $maren->get("/preview/{$this->look()->id}/now".self::SHOP.'/')->assertOk();
        $maren->post(self::BENCH.'/undo', [], ['HX-Request' => 'true'])->assertOk();
        $look = $this->look();
        $look->update(['state' => $look->ownChanges()->with([
            new Change('brand.main', null, '{brand.second}'),
            new Change('brand.second', null, '{brand.main}'),
        ])->bytes()]);
        $maren->get(self::BENCH.'/colors')->assertOk()->assertSee('in a circle');
        $this->edit(['path' => 'brand.main', 'value' => '#123456'])->assertOk()->assertDontSee('in a circle');
    }

    /** A disk that is full half-way: nothing half-written counts. */
    public function testAHalfDoneImportLeavesNothing(): void
    {
        $png = self::picture(imagepng(...), 40, 40);
        $zip = $this->zip([
            'theme.tokens.json' => (string) file_get_contents(base_path('themes/belfry/1.0.0/theme.tokens.json')),
            'theme.css' => '',
            'pictures/a.png' => $png,
            'pictures/b.png' => $png,
        ]);
        $intake = new class ('', '', app(\App\Pictures\Originals::class)) extends \App\Pictures\PictureIntake {
            private int $calls = 0;

            public function keep(\App\Pictures\ReadPicture $picture, int $store, string $name, ?callable $watch = null): array
            {
                if ($this->calls++ > 0) {
                    throw new \RuntimeException('No space left on device');
                }

                return ['base' => '/x/1/a', 'facts' => [], 'widths' => [40], 'formats' => [], 'width' => 40, 'height' => 40, 'bytes' => 1];
            }
        };
        $before = Picture::query()->count();
        try {
            app()->make(BringTheme::class, ['intake' => $intake])->import($zip);
            self::fail('it was taken');
        } catch (\RuntimeException $e) {
            self::assertStringContainsString('No space', $e->getMessage());
        }
        self::assertSame([$before, 0], [Picture::query()->count(), BroughtTheme::query()->count()]);
        $this->actingAs($this->person('maren'))->get(self::BENCH.'/start')->assertOk();
    }

    public function testAHostilePackageWritesNothing(): void
    {
        $before = Picture::query()->count();
        foreach ([
            ['../evil.php' => '<?php', 'theme.tokens.json' => '{}'],
            [
                'theme.tokens.json' => (string) file_get_contents(base_path('themes/belfry/1.0.0/theme.tokens.json')),
                'theme.css' => '@import url(http://evil.example/);',
            ],
            [
                'theme.tokens.json' => (string) file_get_contents(base_path('themes/belfry/1.0.0/theme.tokens.json')),
                'pictures/a.png' => '<?php echo 1;',
            ],
            ['theme.tokens.json' => str_repeat(' ', 590_000).'{}'],
        ] as $files) {
            try {
                app(BringTheme::class)->import($this->zip($files));
                self::fail('it was taken: '.implode(', ', array_keys($files)));
            } catch (UnusablePackage $e) {
                self::assertNotSame([], $e->problems);
            }
        }
        self::assertSame($before, Picture::query()->count());
        self::assertSame(0, BroughtTheme::query()->count());
    }

    /** @param array<string, string> $files */
    private function zip(array $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $path;
    }

    /** @return iterable<string, array{string, string}> a file, and what is said of it */
    public static function files(): iterable
    {
        $gif = self::picture(imagegif(...));
        // A second picture, as an animation has: the first one's control block and data once more.
        $control = "\x21\xF9\x04\x00\x0A\x00\x00\x00";
        // Behind the header of 13 bytes and its color table begins the first picture.
        $at = 13 + 3 * 2 ** ((ord($gif[10]) & 7) + 1);
        yield 'animated' => [substr($gif, 0, $at).$control.substr($gif, $at, -1).$control.substr($gif, $at), 'its first picture was kept'];
        yield 'one pixel' => [self::picture(imagepng(...), 1, 1), 'too small'];
        $jpeg = self::picture(static fn(\GdImage $i): bool => imagejpeg($i, null, 90));
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0";
        yield 'on its side' => [substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2), 'turned upright'];
    }

    #[DataProvider('files')]
    public function testSaysWhatWasDoneToAFile(string $bytes, string $words): void
    {
        $file = self::upload('logo', $bytes);
        self::assertStringContainsString($words, implode(' ', PictureReader::read($file->getPathname(), 'logo')->notes));
    }

    public function testPrintingInksAreTurnedIntoScreenColors(): void
    {
        // Four-channel JPEG, written by sharp, which the demo's pictures are drawn with.
        $file = (string) tempnam(sys_get_temp_dir(), 'cmyk').'.jpg';
        exec(
            'node -e '
                .escapeshellarg("import('sharp').then(({default: s}) => "
                    ."s({create: {width: 40, height: 40, channels: 3, background: '#1d3b6f'}})"
                    .".toColourspace('cmyk').jpeg().toFile('$file'))"),
            $out,
            $code,
        );
        self::assertSame(0, $code);
        self::assertStringContainsString('CMYK', implode(' ', PictureReader::read($file, 'cmyk.jpg')->notes));
    }

    public function testWhatCannotBeALogoIsRefusedInWords(): void
    {
        foreach ([
            ['big.png', str_repeat('x', 12_000_001), 'too heavy'],
            ['broken.png', substr(self::picture(imagepng(...)), 0, 60), 'broken'],
            ['x.svg', '<svg xmlns="http://www.w3.org/2000/svg"><text>W</text></svg>', 'outlines'],
            ['x.php', '<?php echo 1;', 'not a picture'],
        ] as [$name, $bytes, $words]) {
            try {
                PictureReader::read(self::upload($name, $bytes)->getPathname(), $name);
                self::fail("$name was taken");
            } catch (UnusablePicture $e) {
                self::assertStringContainsString($words, $e->getMessage());
            }
        }
    }

    public function testAFaintLogoIsAFindingAndTheSecondFileMendsIt(): void
    {
        $clear = imagecreatetruecolor(200, 80);
        imagealphablending($clear, false);
        imagesavealpha($clear, true);
        imagefill($clear, 0, 0, 0x7F000000);
        imagefilledrectangle($clear, 20, 20, 180, 60, 0x1D3B6F);
        ob_start();
        imagepng($clear);
        $png = (string) ob_get_clean();
        $maren = $this->actingAs($this->person('maren'));
        $maren->post(
            self::BENCH.'/logo',
            ['file' => self::upload('mark.png', $png), 'seen' => $this->look()->head, 'step' => 'logo'],
            ['Origin' => 'http://localhost', 'HX-Request' => 'true'],
        )
            ->assertOk()->assertSee('hard to make out: on the locked shop')->assertSee('59% of the file is empty margin');
        $maren->post(
            self::BENCH.'/logo/version',
            ['make' => 'light', 'seen' => $this->look()->head, 'step' => 'logo'],
            ['Origin' => 'http://localhost', 'HX-Request' => 'true'],
        )
            ->assertOk()->assertDontSee('hard to make out');
        $maren->get('/preview/1/now/shop/wrenfold/locked')->assertOk()->assertSee('mark-light', false);
        $maren->get('/preview/1/now/shop/wrenfold/')->assertOk()->assertDontSee('mark-light', false);
    }

    public function testAnEmptyStoreBeginsWithItsLogo(): void
    {
        $store = Store::query()->create(['name' => 'Empty', 'time_zone' => 'UTC', 'currency' => 'USD']);
        app(\App\Models\CurrentStore::class)->is($store->id);
        $owner = User::query()->create([
            'store_id' => $store->id, 'name' => 'Ona', 'email' => 'ona@wrenfold.example', 'password' => 'lantern-night', 'role' => 'owner',
        ]);
        $storefront = Storefront::query()->create(['name' => 'Empty', 'slug' => 'empty', 'locked' => false, 'password' => null]);
        $look = Look::query()->create([
            'storefront_id' => $storefront->id, 'name' => 'First', 'theme' => 'millrace', 'version' => '1.1.0', 'starter' => 'river-dusk',
            'state' => '{}', 'head' => 0,
        ]);
        $ona = $this->actingAs($owner);
        $ona->get("/workbench/looks/$look->id/start")->assertOk()->assertSee('We sell')->assertSee('Choose your logo');
        $ona->post(
            "/workbench/looks/$look->id/logo",
            ['file' => self::upload('logo.png', self::picture(imagepng(...))), 'seen' => 0, 'step' => 'start', 'begin' => 1],
            ['Origin' => 'http://localhost', 'HX-Request' => 'true'],
        )
            ->assertOk()->assertSee('Millrace in your colors')->assertSee('Belfry in your colors')->assertSee('Towpath in your colors');
        $ona->post(
            "/workbench/looks/$look->id/logo/colors",
            ['proposal' => 0, 'theme' => 'towpath', 'starter' => 'tidewater', 'seen' => 1, 'step' => 'start'],
            ['Origin' => 'http://localhost', 'HX-Request' => 'true'],
        )->assertOk();
        $look->refresh();
        self::assertSame('towpath', app(LookReader::class)->of($look)->wanted->theme);
        self::assertSame('#1d3b6f', $look->ownChanges()->own['brand.main']);
        // Somebody else's look is not there for her.
        $ona->get(self::BENCH.'/start')->assertNotFound();
    }

    public function testBackToTheOriginalForAStepAndForAll(): void
    {
        $maren = $this->actingAs($this->person('maren'));
        $look = $this->look();
        app(EditLook::class)($look, ['footer.space' => '60', 'brand.main' => '#123456'], $look->head, new Author('Test'));
        $maren->post(
            self::BENCH.'/original',
            ['only' => 'footer', 'step' => 'footer', 'seen' => $look->head],
            ['Origin' => 'http://localhost', 'HX-Request' => 'true'],
        )->assertOk();
        $own = $look->refresh()->ownChanges()->own;
        self::assertArrayNotHasKey('footer.space', $own);
        self::assertSame('#123456', $own['brand.main']);
        $maren->post(
            self::BENCH.'/original',
            ['step' => 'start', 'seen' => $look->head],
            ['Origin' => 'http://localhost', 'HX-Request' => 'true'],
        )->assertOk();
        self::assertSame('{}', $look->refresh()->state);
        app(StepThroughJournal::class)->undo($look, new Author('Test'));
        self::assertSame($own, $look->ownChanges()->own);
    }

    public function testATrialIsShownToItsStoreAloneAndLeavesNoTrace(): void
    {
        $head = $this->look()->head;
        $maren = $this->actingAs($this->person('maren'));
        $html = (string) $maren->get(self::BENCH.'/start')->assertOk()->getContent();
        self::assertSame(1, preg_match('/now~([0-9a-f]{16})/', $html, $m));
        $maren->get("/preview/1/now~$m[1]/shop/wrenfold/")->assertOk();
        $maren->get('/preview/1/now~ffffffffffffffff/shop/wrenfold/')->assertNotFound();
        self::assertSame($head, $this->look()->head);
        app('auth')->guard()->logout();
        $this->get("/preview/1/now~$m[1]/shop/wrenfold/")->assertRedirect();
    }
}
