<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\StepKey;

/** Headings of the home page that leave a level out: who moves by headings looks for what is not there (WCAG 2.2, technique G141). */
final class HeadingLevels implements Check
{
    /** Levels of headings that stand in a band, beside its own: columns have one each. */
    private const WITHIN = ['columns' => 3];

    public function run(Inspection $input): iterable
    {
        $look = $input->look;
        $last = 1;
        foreach (Item::listed('band', $look->text('home.bands')) as $band) {
            if (! $look->catalog->has($band->path('heading')) || $look->value($band->path('show')) !== true) {
                continue;
            }
            $words = trim(ColoredText::plain($look->text($band->path('heading'))));
            $level = $words === '' ? null : (int) $look->text($band->path('level'));
            // A band of columns without words of its own has a heading of the second level that is not seen.
            $within = self::WITHIN[$band->kind] ?? null;
            $right = $within !== null && $level === 1 ? $within - 1 : min($level ?? $last, $last + 1);
            if ($level !== null && $level !== $right) {
                yield new SettingFinding(
                    "level:{$band->name()}",
                    Severity::Know,
                    StepKey::FONTS,
                    $band->path('level'),
                    sprintf('“%s” leaves a level of headings out', $words),
                    $level === 1
                        ? 'It is a first heading, and those of its columns are third ones.'
                        : 'It is of the third level and comes after one of the first.',
                    [$band->path('level') => (string) $right],
                );
            }
            $last = $within ?? $level ?? $last;
        }
    }
}
