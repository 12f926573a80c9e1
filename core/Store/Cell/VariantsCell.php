<?php

declare(strict_types=1);

namespace Ikat\Core\Store\Cell;

use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;
use Ikat\Core\Store\Variant;
use Ikat\Core\Store\Variants;

/**
 * The ways a product comes, one a line: "14 in / Natural; 6.00; 3; 210; lantern-natural" is one that costs six more, of which three are
 * there, of 210 g and with a picture of its own. What is left out is as the product has it; stock that is left out is not counted.
 */
final readonly class VariantsCell implements CellType
{
    private const FIELDS = 5;

    /** @return array<string, string> what each is called => what Variant::kept() gives */
    public function read(string $typed, Names $names): array
    {
        $kept = [];
        foreach (preg_split('/\R/u', $typed) ?: [] as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            $number = $i + 1;
            $fields = array_map(trim(...), explode(';', $line));
            $called = implode(Variant::BETWEEN, array_map(trim(...), explode('/', $fields[0])));
            if ($fields[0] === '' || count($fields) > self::FIELDS) {
                throw new UnreadableCell("Line $number needs what it is called, what it costs more, its stock, its grams and its picture, "
                    .'with a semicolon between them.');
            }
            if (isset($kept[$called])) {
                throw new UnreadableCell("“{$called}” stands there twice.");
            }
            [, $more, $stock, $weight, $picture] = $fields + ['', '', '', '', ''];
            $kept[$called] = self::variant($called, $more, $stock, $weight, $picture, $names)->kept();
        }

        return count($kept) <= Variants::MOST ? $kept : throw new UnreadableCell('At most '.Variants::MOST.' ways of a product.');
    }

    /**
     * A variant from what is typed of it.
     *
     * @throws UnreadableCell
     */
    public static function variant(string $called, string $more, string $stock, string $weight, string $picture, Names $names): Variant
    {
        $whole = new WholeCell();
        $isLess = preg_match('/^[-\x{2212}]/u', $more) === 1;
        $cents = $more === '' ? 0 : MoneyCell::cents(ltrim((string) preg_replace('/^\x{2212}/u', '', $more), '+-'));

        return new Variant(
            $called,
            $isLess ? -$cents : $cents,
            $stock === '' ? null : $whole->read($stock, $names),
            $weight === '' ? null : $whole->read($weight, $names),
            $picture === '' ? null : $names->idOf(PicturesCell::KIND, $picture)
                ?? throw new UnreadableCell("The library has no picture called “{$picture}”."),
        );
    }

    public function write(int|string|bool|array|null $value, Names $names): string
    {
        $lines = [];
        foreach (is_array($value) ? $value : [] as $called => $kept) {
            $variant = Variant::of((string) $called, (string) $kept);
            $lines[] = rtrim(implode('; ', [
                $variant->called,
                $variant->more === 0 ? '' : MoneyCell::figures($variant->more),
                (string) $variant->stock,
                (string) $variant->weight,
                $variant->picture === null ? '' : $names->nameOf(PicturesCell::KIND, $variant->picture),
            ]), '; ');
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
