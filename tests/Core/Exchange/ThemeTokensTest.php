<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Ikat\Core\Exchange\ThemeTokens;
use Ikat\Core\Exchange\UnreadableTheme;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Format: Design Tokens Format Module 2025.10. */
final class ThemeTokensTest extends TestCase
{
    public function testReadsTheShippedTheme(): void
    {
        $theme = Fixtures::theme();
        self::assertSame('Millrace', $theme->title);
        self::assertSame('#2c2b76', $theme->values['brand.main']);
        self::assertSame('{brand.main}', $theme->values['scheme.night.ground']);
        self::assertSame(33.0, $theme->values['header.logo.size.desktop']);
        self::assertSame('Daylight', $theme->schemes['daylight']);
        self::assertGreaterThanOrEqual(3, count($theme->starters));
    }

    #[DataProvider('broken')]
    public function testSaysWhereAThemeIsBroken(string $json, string $words): void
    {
        $this->expectException(UnreadableTheme::class);
        $this->expectExceptionMessage($words);
        ThemeTokens::read('broken', $json);
    }

    /** @return iterable<array{string, string}> */
    public static function broken(): iterable
    {
        $with = static fn(string $token): string
            => '{"$extensions":{"ikat.theme":{"title":"T","version":"1","maker":"M","starters":{"a":{"title":"A","words":""}}}},"x":{"y":'
            .$token.'}}';
        yield ['nonsense', 'it is not JSON'];
        yield ['{}', 'ikat.theme'];
        yield ['{"$extensions":{"ikat.theme":{"title":"T","version":"1","maker":"M"}}}', 'at least one'];
        yield [$with('{"$type":"color","$value":"red"}'), 'at x.y: a color is'];
        yield [$with('{"$type":"dimension","$value":{"value":1,"unit":"rem"}}'), 'at x.y: a dimension is'];
        yield [$with('{"$type":"number","$value":"many"}'), 'at x.y: it is not a number'];
        yield [$with('{"$type":"shadow","$value":{}}'), '"shadow" is not one Ikat reads'];
    }
}
