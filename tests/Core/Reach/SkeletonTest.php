<?php

declare(strict_types=1);

namespace Tests\Core\Reach;

use Ikat\Core\Reach\PageReader;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Reach\Stylesheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What lets a page be read once: its skeleton, pages read one by one, rules that are not even asked. */
final class SkeletonTest extends TestCase
{
    private const CSS = '.wear{color:var(--ink);background-color:var(--ground)} .card h3{font-size:var(--card-name-size)} '
        .".card:not(.plain) p{color:var(--soft)}\n"
        .'.scheme-day{--ink:var(--scheme-day-ink);--ground:var(--scheme-day-ground);--soft:var(--scheme-day-soft)} '
        .'.absent .card p{color:var(--never)} p{margin-top:var(--page-space)}';

    private static function page(string $body): string
    {
        return "<!DOCTYPE html><html><head><title>t</title></head><body class=\"wear scheme-day\">$body</body></html>";
    }

    #[DataProvider('alike')]
    public function testOtherWordsAndAddressesMakeNoOtherSkeleton(string $a, string $b): void
    {
        self::assertSame(PageReader::skeleton(self::page($a)), PageReader::skeleton(self::page($b)));
        $sheet = Stylesheet::parse(self::CSS);
        self::assertEquals(
            PageReader::page($sheet, 'p', self::page($a)),
            PageReader::page($sheet, 'p', self::page($b)),
            'so their index is one',
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function alike(): iterable
    {
        yield 'words' => ['<p class="card">One</p>', '<p class="card">Quite other words, and longer</p>'];
        yield 'addresses' => [
            '<div class="card"><h3><a href="/a">x</a></h3></div>',
            '<div class="card"><h3><a href="/b/c?d=1">y</a></h3></div>',
        ];
        yield 'pictures' => [
            '<img class="card" src="a.webp" alt="A" width="1" height="2">',
            '<img class="card" src="b.webp" alt="B" width="3" height="4">',
        ];
        yield 'values' => ['<input name="q" value="lamp" aria-label="Find">', '<input name="r" value="" aria-label="Search">'];
    }

    #[DataProvider('different')]
    public function testWhatSelectorsAndReachReadDoes(string $a, string $b): void
    {
        self::assertNotSame(PageReader::skeleton(self::page($a)), PageReader::skeleton(self::page($b)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function different(): iterable
    {
        yield 'classes' => ['<p class="card">x</p>', '<p class="card plain">x</p>'];
        yield 'elements' => ['<p>x</p>', '<p>x</p><p>y</p>'];
        yield 'no words at all' => ['<p class="card">x</p>', '<p class="card"></p>'];
        yield 'where words come from' => ['<p data-from="say.add">x</p>', '<p data-from="say.now">x</p>'];
        yield 'states' => ['<button disabled>x</button>', '<button>x</button>'];
    }

    public function testPagesReadOneByOneAreTheSameAsAllAtOnce(): void
    {
        $sheet = Stylesheet::parse(self::CSS);
        $pages = [
            'a' => self::page('<div class="card"><h3>x</h3><p>y</p></div>'),
            'b' => self::page('<p>z</p>'),
            'c' => self::page('<div class="card plain"><p>y</p></div>'),
        ];
        $one = array_map(static fn(string $key): ReachIndex => PageReader::page($sheet, $key, $pages[$key]), array_keys($pages));
        self::assertEquals(PageReader::index($sheet, $pages), ReachIndex::merged($one));
        self::assertSame(['a' => [1]], ReachIndex::merged($one)->uses->of('--card-name-size'));
    }

    public function testASheetReadInPartsIsTheSameAsWhole(): void
    {
        $parts = explode("\n", self::CSS);
        $pages = ['a' => self::page('<div class="card"><h3>x</h3><p>y</p></div><p>z</p>')];
        self::assertEquals(
            PageReader::index(Stylesheet::parse(self::CSS), $pages),
            PageReader::index(Stylesheet::joined(array_map(Stylesheet::parse(...), $parts)), $pages),
        );
    }

    public function testARuleOfWhatIsNotThereIsNeitherUsedNorMissed(): void
    {
        $index = PageReader::index(
            Stylesheet::parse(self::CSS),
            ['a' => self::page('<div class="card"><p>y</p></div><div class="card plain"><p>z</p></div>')],
        );
        self::assertFalse($index->uses->has('--never'));
        self::assertSame(['a' => [1]], $index->uses->of('--scheme-day-soft'), 'what :not() speaks of need not be there');
    }

    public function testWhatTheBodySetsShowsOnItsChildren(): void
    {
        $css = 'body{font-family:var(--type-body-family);color:var(--body-ink)} .own{color:var(--own-ink)}';
        $index = PageReader::index(
            Stylesheet::parse($css),
            ['a' => '<html><body><main><p>x</p></main><aside class="own">y</aside></body></html>'],
        );
        self::assertSame(['a' => [0, 2]], $index->uses->of('--type-body-family'));
        self::assertSame(['a' => [0]], $index->uses->of('--body-ink'), 'the aside has an ink of its own');
    }

    public function testWordsInADisabledControlNeedNoContrast(): void
    {
        $css = '.wear{color:var(--ink);background-color:var(--ground)} '
            .'.scheme-day{--ink:var(--scheme-day-ink);--ground:var(--scheme-day-ground)} button{color:var(--ink)}';
        $pairs = static fn(string $body): array => PageReader::index(Stylesheet::parse($css), ['a' => self::page($body)])->pairs;
        self::assertSame(['disabled'], array_column($pairs('<button disabled><span>Sold out</span></button>'), 'state'));
        self::assertSame(['plain'], array_column($pairs('<button><span>Add</span></button>'), 'state'));
    }
}
