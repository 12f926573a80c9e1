<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Look\Departures;
use Ikat\Core\Look\Layer;
use Ikat\Core\Look\LayerKind;
use Ikat\Core\Look\ReleaseChanges;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Look\Theme;
use Ikat\Core\Setting\SchemeRoles;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class DeparturesTest extends TestCase
{
    /** @param array<string, bool|float|string> $own */
    private static function theme(array $own): Theme
    {
        return Fixtures::theme()->wearing(ColorInventory::in(Fixtures::theme(), [new Layer(LayerKind::Look, 'Test', $own)]));
    }

    /**
     * @param array<string, bool|float|string> $own
     *
     * @return array<string, bool|float|string> the header has begun to depart from what it wears
     */
    private static function begun(array $own = []): array
    {
        $look = Fixtures::look($own);
        $wearer = $look->catalog->get('header.scheme');
        $base = Departures::wornBy($look, self::theme($own), $wearer);

        return [...$own, ...Departures::begin($look, self::theme($own), 'own1', $wearer, $base, 'Header')];
    }

    private static function colors(ResolvedLook $look, string $scheme): array
    {
        return array_map(static fn(string $role): string => $look->text("scheme.$scheme.$role"), array_keys(SchemeRoles::ALL));
    }

    public function testItBeginsAsWhatThePartWearsAndFollowsIt(): void
    {
        $own = self::begun(['header.scheme' => 'night', 'scheme.night.gradient' => 'linear-gradient(90deg, #111111 0%, #222222 100%)']);
        $look = Fixtures::look($own);
        self::assertSame('own1', $look->text('header.scheme'));
        self::assertSame(self::colors($look, 'night'), self::colors($look, 'own1'));
        self::assertSame($look->text('scheme.night.gradient'), $look->text('scheme.own1.gradient'));
        $found = Departures::in($look, self::theme($own));
        self::assertSame(['own1'], array_keys($found));
        self::assertSame(['night', []], [$found['own1']->base, $found['own1']->roles]);
        self::assertSame(['header.scheme'], array_column($found['own1']->wearers, 'path'));
        // What changes in the scheme changes here, but for what departs.
        $later = Fixtures::look([
            ...$own, 'scheme.night.link' => '#ff8800', 'scheme.own1.action' => '#00aa77', 'scheme.night.action' => '#aa0000',
        ]);
        self::assertSame(['#ff8800', '#00aa77'], [$later->text('scheme.own1.link'), $later->text('scheme.own1.action')]);
    }

    public function testAPublishTellsThePartAndWhatDepartsAndNotEveryLink(): void
    {
        $live = Fixtures::look()->values();
        $own = [...self::begun(), 'scheme.own1.action' => '#00aa77'];
        $told = array_map(static fn(array $line): string => $line['setting']->path, ReleaseChanges::of(Fixtures::look($own), $live)->lines);
        sort($told);
        self::assertSame(['header.scheme', 'name.scheme.own1', ColorInventory::SCHEMES, 'scheme.own1.action'], $told);
    }

    public function testSingleRolesDepartAndGoBack(): void
    {
        $own = [
            ...self::begun(), 'scheme.own1.action' => '{brand.warm}', 'scheme.own1.action-ink' => '{scheme.own1.ground}',
            'scheme.own1.line' => '#123456',
        ];
        $look = Fixtures::look($own);
        $departure = Departures::in($look, self::theme($own))['own1'];
        self::assertSame(['line', 'action', 'action-ink'], $departure->roles, 'a free color, a brand color, another role');
        $back = Fixtures::look([...$own, ...$departure->back('line')]);
        self::assertSame(['action', 'action-ink'], Departures::in($back, self::theme($own))['own1']->roles);
        $end = [...$own, ...$departure->end($look, self::theme($own))];
        self::assertSame($departure->base, Fixtures::look($end)->text('header.scheme'));
        self::assertSame([], Departures::in(Fixtures::look($end), self::theme($end)));
    }

    public function testASchemeOfOnesOwnIsNoDeparture(): void
    {
        $own = [ColorInventory::SCHEMES => 'daylight,own1', 'scheme.own1.ground' => '#ffffff', 'scheme.own1.ink' => '{scheme.night.ink}'];
        self::assertSame([], Departures::in(Fixtures::look($own), self::theme($own)));
    }

    public function testABlockTakesWhatItDepartsFromFromItsFooterAndAButtonFromItsBand(): void
    {
        $own = ['footer.scheme' => 'kiln', 'band.lead-1.scheme' => 'lamplit'];
        $look = Fixtures::look($own);
        $worn = static fn(string $path): string => Departures::wornBy($look, self::theme($own), $look->catalog->get($path));
        self::assertSame('kiln', $worn('block.about-1.scheme'));
        self::assertSame('lamplit', $worn('band.lead-1.button.scheme'));
        self::assertSame($look->text('page.scheme'), $worn('product.button.scheme'));
        self::assertSame($look->text('checkout.summary.scheme'), $worn('cart.button.scheme'));
    }

    public function testAButtonTakesItFromTheBlockItStandsInAndThatFromTheFooter(): void
    {
        $own = [
            'footer.blocks' => 'newsletter-1,newsletter-2', 'footer.scheme' => 'kiln', 'block.newsletter-2.scheme' => 'night',
            'sidecart.scheme' => 'lamplit', 'checkout.form.scheme' => 'night', 'locked.scheme' => 'kiln',
        ];
        $look = Fixtures::look($own);
        $worn = static fn(string $path): string => Departures::wornBy($look, self::theme($own), $look->catalog->get($path));
        self::assertSame(['kiln', 'night', 'lamplit', 'night', 'kiln'], array_map($worn, [
            'block.newsletter-1.button.scheme', 'block.newsletter-2.button.scheme', 'sidecart.button.scheme', 'checkout.button.scheme',
            'locked.button.scheme',
        ]));
    }

    public function testAButtonGoesBackToWhatIsAroundItAndFollowsItAgain(): void
    {
        $look = Fixtures::look();
        $wearer = $look->catalog->get('band.lead-1.button.scheme');
        $base = Departures::wornBy($look, self::theme([]), $wearer);
        $own = Departures::begin($look, self::theme([]), 'own1', $wearer, $base, 'Button');
        $away = Fixtures::look($own);
        $end = [...$own, ...Departures::in($away, self::theme($own))['own1']->end($away, self::theme($own))];
        self::assertSame('around', Fixtures::look($end)->text($wearer->path));
        // Where its band has another scheme by now, it keeps the colors it departed from.
        $moved = Fixtures::look([...$own, 'band.lead-1.scheme' => $base === 'kiln' ? 'night' : 'kiln']);
        self::assertSame($base, Departures::in($moved, self::theme($own))['own1']->end($moved, self::theme($own))[$wearer->path]);
    }

    /** WCAG 2.2, 1.4.3: what departs is checked as the rest is. */
    public function testWhatDepartsIsCheckedWhereItIsWorn(): void
    {
        $own = [...self::begun(), 'scheme.own1.link' => '#eeeeee'];
        $css = '.wear{background-color:var(--ground);color:var(--ink)} a{color:var(--link)}';
        $findings = Fixtures::contrast(Fixtures::input(
            $css,
            '<header class="wear scheme-own1"><a href="/">x</a></header><main class="wear scheme-daylight"><a href="/">y</a></main>',
            $own,
        ));
        self::assertSame(['own1'], array_values(array_unique(array_map(static fn(ContrastFinding $f): string => $f->scheme, $findings))));
        self::assertSame(['scheme.own1.link'], array_values(array_unique(array_column($findings, 'inkPath'))));
    }
}
