<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Looks\LookReader;
use App\Models\Look;
use Ikat\Core\Color\Color;
use Ikat\Core\Contrast\PairContrast;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\Theme;
use Ikat\Core\Palette\BrandPairs;
use Ikat\Core\Palette\LogoPalettes;
use Ikat\Core\Palette\PaletteProposal;
use Ikat\Core\Palette\WantedColors;

/** Brand colors proposed from a logo's inks, for the theme a look stands on or another one. */
final class LogoProposals
{
    public function __construct(private readonly LookReader $looks, private readonly Inspector $inspector) {}

    /**
     * @param list<string> $inks hex, the largest share first
     *
     * @return list<PaletteProposal> none for a theme whose brand colors are not the usual ten
     */
    public function proposals(Look $look, array $inks, ?Base $base = null): array
    {
        $theme = $base === null ? $this->looks->of($look)->theme() : $this->looks->themes->theme($base);
        if (array_diff(WantedColors::KEYS, array_keys($theme->brandColors)) !== []) {
            return [];
        }
        // Own departures of colors give way to the proposal, so they must not decide what it is made for.
        $plain = $this->looks->trying($look, [...$base?->values() ?? [], ...self::withoutColors($look)]);
        $input = $this->inspector->inspect($look, $plain);

        return (new LogoPalettes(BrandPairs::of(
            $input->look,
            array_keys($theme->schemes),
            PairContrast::pairs($input),
        )))->proposals(array_map(Color::parse(...), $inks));
    }

    /** @return array<string, ?string> the own changes that taking a proposal makes: brand colors set, departures of schemes taken back */
    public static function changes(Look $look, PaletteProposal $proposal): array
    {
        $changes = self::withoutColors($look);
        foreach ($proposal->colors as $key => $hex) {
            $changes["brand.$key"] = $hex;
        }

        return $changes;
    }

    /** @return array<string, null> */
    private static function withoutColors(Look $look): array
    {
        $own = array_filter(array_keys($look->ownChanges()->own), LogoPalettes::decides(...));

        return array_fill_keys($own, null);
    }

    /** @return list<string> hex, as the theme names them */
    public static function swatch(Theme $theme, PaletteProposal $proposal): array
    {
        return array_values(array_intersect_key($proposal->colors, $theme->brandColors));
    }
}
