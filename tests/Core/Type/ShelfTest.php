<?php

declare(strict_types=1);

namespace Tests\Core\Type;

use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontLikeness;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\OpenType\OpenTypeFont;
use Ikat\Core\Type\Pairing;
use PHPUnit\Framework\TestCase;

final class ShelfTest extends TestCase
{
    public function testTheShelfIsAsLargeAsItIsSaidToBe(): void
    {
        $all = FontShelf::all();
        self::assertGreaterThanOrEqual(40, count($all));
        $inFour = array_filter($all, static fn($f): bool => $f->systems() === ['Latin', 'Vietnamese', 'Greek', 'Cyrillic']);
        self::assertGreaterThanOrEqual(10, count($inFour));
        self::assertEqualsCanonicalizing(
            ['serif', 'slab', 'sans', 'mono', 'display', 'hand'],
            array_unique(array_map(static fn($f): string => $f->kind->value, array_values($all))),
        );
    }

    /** Every package says under which license its font is. */
    public function testEveryFamilyIsUnderTheLicenseThatTheBenchNames(): void
    {
        foreach (array_keys(FontShelf::all()) as $key) {
            $package = $key === 'gloock' ? '@fontsource/gloock' : "@fontsource-variable/$key";
            $about = (string) file_get_contents(dirname(__DIR__, 3)."/node_modules/$package/metadata.json");
            self::assertSame('OFL-1.1', json_decode($about, true, 8, JSON_THROW_ON_ERROR)['license']['type'], $key);
        }
    }

    /** So that plain letters need not be looked for in them. */
    public function testEveryFamilyHasAllOfAscii(): void
    {
        foreach (array_keys(FontShelf::all()) as $key) {
            $has = OpenTypeFont::of((string) file_get_contents(dirname(__DIR__, 3)."/build/fonts/$key-latin.ttf"))->characters;
            self::assertSame([], array_diff(range(32, 126), array_keys($has)), $key);
        }
    }

    public function testTheMostAlikeComeFirst(): void
    {
        $alike = FontLikeness::to(FontShelf::get('karla'), 400);
        self::assertSame(['weight' => 400, 'share' => 100], $alike['karla']);
        self::assertSame(array_keys(FontShelf::all()), array_values(array_intersect(array_keys(FontShelf::all()), array_keys($alike))));
        $shares = array_column($alike, 'share');
        $sorted = $shares;
        rsort($sorted);
        self::assertSame($sorted, $shares);
        // A sans is more like another one than like a script.
        self::assertGreaterThan($alike['dancing-script']['share'], $alike['work-sans']['share']);
        // Of Gloock's one weight the measures at any other are its own.
        self::assertSame(FontLikeness::to(FontShelf::get('gloock'), 900), FontLikeness::to(FontShelf::get('gloock'), 100));
    }

    /** Of a font that somebody brings no letters were laid on those of the shelf: its measures tell what it is like. */
    public function testAFontOfTheMerchantsIsLikeWhatMeasuresAlike(): void
    {
        foreach (['karla', 'playfair-display', 'oswald'] as $key) {
            $shipped = FontShelf::get($key);
            $own = new FontFamily(
                'own-0123456789abcdef',
                'Wren',
                'Wren, your own',
                $shipped->kind,
                $shipped->unitsPerEm,
                $shipped->ascent,
                $shipped->descent,
                $shipped->lineGap,
                $shipped->averageWidths,
                [],
                $shipped->letters,
                ['latin' => 20_000],
                '/files/fonts/1',
            );
            $alike = FontLikeness::to($own, 400);
            self::assertSame([$own->key, $key], array_slice(array_keys($alike), 0, 2));
            self::assertSame(['weight' => 400, 'share' => null], $alike[$key]);
            self::assertCount(count(FontShelf::all()) + 1, $alike);
            self::assertNotContains($own->key, array_map(
                static fn(Pairing $p): string => $p->heading->key,
                Pairing::near(new Pairing($own, 400, FontShelf::get('karla'), 400), 3),
            ), 'pairs are proposed of the shelf');
        }
    }

    public function testPairsAreBetterThanThoseThatStrain(): void
    {
        $now = new Pairing(FontShelf::get('gloock'), 400, FontShelf::get('karla'), 400);
        // Heights of x in the fonts' own OS/2 tables: Gloock 508 of 1000, Karla 956 of 2000.
        self::assertEqualsWithDelta(0.508 / 0.478 - 1, $now->step(), 0.005);
        $pairs = Pairing::near($now, 3);
        self::assertCount(3, $pairs);
        foreach ($pairs as $pair) {
            self::assertLessThan($now->strain() + 0.05, $pair->strain());
            self::assertNotSame([$now->heading, $now->body], [$pair->heading, $pair->body]);
            self::assertMatchesRegularExpression('/^Small letters .+; .+; strokes swell [\d.]+ to 1 and [\d.]+ to 1\.$/', $pair->reason());
        }
        self::assertCount(3, array_unique(array_map(static fn(Pairing $p): string => $p->heading->key, $pairs)));
        // One family for both never differs in height, and is said to be one.
        $one = new Pairing(FontShelf::get('figtree'), 600, FontShelf::get('figtree'), 600);
        self::assertSame([0.0, FontShelf::get('figtree')->bytes['latin']], [$one->step(), $one->bytes()]);
        self::assertStringContainsString('one family for both', $one->reason());
    }
}
