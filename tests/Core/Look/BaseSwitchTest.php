<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Look\BaseSwitch;
use Ikat\Core\Look\LookState;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class BaseSwitchTest extends TestCase
{
    /** @return array<string, string> path => why */
    private static function waiting(array $own): array
    {
        $belfry = Fixtures::theme('belfry', '1.0.0');

        return array_column(
            BaseSwitch::between(LookState::of($own), Fixtures::look($own), Fixtures::look($own, theme: $belfry), $belfry)->wait,
            'why',
            'path',
        );
    }

    public function testWhatTheOtherThemeHasNotWaitsAndSaysWhy(): void
    {
        $why = self::waiting([
            'scheme.counter.ground' => '#fafafa', 'page.scheme' => 'counter', 'own.fade' => 'short', 'brand.main' => '#123456',
        ]);
        self::assertSame('Belfry has no such scheme', $why['scheme.counter.ground']);
        self::assertStringContainsString('Belfry has no “Counter”', $why['page.scheme']);
        self::assertSame('it is the theme’s own that you leave', $why['own.fade']);
        self::assertArrayNotHasKey('brand.main', $why);
    }

    /** A choice another theme knew and this one does not is passed over, never handed to a page. */
    public function testAnUnknownChoiceFallsToTheLayerBelow(): void
    {
        $look = Fixtures::look(['page.scheme' => 'counter'], theme: Fixtures::theme('belfry', '1.0.0'));
        self::assertSame('daylight', $look->text('page.scheme'));
    }
}
