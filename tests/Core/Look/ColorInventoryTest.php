<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\LookState;
use Ikat\Core\Look\SchemeUses;
use Ikat\Core\Palette\BrandFollowers;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\UnacceptableValue;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class ColorInventoryTest extends TestCase
{
    private const ADDED = [
        'palette.brand' => 'main,paper,own1',
        'palette.away.brand' => 'sheet,mist,second,accent,warm,cool,ink,thread',
        'name.brand.own1' => 'Moss',
        'brand.own1' => '#3b5d3a',
        'palette.schemes' => 'own1,daylight',
        'palette.away.schemes' => 'night,lamplit',
        'name.scheme.own1' => 'Woods',
        'scheme.own1.ink' => '{brand.own1}',
    ];

    public function testOrderNamesAndAdditionsAreTheMerchants(): void
    {
        $input = Fixtures::input('', '', self::ADDED);
        self::assertSame(['main' => 'Main', 'paper' => 'Paper', 'own1' => 'Moss'], $input->theme->brandColors);
        self::assertSame(
            ['own1' => 'Woods', 'daylight' => 'Daylight', 'kiln' => 'Kiln', 'counter' => 'Counter'],
            $input->theme->schemes,
            'what no list names comes last',
        );
        self::assertSame('#3b5d3a', $input->look->text('scheme.own1.ink'));
        self::assertArrayHasKey('own1', $input->look->catalog->get('footer.scheme')->type->choices);
        self::assertStringContainsString('.scheme-own1{', $input->get(CompiledLook::class)->css);
    }

    public function testWhatIsPutAwayKeepsItsColorForWhatStillFollowsIt(): void
    {
        $look = Fixtures::look(['palette.away.brand' => 'accent']);
        self::assertSame('#f6c159', $look->text('brand.accent'));
        self::assertSame('#f6c159', $look->text('scheme.night.link'));
    }

    public function testAListMadeOnAnotherThemeTakesNothingAway(): void
    {
        $theme = Fixtures::theme();
        foreach (['dawn,own1' => [], 'night,dawn,own1' => ['night']] as $list => $first) {
            $inventory = ColorInventory::in(
                $theme,
                [new Layer(
                    LayerKind::Look,
                    'L',
                    ['palette.schemes' => $list, 'palette.away.schemes' => 'dawn', 'name.scheme.own1' => 'Woods'],
                )],
            );
            self::assertSame(
                [...$first, 'own1', ...array_values(array_diff(array_keys($theme->schemes), $first))],
                array_keys($inventory->schemes),
            );
            self::assertSame([], $inventory->schemesAway);
        }
        // All of them put away, as only another theme's list can say, leaves them all.
        self::assertSame(
            $theme->schemes,
            ColorInventory::in(
                $theme,
                [new Layer(LayerKind::Look, 'L', ['palette.away.schemes' => implode(',', array_keys($theme->schemes))])],
            )->schemes,
        );
    }

    public function testUnknownKeysAndAnEmptyListAreRefused(): void
    {
        foreach (['main,blue7', ''] as $value) {
            try {
                Fixtures::catalog()->normalize('palette.brand', $value);
                self::fail("“{$value}” was taken");
            } catch (UnacceptableValue $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        self::assertSame('own3,main', Fixtures::catalog()->normalize('palette.brand', ' own3, main'));
        self::assertSame('', Fixtures::catalog()->normalize('palette.away.brand', ''));
        $this->expectExceptionMessage('at least one has to stay');
        Fixtures::catalog()->normalize('palette.away.brand', implode(',', array_keys(Fixtures::theme()->brandColors)));
    }

    public function testAFreeKeyIsOneThatNothingWaitsUnder(): void
    {
        self::assertSame('own1', ColorInventory::freeKey('brand', LookState::of([])));
        self::assertSame('own3', ColorInventory::freeKey('brand', LookState::of(['brand.own1' => '#fff', 'palette.brand' => 'main,own2'])));
        self::assertSame('own2', ColorInventory::freeKey('scheme', LookState::of(['name.scheme.own1' => 'x', 'brand.own2' => '#fff'])));
    }

    public function testRemovingABrandColorLetsItsFollowersFollowItsHeir(): void
    {
        $own = [
            'scheme.night.gradient' => 'linear-gradient(90deg, {brand.accent} 0%, {brand.main} 100%)',
            'brand.warm' => '{brand.accent}',
        ];
        $look = Fixtures::look($own);
        $changes = BrandFollowers::without($look, Fixtures::theme(), 'accent', 'warm', ['scheme.night.link' => 'cool']);
        $after = Fixtures::look([...$own, ...$changes]);
        self::assertSame($look->text('brand.warm'), $after->text('brand.warm'), 'the heir keeps its color');
        self::assertSame(['brand.cool'], $after->at('scheme.night.link')->chain);
        self::assertSame(['brand.warm'], $after->at('scheme.night.action')->chain);
        self::assertSame('linear-gradient(90deg, {brand.warm} 0%, {brand.main} 100%)', $after->text('scheme.night.gradient'));
        self::assertSame([], array_values(array_diff(BrandFollowers::direct($after, 'brand.accent'), [])));
        self::assertStringNotContainsString('accent', (string) $after->value('palette.brand'));
        self::assertSame('accent', $after->value('palette.away.brand'));
        self::assertArrayNotHasKey(
            'palette.away.brand',
            BrandFollowers::without(Fixtures::look(self::ADDED), Fixtures::input('', '', self::ADDED)->theme, 'own1', 'main'),
            'an own color is in no list any more',
        );
    }

    public function testPartsOfARemovedSchemeWearAnother(): void
    {
        $input = Fixtures::input('', '');
        self::assertContains('footer.scheme', array_column(SchemeUses::of($input->look, $input->theme, 'night'), 'path'));
        $after = Fixtures::input('', '', SchemeUses::without($input->look, $input->theme, 'night', 'kiln', ['footer.scheme' => 'counter']));
        self::assertSame([], SchemeUses::of($after->look, $after->theme, 'night'));
        self::assertSame(['counter', 'kiln'], [$after->look->text('footer.scheme'), $after->look->text('announcement.scheme')]);
        self::assertArrayNotHasKey('night', $after->theme->schemes);
        self::assertSame('#2c2b76', $after->look->text('checkout.ground.from'), 'what follows one of its colors keeps it');
    }

    public function testDeparturesAreListedWithWhatTheyCouldFollow(): void
    {
        $own = ['scheme.night.link' => '#f6c05a', 'scheme.daylight.price' => '#20212c', 'scheme.kiln.menu' => '{brand.cool}'];
        $found = BrandFollowers::departures(Fixtures::look($own), Fixtures::look(), Fixtures::theme());
        $told = array_column($found, 'to', 'path');
        self::assertSame('brand.accent', $told['scheme.night.link'] ?? null);
        self::assertTrue($found[(int) array_search('scheme.night.link', array_column($found, 'path'), true)]['was']);
        self::assertSame('brand.ink', $told['scheme.daylight.price'] ?? null);
        self::assertArrayNotHasKey('scheme.kiln.menu', $told, 'what follows something has not departed');
        self::assertArrayNotHasKey('scheme.daylight.done', $told, 'a message that is as the theme made it has not departed');
    }

    public function testWordsTakeTheColorOfARole(): void
    {
        self::assertSame(
            [[null, 'Light for '], ['link', 'long'], [null, ' evenings']],
            ColoredText::parts('Light for {link|long} evenings'),
        );
        self::assertSame([[null, 'a {brand|b} {c']], ColoredText::parts('a {brand|b} {c'));
        self::assertSame([['reduced', 'all of it']], ColoredText::parts('{reduced|all of it}'));
        self::assertSame('Light for long evenings', ColoredText::plain('Light for {link|long} evenings'));
        self::assertSame([], ColoredText::parts(''));
        // Of 80 characters that fit, those that give the color are none.
        $heading = Fixtures::catalog()->get('band.lead-1.heading');
        $full = '{link|'.str_repeat('x', 80).'}';
        self::assertSame($full, $heading->type->normalize($heading, $full));
        $this->expectExceptionMessage('this has 81 characters, at most 80 fit');
        $heading->type->normalize($heading, "{$full}x");
    }
}
