<?php

declare(strict_types=1);

namespace Tests\Core\Store;

use Ikat\Core\Store\File\HtmlPages;
use Ikat\Core\Store\RichText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RichTextTest extends TestCase
{
    /** What may stand in it, and nothing else. */
    private const ALLOWED = '~^(?:[^<>]|</?(?:p|h2|h3|ul|ol|li|blockquote|strong|em)>|<br>|</a>'
        .'|<a href="(?:/(?!/)|#|https?://|mailto:|tel:)[^"<>]*">)*$~Diu';

    /** @return iterable<string, array{string, string}> */
    public static function written(): iterable
    {
        yield 'plain' => ["One.\n\nTwo\nthree < 4 & 5", '<p>One.</p><p>Two<br>three &lt; 4 &amp; 5</p>'];
        yield 'nothing' => [" \n ", ''];
        yield 'loose words around blocks' => ['<div>a <i>b</i><p>c</p> d</div>', '<p>a <em>b</em></p><p>c</p><p>d</p>'];
        yield 'headings' => ['<h1>A</h1><h2>B</h2><h5>C</h5>', '<h2>A</h2><h2>B</h2><h3>C</h3>'];
        yield 'lists within lists' => [
            '<ul><li>x<li>y<ol><li>z</ol></ul>', '<ul><li><p>x</p></li><li><p>y</p><ol><li><p>z</p></li></ol></li></ul>',
        ];
        yield 'links' => [
            '<a href="/page/returns?a=1&b=2" onclick="x()">r</a> <a href="HTTPS://w.example/">w</a> <a href="mailto:a@b.example">m</a>',
            '<p><a href="/page/returns?a=1&amp;b=2">r</a> <a href="https://w.example/">w</a> <a href="mailto:a@b.example">m</a></p>',
        ];
        yield 'a table, as what stands in it' => [
            '<table><tr><td>Size</td><td>30 in</td></tr><tr><td>Of</td><td>paper</td></tr></table>', '<p>Size 30 in</p><p>Of paper</p>',
        ];
        yield 'of a word processor' => [
            '<html xmlns:o="urn:x"><head><style>p.MsoNormal{}</style></head><body><!--StartFragment--><p class=MsoNormal><b><span '
            .'style="font-family:Arial">Open</span></b><o:p></o:p> daily</p><p class=MsoNormal>&nbsp;</p></body></html>',
            '<p><strong>Open</strong> daily</p>',
        ];
        yield 'a quotation' => ['<blockquote>q<p>r</p></blockquote>', '<blockquote><p>q</p><p>r</p></blockquote>'];
    }

    #[DataProvider('written')]
    public function testWhatIsWrittenIsInOneSpelling(string $written, string $kept): void
    {
        self::assertSame($kept, RichText::of($written));
        self::assertSame(RichText::of($written), RichText::of(RichText::of($written)), 'a second time changes nothing');
    }

    /** Ways to have something run that are commonly known (from memory, no single source). */
    public function testNothingHostileIsLeft(): void
    {
        $fragments = [
            '<script>alert(1)</script>', '<img src=x onerror=alert(1)>', '<svg onload=alert(1)>',
            '<a href="javascript:alert(1)">x</a>', '<a href="jAvAsCrIpT:alert(1)">x</a>', "<a href=\"java\nscript:alert(1)\">x</a>",
            '<a href="&#106;avascript:alert(1)">x</a>', '<a href="data:text/html,<script>alert(1)</script>">x</a>',
            '<a href="//elsewhere.example">x</a>', '<a href="\\\\evil">x</a>', '<a href=" javascript:alert(1)">x</a>',
            '<iframe srcdoc="<script>alert(1)</script>"></iframe>', '<p style="background:url(x)">y</p>',
            '<p onclick=alert(1)>z</p>', '<math><mi//xlink:href="data:x,<script>alert(4)</script>">',
            '<form action=x><button>b</button></form>', '<object data=x></object><embed src=x>', '<base href="//evil.example/">',
            '<meta http-equiv=refresh content="0;url=//evil">', '<link rel=stylesheet href=//evil>',
            '<style>@import "//evil"</style>', '<<script>alert(1)//<</script>', '<scr<script>ipt>alert(1)',
            '<p title="><img src=x onerror=alert(1)>">t</p>', '<noscript><p title="</noscript><img src=x onerror=alert(1)>">',
            '<textarea><img src=x onerror=alert(1)></textarea>', '<template><script>alert(1)</script></template>',
            '<!--><img src=x onerror=alert(1)>-->', '<xmp><p title="</xmp><svg/onload=alert(1)>">',
            '<video><source onerror=alert(1)></video>', '<details open ontoggle=alert(1)>d</details>',
            '<a href="/x" target=_blank style=x id=y class=z>ok</a>', "<p>\0nul</p>", "<p>\xC3\x28 bad</p>",
            '<select><option>1</select>',
        ];
        mt_srand(13);
        for ($n = 0; $n < 400; $n++) {
            $written = $n < count($fragments) ? $fragments[$n] : implode(
                ['', ' ', '<p>', '</p>', '<ul><li>', '<h2>'][mt_rand(0, 5)],
                array_map(static fn(): string => $fragments[mt_rand(0, count($fragments) - 1)], range(1, mt_rand(2, 4))),
            );
            $kept = RichText::of($written);
            self::assertMatchesRegularExpression(self::ALLOWED, $kept, $written);
            self::assertSame($kept, RichText::of($kept), $written);
        }
    }

    public function testItIsReadAsPlainWords(): void
    {
        $html = '<h2>A &amp; B</h2><p>one<br>two &lt; 3</p><ul><li><p>x</p></li><li><p>y</p></li></ul>';
        self::assertSame("A & B\n\none\ntwo < 3\n\nx\n\ny", RichText::plain($html));
        self::assertSame('as it is', RichText::plain('as it is'));
    }

    public function testLinksWithinTheShopLeadIntoTheStorefront(): void
    {
        $shown = RichText::shown(
            '<p><a href="/page/a?b=1&amp;c=2">x</a> <a href="https://w.example/">y</a></p>',
            static fn(string $p): string => "/shop/w$p",
        );
        self::assertSame('<p><a href="/shop/w/page/a?b=1&amp;c=2">x</a> <a href="https://w.example/">y</a></p>', $shown);
        self::assertStringNotContainsString('<script', RichText::shown('<script>alert(1)</script><p>x</p>', strval(...)));
    }

    public function testPagesGoOutAsADocumentAndComeBackTheSame(): void
    {
        $pages = [
            ['title' => 'A “quoted” & <odd> title', 'address' => 'a-b', 'words' => '<p>Grüße, 日本</p><ul><li><p>x</p></li></ul>'],
            ['title' => 'B', 'address' => 'b', 'words' => '<p>y <a href="/page/a-b">z</a></p>'],
        ];
        $document = HtmlPages::write($pages);
        self::assertTrue(HtmlPages::isOne($document));
        self::assertSame($pages, HtmlPages::read($document, 'pages.html'));
    }

    public function testAnyOtherDocumentIsOnePage(): void
    {
        self::assertSame(
            [['title' => 'Our hours', 'address' => 'hours', 'words' => '<p>Open <strong>daily</strong></p>']],
            HtmlPages::read(
                '<html><head><title>Our hours</title></head><body><main><p>Open <b>daily</b></p><script>x</script></main>',
                'hours.html',
            ),
        );
        self::assertSame(
            [['title' => 'Größe', 'address' => 'p', 'words' => '<p>ä</p>']],
            HtmlPages::read("<!doctype html><meta charset=\"iso-8859-1\"><h1>Gr\xF6\xDFe</h1><p>\xE4", 'p.htm'),
        );
        self::assertSame([], HtmlPages::read('<!doctype html><body><img src=x></body>', 'p.html'));
        foreach (['title,slug', '"<p>",2', '', 'x <html>'] as $table) {
            self::assertFalse(HtmlPages::isOne($table));
        }
    }
}
