<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Product;
use App\Pictures\KeepFilm;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

/** A product's film is brought as a file, shown on its page, taken away and undone like the rest of it. */
final class FilmTest extends AppTestCase
{
    private const AT = '/workbench/looks/1/storeroom';
    private const SLUG = 'tidewater-glass-lantern';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person('tobias'));
    }

    private function bring(string $bytes, string $name, string $who = 'tobias'): TestResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'film');
        file_put_contents($path, $bytes);

        return $this->actingAs($this->person($who))->post(self::AT.'/films', [
            'record' => self::product()->id, 'file' => new UploadedFile($path, $name, null, null, true),
        ]);
    }

    private static function product(): Product
    {
        return Product::query()->where('slug', self::SLUG)->firstOrFail();
    }

    private static function film(): string
    {
        return (string) file_get_contents(base_path('demo/film/heron-folding-lantern.webm'));
    }

    public function testAFilmIsBroughtShownTakenAwayAndBroughtBack(): void
    {
        // What it is called says nothing of what it is.
        $this->bring(self::film(), 'our lantern.mp4')->assertOk();
        $address = self::product()->video;
        self::assertMatchesRegularExpression('~^/[a-z-]+/pictures/1/film-[0-9a-f]{16}\.webm$~', (string) $address);
        self::assertSame(self::film(), file_get_contents(public_path((string) $address)));
        $this->get(self::SHOP.'/product/'.self::SLUG)->assertSee("<video src=\"$address\"", false);
        $this->post(self::AT.'/cells', ['record' => self::product()->id, 'column' => 'video', 'value' => ''])->assertOk();
        self::assertNull(self::product()->video);
        $this->post(self::AT.'/undo')->assertOk();
        self::assertSame($address, self::product()->video);
    }

    public function testWhatIsNoFilmIsRefusedWithASentence(): void
    {
        foreach (['<script>alert(1)</script>', "GIF89a\x01\x00\x01\x00", '', "\x1A\x45\xDF\xA3", str_repeat('x', 40)] as $bytes) {
            $this->bring($bytes, 'film.webm')->assertStatus(422)->assertSee('is no film Ikat can use');
        }
        $this->bring(self::film().str_repeat("\0", KeepFilm::MOST_BYTES), 'long.webm')->assertStatus(422)->assertSee('too heavy');
        $this->post(self::AT.'/films', ['record' => self::product()->id])->assertStatus(422)->assertSee('No film has arrived');
        foreach (['javascript:alert(1)', '//elsewhere.example/film.webm', '/a/../b.webm', 'film.webm'] as $typed) {
            $this->post(self::AT.'/cells', ['record' => self::product()->id, 'column' => 'video', 'value' => $typed])->assertStatus(422);
        }
        self::assertNull(self::product()->video);
        $this->bring(self::film(), 'film.webm', 'ines')->assertForbidden();
    }
}
