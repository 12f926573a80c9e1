<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Check;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\SettingFinding;
use Ikat\Core\Check\Severity;
use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\Vision;
use Ikat\Core\Setting\SchemeRoles;
use Ikat\Core\Setting\StepKey;

/**
 * Labels and messages that become alike, to everybody or to eyes that lack a kind of cone, and links told by color alone.
 *
 * Labels and messages carry words, so this is worth knowing, not an obstacle. Links without an underline need 3:1 against
 * the text around them (WCAG 2.2, technique G183 for 1.4.1).
 */
final class ColorVision implements Check
{
    /** CIEDE2000 under which two grounds are taken for one another at a glance (common practice, no source). */
    public const ALIKE = 6.0;

    private const GROUPS = ['label-sale', 'label-new', 'label-gone', 'label-own'];
    private const MESSAGES = ['done', 'notice', 'problem'];

    public function run(Inspection $input): iterable
    {
        $worn = array_unique(array_map(
            static fn($r): string => (string) $r->value,
            array_filter(
                $input->look->all(),
                static fn($r): bool => str_ends_with($r->setting->path, '.scheme') && ! str_starts_with($r->setting->path, 'season.'),
            ),
        ));
        $told = [];
        foreach (array_intersect(array_keys($input->theme->schemes), $worn) as $scheme) {
            foreach ([self::GROUPS, self::MESSAGES] as $roles) {
                foreach ($roles as $i => $a) {
                    foreach (array_slice($roles, $i + 1) as $b) {
                        $found = self::alike($input, $scheme, $a, $b);
                        // The same two colors in several schemes are one thing to know.
                        if ($found !== null && ! isset($told[$found[1]])) {
                            $told[$found[1]] = true;
                            yield new SettingFinding(
                                "alike:$scheme:$a:$b",
                                Severity::Know,
                                StepKey::COLORS,
                                "scheme.$scheme.$b",
                                ucfirst(SchemeRoles::ALL[$a][0]).' and '.SchemeRoles::ALL[$b][0].' look alike '.$found[0],
                                'Make one of them lighter or darker.',
                            );
                        }
                    }
                }
            }
            if ($input->look->text('shape.underline') === 'pointed') {
                $ratio = Contrast::ratio(
                    Color::parse($input->look->text("scheme.$scheme.link")),
                    Color::parse($input->look->text("scheme.$scheme.ink")),
                );
                if ($ratio < Contrast::NON_TEXT) {
                    yield new SettingFinding(
                        "link-like-ink:$scheme",
                        Severity::ShouldFix,
                        StepKey::COLORS,
                        "scheme.$scheme.link",
                        "{$input->theme->schemes[$scheme]}: links are told from text by color alone",
                        sprintf(
                            '%s : 1 to the text, 3 wanted, or underline them always (WCAG 2.2, 1.4.1)',
                            ContrastFinding::ratioText($ratio),
                        ),
                    );
                }
            }
        }
    }

    /** @return ?array{string, string} to whom, in words, and what it is about */
    private static function alike(Inspection $input, string $scheme, string $a, string $b): ?array
    {
        $one = Color::parse($input->look->text("scheme.$scheme.$a"));
        $two = Color::parse($input->look->text("scheme.$scheme.$b"));
        $about = "$a {$one->hex()} $b {$two->hex()}";
        if (Ciede2000::difference($one, $two) < self::ALIKE) {
            return ['to everybody', $about];
        }
        foreach ([Vision::Protan, Vision::Deutan, Vision::Tritan] as $vision) {
            if (Ciede2000::difference($vision->see($one), $vision->see($two)) < self::ALIKE) {
                return ['to eyes '.$vision->label(), $about];
            }
        }

        return null;
    }
}
