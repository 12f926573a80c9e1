<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\UnreadableCell;
use Ikat\Core\Store\Variants;

/** What can be chosen of a product, one option a line: "Size: 14 in, 20 in"; its values are kept between commas. */
final readonly class OptionsCell extends NamedLinesCell
{
    private const LONGEST_NAME = 30;
    private const LONGEST = 40;

    protected function line(int $number, string $name, string $said): string
    {
        $values = array_map(trim(...), explode(',', $said));
        if ($name === '' || in_array('', $values, true)) {
            throw new UnreadableCell(
                "Line $number needs what is chosen, a colon and its values between commas, like Size: small, large.",
            );
        }
        if (mb_strlen($name) > self::LONGEST_NAME || max(array_map(mb_strlen(...), $values)) > self::LONGEST) {
            throw new UnreadableCell("Line $number is too long: ".self::LONGEST_NAME.' characters fit before the colon and '
                .self::LONGEST.' in each value.');
        }
        if (preg_match('~[/;|\[\]]~', $name.$said) === 1) {
            throw new UnreadableCell("Line $number has one of / ; | [ ] in it: they stand between values elsewhere. Use a word.");
        }
        if (count(array_unique($values)) < count($values)) {
            throw new UnreadableCell("Line $number says something twice.");
        }

        return implode(', ', $values);
    }

    protected function bound(array $kept): void
    {
        if (count($kept) > Variants::MOST_OPTIONS) {
            throw new UnreadableCell('At most '.Variants::MOST_OPTIONS.' things can be chosen of a product.');
        }
        $many = count(Variants::of($kept, [])->every());
        if ($many > Variants::MOST) {
            throw new UnreadableCell("That makes $many ways; at most ".Variants::MOST.' fit. Make fewer values, or several products.');
        }
    }
}
