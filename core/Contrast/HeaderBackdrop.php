<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Compositing;
use Ikat\Core\Color\Contrast;

/** What lies under a transparent header: the first band's picture under its veil, and those that seasons put there. */
final readonly class HeaderBackdrop implements Measurement
{
    /**
     * @param list<array{season: ?string, pixels: list<Color>, grounds: array{scheme: Color, dark?: Color}}> $pictures the season's name,
     *     null for every day; pixels opaque; the band's ground, which the veil has too, by the kind of set
     * @param ?string $veilPath the setting of the veil; null when the picture lies beside the band's words, with no veil and the ground
     *     next to it
     * @param float $veil 0 (none) up to 1 (nothing of the picture is seen)
     */
    public function __construct(public array $pictures, public ?string $veilPath = null, public float $veil = 0.0) {}

    /** No header lies over a picture: whoever has the pixels supplies what does. */
    public static function measure(Inspection $inspection): self
    {
        return new self([]);
    }

    /**
     * @param bool $isDark in dark surroundings
     * @param ?float $veil another than there is
     *
     * @return list<array{?string, non-empty-list<Color>}> season and the colors seen, opaque
     */
    public function seen(bool $isDark, ?float $veil = null): array
    {
        $seen = [];
        foreach ($this->pictures as ['season' => $season, 'pixels' => $pixels, 'grounds' => $grounds]) {
            $ground = ($isDark ? $grounds['dark'] ?? null : null) ?? $grounds['scheme'];
            $over = $ground->withAlpha($veil ?? $this->veil);
            // Beside its words a picture does not reach under the whole header of a wide window; on a phone it does.
            $seen[] = [
                $season,
                $this->veilPath === null || $pixels === []
                    ? [$ground, ...$pixels]
                    : array_map(static fn(Color $pixel): Color => Compositing::over($over, $pixel), $pixels),
            ];
        }

        return $seen;
    }

    /**
     * Under which pictures an ink is too faint.
     *
     * @param ?float $veil another than there is
     *
     * @return list<?string> names of seasons, null for the picture of every day
     */
    public function tooFaint(Color $ink, float $target, bool $isDark, ?float $veil = null): array
    {
        $faint = [];
        foreach ($this->seen($isDark, $veil) as [$season, $colors]) {
            foreach ($colors as $under) {
                if (Contrast::ratio($ink, $under) < $target) {
                    $faint[] = $season;

                    break;
                }
            }
        }

        return $faint;
    }
}
