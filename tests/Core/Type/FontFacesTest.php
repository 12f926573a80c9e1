<?php

declare(strict_types=1);

namespace Tests\Core\Type;

use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Type\FontFaces;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\UnknownFont;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class FontFacesTest extends TestCase
{
    /** Each family of the shelf has its files, and no file ships that no family has. */
    public function testTheShelfAndTheFilesThatShipAreTheSame(): void
    {
        $shipped = array_map(basename(...), glob(dirname(__DIR__, 3).'/public/fonts/*.woff2') ?: []);
        $wanted = array_merge(...array_map(
            static fn(FontFamily $f): array => array_map(static fn(string $part): string => "$f->key-$part.woff2", array_keys($f->bytes)),
            array_values(FontShelf::all()),
        ));
        self::assertEqualsCanonicalizing($wanted, $shipped);
    }

    public function testALookCarriesTheFacesItSpeaksInAndNoOthers(): void
    {
        $look = Fixtures::look(['type.price.family' => 'bitter']);
        self::assertSame(
            ['karla', 'gloock', 'bitter'],
            array_map(static fn(FontFamily $f): string => $f->key, LookCompiler::families($look)),
        );
        $css = LookCompiler::compile($look, Fixtures::theme())->css;
        self::assertStringContainsString('/fonts/bitter-latin.woff2', $css);
        self::assertStringNotContainsString('lora', $css);
    }

    public function testEachFaceHasAStandInAndNothingEverMoves(): void
    {
        foreach (array_keys(FontShelf::all()) as $key) {
            $css = FontFaces::css([FontShelf::get($key)]);
            self::assertSame(count(FontShelf::get($key)->parts), substr_count($css, 'font-display:optional'), $key);
            self::assertMatchesRegularExpression(
                '/stand-in";font-weight:\d00;src:local\("[^;]+;size-adjust:[\d.]+%'
                    .';ascent-override:[\d.]+%;descent-override:[\d.]+%;line-gap-override:0%/',
                $css,
                $key,
            );
            self::assertStringContainsString('"'.FontShelf::get($key)->name.' stand-in"', FontShelf::get($key)->stack());
        }
    }

    /** The font packages say which characters are in which of their files. */
    public function testEachFileIsForTheCharactersThatItsPackageSaysItHas(): void
    {
        foreach (FontShelf::all() as $key => $family) {
            $package = $key === 'gloock' ? '@fontsource/gloock' : "@fontsource-variable/$key";
            $said = json_decode(
                (string) file_get_contents(dirname(__DIR__, 3)."/node_modules/$package/unicode.json"),
                true,
                4,
                JSON_THROW_ON_ERROR,
            );
            foreach ($family->parts as $part) {
                self::assertSame($said[$part], FontShelf::RANGES[$part], "$key $part");
            }
        }
    }

    public function testAnUnknownFontIsRefused(): void
    {
        $this->expectException(UnknownFont::class);
        FontShelf::get('wingdings');
    }
}
