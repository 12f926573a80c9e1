<?php

declare(strict_types=1);

namespace Tests\Core\Setting;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\ColorException;
use Ikat\Core\Setting\Gradient;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Written as CSS Images 3 writes gradients; stops may follow settings. */
final class GradientTest extends TestCase
{
    public function testItsWrittenFormIsTheSameForTheSameGradient(): void
    {
        $written = 'linear-gradient(135deg, {brand.main} 0%, #1a2230 100%)';
        self::assertSame($written, Gradient::parse(' linear-gradient( 495deg ,{brand.main} 0%,  #1A2230 100% ) ')->text());
        self::assertSame($written, Gradient::parse('linear-gradient(135deg, rgb(26 34 48) 100%, {brand.main} 0%)')->text());
        self::assertSame(
            'radial-gradient(circle at 50% 30%, #ff0000 0%, #0000ff80 40%, #00ff00 100%)',
            Gradient::parse('radial-gradient(circle at 50% 30%, red 0%, rgb(0 0 255 / .5) 40%, lime 100%)')->text(),
        );
    }

    public function testAStopThatFollowsBecomesACustomProperty(): void
    {
        $gradient = Gradient::parse('linear-gradient(90deg, {brand.main} 0%, {scheme.night.ground} 100%)');
        self::assertSame('linear-gradient(90deg, var(--brand-main) 0%, var(--scheme-night-ground) 100%)', $gradient->css());
        self::assertSame(['brand.main', 'scheme.night.ground'], $gradient->followed());
    }

    #[DataProvider('unreadable')]
    public function testWhatIsNotOneIsRefusedInWords(string $text): void
    {
        $this->expectException(ColorException::class);
        $this->expectExceptionMessageMatches('/is not a (gradient|color)/');
        Gradient::parse($text);
    }

    /** @return iterable<array{string}> */
    public static function unreadable(): iterable
    {
        yield ['conic-gradient(red 0%, blue 100%)'];
        yield ['linear-gradient(90deg, red 0%)'];
        yield ['linear-gradient(90deg, red 0%, lime 10%, blue 20%, red 30%, lime 40%, blue 50%)'];
        yield ['linear-gradient(to left, red 0%, blue 100%)'];
        yield ['linear-gradient(90deg, red, blue)'];
        yield ['linear-gradient(90deg, blurple 0%, blue 100%)'];
        yield ['linear-gradient(90deg, red 0%, blue 101%)'];
        yield ['radial-gradient(circle at 120% 0%, red 0%, blue 100%)'];
        yield ['linear-gradient(90deg, url(//elsewhere) 0%, blue 100%)'];
        yield ['red'];
    }

    public function testBetweenStopsColorsAreMixedAsABrowserMixesThem(): void
    {
        $colors = Gradient::parse('linear-gradient(90deg, #ff0000 0%, #0000ff 100%)')->colors(Color::parse(...));
        self::assertSame('#ff0000', $colors[0]->hex());
        self::assertSame('#800080', $colors[intdiv(count($colors), 2)]->hex());
        self::assertSame('#0000ff', $colors[count($colors) - 1]->hex());
        // Premultiplied: what is see-through lends no color of its own.
        $thin = Gradient::parse('linear-gradient(90deg, #ff000000 0%, #0000ff 100%)')->colors(Color::parse(...));
        self::assertSame('#0000ff80', $thin[intdiv(count($thin), 2)]->hex());
    }
}
