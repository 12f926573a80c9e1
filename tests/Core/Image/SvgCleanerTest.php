<?php

declare(strict_types=1);

namespace Tests\Core\Image;

use Ikat\Core\Image\SvgCleaner;
use Ikat\Core\Image\UnusableSvg;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SvgCleanerTest extends TestCase
{
    private const SHAPE = '<rect width="8" height="8" fill="#123456"/>';

    private static function svg(string $inside, string $attributes = ''): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 20 10" '
            ."$attributes>$inside</svg>";
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'a script' => [self::svg('<script>alert(1)</script>'.self::SHAPE)];
        yield 'a script of another namespace' => [self::svg(
            '<x:script xmlns:x="http://www.w3.org/1999/xhtml">alert(1)</x:script>'.self::SHAPE,
        )];
        yield 'events' => [self::svg('<rect width="8" height="8" onclick="alert(1)" ONLOAD="alert(1)"/>', 'onload="alert(1)"')];
        yield 'foreign content' => [self::svg(
            '<foreignObject><body xmlns="http://www.w3.org/1999/xhtml"><iframe src="http://evil.example/"/></body></foreignObject>'
                .self::SHAPE,
        )];
        yield 'a style sheet' => [self::svg('<style>@import "http://evil.example/x.css"; '
            .'rect{fill:url(http://evil.example/)}</style>'.self::SHAPE)];
        yield 'a style attribute' => [self::svg('<rect width="8" height="8" '
            .'style="fill:url(http://evil.example/#a);background:url(javascript:alert(1));fill-opacity:.5"/>')];
        yield 'links' => [self::svg('<a href="javascript:alert(1)">'.self::SHAPE.'</a>'.self::SHAPE)];
        yield 'a placed picture' => [self::svg('<image href="http://evil.example/x.png" width="9" height="9"/>'.self::SHAPE)];
        yield 'use of another file' => [self::svg('<use xlink:href="http://evil.example/x.svg#a"/><use '
            .'href="data:image/svg+xml,x"/>'.self::SHAPE)];
        yield 'an animation that sets a link' => [self::svg('<rect width="8" height="8"><set attributeName="href" '
            .'to="javascript:alert(1)"/></rect>')];
        yield 'a filter' => [self::svg('<filter id="f"><feImage href="http://evil.example/"/></filter><rect width="8" height="8" '
            .'filter="url(#f)"/>')];
        yield 'a comment and an instruction' => [self::svg('<!-- <script> --><?xml-stylesheet '
            .'href="http://evil.example/x.css"?>'.self::SHAPE)];
    }

    #[DataProvider('hostile')]
    public function testNothingOfAHostileDrawingIsLeft(string $source): void
    {
        $clean = SvgCleaner::clean($source)['svg'];
        self::assertDoesNotMatchRegularExpression(
            '/script|evil|javascript|onclick|onload|foreign|iframe|style|import|<image|<set|filter|data:|<!--|<\?/i',
            $clean,
        );
        self::assertStringContainsString('<rect', $clean);
    }

    public function testEntitiesAreRefused(): void
    {
        $this->expectException(UnusableSvg::class);
        SvgCleaner::clean('<!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "&a;&a;">]>'.self::svg('<title>&b;</title>'.self::SHAPE));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unusable(): iterable
    {
        yield 'not XML' => ['<svg', 'well-formed'];
        yield 'another document' => ['<html><body/></html>', 'well-formed'];
        yield 'nothing but words' => [self::svg('<text>Wren</text>'), 'outlines'];
        yield 'no size' => ['<svg xmlns="http://www.w3.org/2000/svg">'.self::SHAPE.'</svg>', 'how large'];
        yield 'too many parts' => [self::svg(str_repeat(self::SHAPE, 4100)), 'too many parts'];
        yield 'too deep' => [self::svg(str_repeat('<g>', 60).self::SHAPE.str_repeat('</g>', 60)), 'too many parts'];
    }

    #[DataProvider('unusable')]
    public function testSaysWhyADrawingCannotBeUsed(string $source, string $words): void
    {
        $this->expectException(UnusableSvg::class);
        $this->expectExceptionMessageMatches("/$words/");
        SvgCleaner::clean($source);
    }

    public function testWhatIsDrawnStays(): void
    {
        $clean = SvgCleaner::clean(self::svg('<defs><linearGradient id="g"><stop offset="0" stop-color="#fff"/><stop offset="1" '
            .'style="stop-color:#123456;stop-opacity:.5"/></linearGradient></defs><g transform="translate(1 2) rotate(10)"><path d="M0 '
                .'0h4v4z" fill="url(#g)"/><use href="#g"/></g>'));
        foreach (['linearGradient', 'stop-opacity=".5"', 'url(#g)', 'translate(1 2) rotate(10)', 'd="M0 0h4v4z"', 'href="#g"'] as $kept) {
            self::assertStringContainsString($kept, $clean['svg']);
        }
        self::assertSame([20.0, 10.0, []], [$clean['width'], $clean['height'], $clean['left_out']]);
    }
}
