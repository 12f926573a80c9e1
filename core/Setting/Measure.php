<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Symfony\Component\ExpressionLanguage\ExpressionLanguage;
use Symfony\Component\ExpressionLanguage\SyntaxError;

/** A number as somebody writes it: with arithmetic ("24*1.5"), and with a unit that is converted ("1.5rem", "3 mm"). */
final class Measure
{
    /**
     * What one of a unit is in px. Absolute lengths: CSS Values and Units 4, 6.2. rem is the size of the root's letters, which the
     * storefront leaves as browsers set it (16 px; common practice, no source).
     */
    private const PX = [
        'px' => 1.0, 'in' => 96.0, 'cm' => 96 / 2.54, 'mm' => 9.6 / 2.54, 'q' => 2.4 / 2.54, 'pt' => 96 / 72, 'pc' => 16.0, 'rem' => 16.0,
    ];

    /** Characters of a sum that are read. */
    private const LONGEST = 60;

    /**
     * @param string $unit of the setting: px, % or none
     *
     * @return ?float null when it is no number, or one of another kind than the unit's
     */
    public static function read(string $text, string $unit): ?float
    {
        if (strlen($text) > self::LONGEST) {
            return null;
        }
        $sum = str_replace(['×', '÷', '−', ','], ['*', '/', '-', '.'], mb_strtolower(trim($text)));
        $isForeign = false;
        $plain = preg_replace_callback('/(\d+\.?\d*|\.\d+)\s*([a-z%]+)/', static function (array $m) use ($unit, &$isForeign): string {
            $factor = $m[2] === $unit ? 1.0 : ($unit === 'px' ? self::PX[$m[2]] ?? null : null);
            $isForeign = $isForeign || $factor === null;

            return sprintf('%.10F', (float) $m[1] * ($factor ?? 0.0));
        }, $sum);
        // Nothing but arithmetic is handed on.
        if ($isForeign || preg_match('#^[\d.\s+*/()-]+$#D', (string) $plain) !== 1) {
            return null;
        }
        try {
            $value = (new ExpressionLanguage())->evaluate((string) $plain);
        } catch (SyntaxError|\ArithmeticError) {
            return null;
        }

        return is_int($value) || is_float($value) ? (is_finite((float) $value) ? round((float) $value, 4) : null) : null;
    }
}
