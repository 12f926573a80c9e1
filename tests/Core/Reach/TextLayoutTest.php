<?php

declare(strict_types=1);

namespace Tests\Core\Reach;

use Ikat\Core\Reach\MatchedPage;
use Ikat\Core\Reach\Stylesheet;
use Ikat\Core\Reach\TextColumn;
use Ikat\Core\Reach\TextLayout;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Widths worked out by hand; that Chromium lays the shop out just so is tested there (type.test.mjs). */
final class TextLayoutTest extends TestCase
{
    private const ROOT = ['--type-measure' => '30em', '--share' => '60%', '--columns' => '3'];
    private const TEXT = 'Paper is folded wet and dries on a frame of bamboo.';

    private const BASE = 'body { font-family: var(--type-body-family); font-size: 16px; } p { max-width: var(--type-measure); } ';

    /** @return list<TextColumn> */
    private static function columns(string $css, string $html, int ...$screens): array
    {
        $page = MatchedPage::of(Stylesheet::parse(self::BASE.$css), "<body><main>$html</main></body>");
        // What is kept in a file and read again is what it was.
        $layout = unserialize(serialize(TextLayout::of(['home' => $page])));

        return $layout->columns(self::ROOT, array_values($screens) ?: [1000]);
    }

    private static function text(string $class = '', string $more = ''): string
    {
        return "<section><p class=\"$class\">".self::TEXT."$more</p></section>";
    }

    /** @return iterable<string, array{string, string, list<float>}> css, html, px of each column on a screen of 1000 px */
    public static function laidOut(): iterable
    {
        yield 'held to the longest line' => ['', self::text(), [480.0]];
        yield 'of larger letters a wider one' => ['.large { font-size: 1.25em; }', self::text('large'), [600.0]];
        yield 'padding' => ['section { padding: 10px 300px; } ', self::text(), [400.0]];
        yield 'padding at one side' => ['section { padding: 0 300px 0 350px; padding-right: 400px; }', self::text(), [250.0]];
        yield 'padding by rule and a border' => [
            'section { padding-inline: clamp(16px, 40vw, 350px); border: 2px solid red; }', self::text(), [296.0],
        ];
        yield 'a narrow frame' => ['section { width: 100%; max-width: calc(200px + 112px); }', self::text(), [312.0]];
        $grid = '<div class="grid">'.str_repeat(self::text(), 3).'</div>';
        yield 'shares' => ['.grid { display: grid; grid-template-columns: 1fr 2fr 2fr; gap: 9px 50px; }', $grid, [180.0, 360.0, 360.0]];
        yield 'a share of the whole before ratios' => [
            '.grid { display: grid; grid-template-columns: minmax(0, var(--share)) minmax(0, 1fr); column-gap: 40px; }',
            '<div class="grid"><i></i>'.self::text().'</div>', [360.0],
        ];
        yield 'less than all of the room' => [
            '.grid { display: grid; grid-template-columns: minmax(0, 25rem); }',
            self::grid(self::text()), [400.0],
        ];
        yield 'repeated by a property' => [
            '.grid { display: grid; grid-template-columns: repeat(var(--columns), minmax(0, 1fr)); gap: 20px; }',
            $grid, [320.0, 320.0, 320.0],
        ];
        yield 'over two of four' => [
            '.grid { display: grid; grid-template-columns: repeat(4, minmax(0, 1fr)); gap: 20px; } section { grid-column: span 2; }',
            self::grid(self::text('', ' Two.').self::text()), [480.0, 480.0],
        ];
        yield 'over all of them' => [
            '.grid { display: grid; grid-template-columns: 100px 1fr; } .whole { grid-column: 1 / -1; }',
            '<div class="grid"><div class="whole">'.self::text().'</div></div>', [480.0],
        ];
        yield 'the next row' => [
            '.grid { display: grid; grid-template-columns: 200px 300px; }',
            self::grid('<i></i><i></i>'.self::text()), [200.0],
        ];
        yield 'a closed dialog takes no place' => [
            '.grid { display: grid; grid-template-columns: 200px 300px; }',
            self::grid('<i></i><dialog><p>A</p></dialog><i hidden></i>'.self::text()), [300.0],
        ];
        yield 'by order' => [
            '.grid { display: grid; grid-template-columns: 300px 100px; } i { order: 1; }', self::grid('<i></i>'.self::text()), [300.0],
        ];
        yield 'what is not there takes no place' => [
            '.grid { display: grid; grid-template-columns: 300px 100px; } i { display: none; } b { position: absolute; }',
            self::grid('<i></i><b></b>'.self::text()), [300.0],
        ];
        yield 'a property set on the way' => [
            'section { --share: 20%; } .half { width: var(--share); }',
            '<section><div class="half">'.self::text().'</div></section>', [200.0],
        ];
        yield 'a row that wraps is not told' => ['.grid { display: flex; }', self::grid(self::text()), []];
        yield 'nor tracks by what is in them' => [
            '.grid { display: grid; grid-template-columns: auto 1fr; }', self::grid('<i></i>'.self::text()), [],
        ];
        yield 'nor what lies over the page' => ['section { position: absolute; }', self::text(), []];
        yield 'what is pointed at does not count' => ['section:hover { padding: 300px; }', self::text(), [480.0]];
        yield 'letters of another voice are no text' => ['p { font-family: var(--type-small-family); }', self::text(), []];
        yield 'a few words are no column' => ['', '<p>Paper is folded.</p>', []];
        yield 'of a section its longest' => ['', '<section><p>'.self::TEXT.'</p><p class="x">'.self::TEXT.' More.</p></section>', [480.0]];
    }

    private static function grid(string $inside): string
    {
        return "<div class=\"grid\">$inside</div>";
    }

    /** @param list<float> $widths */
    #[DataProvider('laidOut')]
    public function testWidths(string $css, string $html, array $widths): void
    {
        self::assertEqualsWithDelta(
            $widths,
            array_map(static fn(TextColumn $c): float => $c->widths[1000], self::columns($css, $html)),
            0.001,
        );
    }

    public function testAScreenHasItsOwnRules(): void
    {
        $css = 'section { width: 400px; } @media (max-width: 759px) { section { width: 100%; } } '
            .'@media (prefers-reduced-motion: reduce) { section { width: 10px; } }';
        [$column] = self::columns($css, '<div><b></b></div>'.self::text(), 390, 760, 759);
        self::assertSame([390 => 390.0, 760 => 400.0, 759 => 480.0], $column->widths);
        self::assertSame([390 => 16.0, 760 => 16.0, 759 => 16.0], $column->sizes);
        self::assertSame(['home', 4, self::TEXT], [$column->page, $column->number, $column->words]);
    }

    public function testWhatIsNotOnEveryScreenIsLeftOut(): void
    {
        $css = '@media (max-width: 759px) { section { display: none; } }';
        self::assertSame([], self::columns($css, self::text(), 390, 1280));
        self::assertCount(1, self::columns($css, self::text(), 1280));
    }
}
