<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Look\AliasCycle;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\Resolver;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingCatalog;
use Ikat\Core\Setting\UnknownSetting;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class ResolverTest extends TestCase
{
    public function testTheStrongestLayerDecidesAndSaysSo(): void
    {
        $look = Fixtures::look(['header.logo.size.desktop' => 44.0]);
        self::assertSame(44.0, $look->value('header.logo.size.desktop'));
        self::assertSame(LayerKind::Look, $look->at('header.logo.size.desktop')->layer->kind);
        self::assertSame('Your own change.', $look->why('header.logo.size.desktop'));
        self::assertSame(LayerKind::Theme, $look->at('shape.radius')->layer->kind);
        self::assertSame(LayerKind::Catalog, $look->at('grid.gap')->layer->kind);
        self::assertSame(LayerKind::Starter, Fixtures::look([], 'pine-morning')->at('brand.main')->layer->kind);
    }

    public function testASeasonLiesOverTheLook(): void
    {
        $layers = [
            ...Fixtures::theme()->layers('river-dusk'),
            new Layer(LayerKind::Look, 'L', ['message.message-1.text' => 'mine']),
            new Layer(LayerKind::Season, 'Thaw Sale', ['message.message-1.text' => 'sale']),
        ];
        $look = Resolver::resolve(Fixtures::catalog(), $layers);
        self::assertSame('sale', $look->value('message.message-1.text'));
        self::assertStringContainsString('Thaw Sale', $look->why('message.message-1.text'));
    }

    public function testFollowsAliasesAndNamesTheWay(): void
    {
        $look = Fixtures::look([
            'scheme.night.link' => '{scheme.night.heading}',
            'scheme.night.heading' => '{brand.accent}',
            'brand.accent' => '#abcdef',
        ]);
        $link = $look->at('scheme.night.link');
        self::assertSame('#abcdef', $link->value);
        self::assertSame(['scheme.night.heading', 'brand.accent'], $link->chain);
        self::assertSame('Your own change: it follows “Night: heading”, which follows “Accent”.', $look->why('scheme.night.link'));
        self::assertContains('scheme.night.link', $look->followersOf('brand.accent'));
    }

    public function testRefusesACircleAndNamesItsPath(): void
    {
        try {
            Fixtures::look(['brand.accent' => '{brand.warm}', 'brand.warm' => '{brand.cool}', 'brand.cool' => '{brand.accent}']);
            self::fail('The circle was accepted.');
        } catch (AliasCycle $e) {
            self::assertSame($e->paths[0], $e->paths[count($e->paths) - 1]);
            self::assertEqualsCanonicalizing(['brand.accent', 'brand.warm', 'brand.cool'], array_unique($e->paths));
            self::assertStringContainsString('brand.warm → brand.cool', $e->getMessage());
        }
        $this->expectException(AliasCycle::class);
        Fixtures::look(['brand.accent' => '{brand.accent}']);
    }

    public function testSaysWhatWouldMakeASettingApply(): void
    {
        $look = Fixtures::look(['utility.show' => false]);
        self::assertNotNull($look->at('utility.words.text')->unmet);
        self::assertStringContainsString('“Show the utility strip” is on', $look->why('utility.words.text'));
        self::assertNull(Fixtures::look()->at('utility.words.text')->unmet);
    }

    public function testFallsBackWhenWhatItFollowedIsGone(): void
    {
        $catalog = SettingCatalog::of([Setting::color('a', 'A', 'page', '#111111'), Setting::color('b', 'B', 'page', '#222222')]);
        $look = Resolver::resolve($catalog, [new Layer(LayerKind::Look, 'L', ['a' => '{gone}', 'alsogone' => '#333333'])]);
        self::assertSame('#111111', $look->value('a'));
        $this->expectException(UnknownSetting::class);
        $look->value('alsogone');
    }
}
