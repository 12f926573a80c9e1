<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Color\Contrast;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Image\MarkDetail;
use Ikat\Core\Image\Sharpness;
use Ikat\Core\Setting\Catalog\LogoSettings;
use Ikat\Core\Setting\StepKey;

/**
 * The logo is sharp at the size it has, stands out from the grounds it stands on, and its mark is one at 16 px.
 *
 * Its edge needs 3:1 as any drawing that carries meaning (WCAG 2.2, 1.4.11; logotypes are exempt from 1.4.3, but one that
 * cannot be made out serves nobody).
 */
final class Logos implements Check
{
    /** Screens of this density are the common ones: where it blurs there, it should be mended. */
    private const COMMON = 2;

    public function run(Inspection $input): iterable
    {
        $measures = $input->get(LogoMeasures::class);
        if ($measures->height !== null) {
            yield from self::blurred($input, $measures->height);
        }
        foreach ($measures->places as $place) {
            if ($place['ratio'] < Contrast::NON_TEXT) {
                yield new SettingFinding(
                    "logo-faint:$place[path]",
                    Severity::ShouldFix,
                    StepKey::LOGO,
                    'header.logo.picture',
                    "Logo is hard to make out: $place[label]",
                    sprintf('%s : 1 at its edge, 3 wanted (WCAG 2.2, 1.4.11)', ContrastFinding::ratioText($place['ratio'])),
                );
            }
        }
        if ($measures->markKept < MarkDetail::NEEDED || $measures->markContrast < Contrast::NON_TEXT) {
            $measured = $measures->markContrast < Contrast::NON_TEXT
                ? sprintf('%s : 1 between mark and background; choose other colors', ContrastFinding::ratioText($measures->markContrast))
                : sprintf('%d%% of its light and dark is left; choose a simpler part', (int) floor(100 * $measures->markKept));
            yield new SettingFinding(
                'mark-lost',
                Severity::ShouldFix,
                StepKey::LOGO,
                'icon.from',
                'The icon is not recognizable at 16 pixels',
                $measured,
            );
        }
    }

    /** @return iterable<Finding> */
    private static function blurred(Inspection $input, int $height): iterable
    {
        foreach (['desktop', 'tablet', 'phone'] as $device) {
            $path = "header.logo.size.$device";
            $shown = LogoSettings::PICTURE_HEIGHT * (float) $input->look->value($path);
            if (Sharpness::share($height, $shown, self::COMMON) < 1) {
                yield new SettingFinding(
                    "logo-blurred:$device",
                    Severity::ShouldFix,
                    StepKey::LOGO,
                    $path,
                    "Logo is blurred on a $device with a sharp screen",
                    sprintf(
                        '%d pixels for %d; sharp up to size %d',
                        $height,
                        (int) ceil($shown * self::COMMON),
                        (int) floor($height / self::COMMON / LogoSettings::PICTURE_HEIGHT),
                    ),
                );
            }
        }
    }
}
