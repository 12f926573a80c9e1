<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Contrast\SchemeColors;
use Ikat\Core\Contrast\TextSizes;
use Ikat\Core\Reach\PairUse;
use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Setting\ColorSet;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\Voice;

/** Small letters with thin strokes: the paler they are, the more of them is lost. */
final class ThinLetters implements Check
{
    /** Weight from which on strokes are as thick as text has them. */
    private const REGULAR = 400;

    /** Contrast that thin letters need (WCAG 2.2, 1.4.6 asks it of text that shall be read by all). */
    private const ENOUGH = 7.0;

    public function run(Inspection $input): iterable
    {
        foreach (Voice::cases() as $voice) {
            $face = SpokenFace::of($input->look, $voice);
            $thicker = array_filter($face->family->weights(), static fn(int $w): bool => $w >= self::REGULAR);
            $worst = $face->weight >= self::REGULAR || $thicker === [] ? null : self::palest($input, $voice);
            if ($worst === null || $worst[0] >= self::ENOUGH) {
                continue;
            }
            yield new SettingFinding(
                "thin:$voice->value",
                Severity::ShouldFix,
                StepKey::FONTS,
                $voice->path('weight'),
                sprintf('%s is thin and pale', $voice->label()),
                sprintf(
                    'In %s it has weight %d and a contrast of %s:1; strokes as thin as that want %s:1, or more weight.',
                    $input->theme->schemes[$worst[1]] ?? $worst[1],
                    $face->weight,
                    floor($worst[0] * 10) / 10,
                    self::ENOUGH,
                ),
                [$voice->path('weight') => (float) min($thicker)],
            );
        }
    }

    /** @return ?array{float, string} the least contrast that small letters of a voice have, and the scheme they have it in */
    private static function palest(Inspection $input, Voice $voice): ?array
    {
        $sizes = $input->get(TextSizes::class);
        $colors = $input->get(SchemeColors::class);
        $worst = null;
        foreach ($input->get(ReachIndex::class)->pairs as $use) {
            $ink = ColorSet::roleOfProperty($use->ink);
            $ground = ColorSet::roleOfProperty($use->ground);
            if (
                $ink === null || $ground === null || $ink[0] !== $ground[0] || $use->kind !== 'text' || $use->state === 'disabled'
                || $use->bold || ! self::isSetIn($use, $voice) || $sizes->isLarge($use)
            ) {
                continue;
            }
            $set = ColorSet::of($ink[0]);
            $beneath = array_map(
                static fn(string $property): string => implode(' ', ColorSet::roleOfProperty($property) ?? []),
                array_filter(explode(' ', $use->beneath)),
            );
            $ratio = $colors->ratio($set, $ink[1], $ground[1], array_values(array_filter($beneath)));
            if ($worst === null || $ratio < $worst[0]) {
                $worst = [$ratio, $ink[0]];
            }
        }

        return $worst;
    }

    private static function isSetIn(PairUse $use, Voice $voice): bool
    {
        return str_contains($use->size, "--type-$voice->value-size");
    }
}
