<?php

declare(strict_types=1);

namespace Tests\Core\Palette;

use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Palette\SchemeMaker;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\SchemeRoles;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class SchemeMakerTest extends TestCase
{
    /** @return array<string, string> own changes that add the proposed scheme */
    private static function added(array $roles): array
    {
        $own = ['palette.schemes' => 'daylight,own1'];
        foreach ($roles as $role => $value) {
            $own["scheme.own1.$role"] = $value;
        }

        return $own;
    }

    public function testEveryRoleIsProposedAndFollowsTheBrandWhereItCan(): void
    {
        $theme = Fixtures::theme();
        $roles = SchemeMaker::propose(Fixtures::look(), array_keys($theme->brandColors), array_keys($theme->schemes), 'cool', 'main');
        self::assertSame(array_keys(SchemeRoles::ALL), array_keys($roles));
        self::assertSame(['{brand.cool}', '{brand.main}', '{brand.main}'], [$roles['ground'], $roles['action'], $roles['heading']]);
        $following = array_filter($roles, static fn(string $v): bool => Alias::target($v) !== null);
        self::assertGreaterThanOrEqual(22, count($following), 'messages have colors of their own, the others follow');
        self::assertNotContains('', $roles);
    }

    /** 200 random brands, any ground and any color: no pair of the new scheme is too faint. */
    public function testNoPairOfANewSchemeIsTooFaint(): void
    {
        mt_srand(20261126);
        $theme = Fixtures::theme();
        $keys = array_keys($theme->brandColors);
        [$css, $body] = Fixtures::everyRole();
        $html = '<div class="wear scheme-own1">'.$body.'</div>';
        $plain = Fixtures::input($css, $html, ['palette.schemes' => 'daylight,own1']);
        for ($i = 0; $i < 200; $i++) {
            $own = [];
            foreach ($keys as $key) {
                $own["brand.$key"] = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
            }
            [$ground, $brand] = (array) array_rand(array_flip($keys), 2);
            $roles = SchemeMaker::propose(Fixtures::look($own), $keys, array_keys($theme->schemes), $ground, $brand);
            $input = $plain->on(Fixtures::look([...$own, ...self::added($roles)]), $plain->theme);
            $faint = array_filter(
                Fixtures::contrast($input),
                static fn(ContrastFinding $f): bool => $f->scheme === 'own1' && $f->placeCount() > 0,
            );
            self::assertSame(
                [],
                array_map(
                    static fn(ContrastFinding $f): string => "$f->key ".ContrastFinding::ratioText($f->measure).' '.json_encode($own)
                        ." $ground $brand",
                    array_values($faint),
                ),
            );
        }
    }
}
