<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Compile\SchemeStates;
use Ikat\Core\Look\Catalog\SchemeRoles;
use Ikat\Core\Look\ResolvedLook;

/** Every role of every scheme as a color, derived ones included, with luminance at hand. */
final class Palette
{
    /** @var array<string, array<string, Color>> scheme => role => color */
    private array $colors = [];

    /** @var array<string, float> "scheme role" => 0..1 */
    private array $luminance = [];

    /** @param list<string> $schemes */
    public function __construct(ResolvedLook $look, array $schemes)
    {
        foreach ($schemes as $scheme) {
            foreach (array_keys(SchemeRoles::ALL) as $role) {
                $this->colors[$scheme][$role] = Color::parse($look->text("scheme.$scheme.$role"));
            }
            $this->colors[$scheme] += SchemeStates::of($this->colors[$scheme]);
        }
    }

    public function color(string $scheme, string $role): Color
    {
        return $this->colors[$scheme][$role];
    }

    public function ratio(string $scheme, string $ink, string $ground): float
    {
        $a = $this->colors[$scheme][$ink];
        $b = $this->colors[$scheme][$ground];
        if ($a->alpha < 1 || $b->alpha < 1) {
            return Contrast::ratio($a, $b);
        }

        return Contrast::ofLuminances(
            $this->luminance["$scheme $ink"] ??= Contrast::luminance($a),
            $this->luminance["$scheme $ground"] ??= Contrast::luminance($b),
        );
    }

    /** The setting role a derived role should be mended at. */
    public static function source(string $role): string
    {
        return SchemeStates::SOURCES[$role][0] ?? $role;
    }
}
