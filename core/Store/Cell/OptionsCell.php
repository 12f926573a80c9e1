<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;
use Ikat\Core\Store\Variants;

/** What can be chosen of a product, one option a line: "Size: 14 in, 20 in". */
final readonly class OptionsCell implements CellType
{
    private const LONGEST_NAME = 30;
    private const LONGEST = 40;

    /** @return array<string, string> name => values, between commas */
    public function read(string $typed, Names $names): array
    {
        $options = [];
        foreach (preg_split('/\R/u', $typed) ?: [] as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            [$name, $values] = array_map(trim(...), explode(':', $line, 2) + [1 => '']);
            $values = array_map(trim(...), explode(',', $values));
            $number = $i + 1;
            if ($name === '' || in_array('', $values, true)) {
                throw new UnreadableCell(
                    "Line $number needs what is chosen, a colon and its values between commas, like Size: small, large.",
                );
            }
            if (mb_strlen($name) > self::LONGEST_NAME || max(array_map(mb_strlen(...), $values)) > self::LONGEST) {
                throw new UnreadableCell("Line $number is too long: ".self::LONGEST_NAME.' characters fit before the colon and '
                    .self::LONGEST.' in each value.');
            }
            if (preg_match('~[/;|\[\]]~', $line) === 1) {
                throw new UnreadableCell("Line $number has one of / ; | [ ] in it: they stand between values elsewhere. Use a word.");
            }
            if (isset($options[$name]) || count(array_unique($values)) < count($values)) {
                throw new UnreadableCell("Line $number says something twice.");
            }
            $options[$name] = implode(', ', $values);
        }
        if (count($options) > Variants::MOST_OPTIONS) {
            throw new UnreadableCell('At most '.Variants::MOST_OPTIONS.' things can be chosen of a product.');
        }
        $many = count(Variants::of($options, [])->every());

        return $many <= Variants::MOST
            ? $options
            : throw new UnreadableCell("That makes $many ways; at most ".Variants::MOST.' fit. Make fewer values, or several products.');
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        $lines = [];
        foreach (is_array($value) ? $value : [] as $name => $values) {
            $lines[] = "$name: $values";
        }

        return implode("\n", $lines);
    }

    /** @return array{} */
    public function nothing(): array
    {
        return [];
    }

    public function field(): string
    {
        return 'lines';
    }
}
