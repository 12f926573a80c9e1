<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

/**
 * Where the parts of a header stand on wide screens: in one row or two, each with a left, a middle and a right.
 *
 * @phpstan-type Row array{start: list<string>, middle: list<string>, end: list<string>}
 */
final readonly class Arrangement
{
    /** Parts in the order in which they stand within one place to begin with => in words. */
    public const PARTS = [
        'logo' => 'logo', 'button' => 'category button', 'menu' => 'menu', 'second' => 'second menu', 'search' => 'search box',
        'chooser' => 'country and language', 'icons' => 'icons',
    ];

    /** Places => in words. */
    public const PLACES = [
        'start' => 'left', 'middle' => 'in the middle', 'end' => 'right', 'below-start' => 'second row, left',
        'below' => 'second row, in the middle', 'below-end' => 'second row, right',
    ];

    /** The menu's setting where no screen shows it beside the rest. */
    public const FOLDED = 'folded';

    private const FIRST = ['start' => 'start', 'middle' => 'middle', 'end' => 'end'];
    private const SECOND = ['start' => 'below-start', 'middle' => 'below', 'end' => 'below-end'];

    /** @param list<Row> $rows those that hold anything, from the top */
    private function __construct(public array $rows) {}

    /** The setting that says where a part stands. */
    public static function path(string $part): string
    {
        return "header.$part.place";
    }

    /**
     * @param array<string, string> $places part => place, of the parts that are there
     * @param list<string> $order of all parts, within a place
     */
    public static function of(array $places, array $order): self
    {
        $at = [];
        foreach ($order as $part) {
            if (isset($places[$part])) {
                $at[isset(self::PLACES[$places[$part]]) ? $places[$part] : 'start'][] = $part;
            }
        }
        $rows = array_map(
            static fn(array $row): array => array_map(static fn(string $place): array => $at[$place] ?? [], $row),
            [self::FIRST, self::SECOND],
        );

        return new self(array_values(array_filter($rows, static fn(array $row): bool => array_filter($row) !== [])));
    }

    /**
     * The place of a row that gives way where a row is too narrow: the menu's, whose words go on in another line.
     *
     * @param Row $row
     */
    public static function soft(array $row): ?string
    {
        foreach ($row as $place => $parts) {
            if (in_array('menu', $parts, true)) {
                return $place;
            }
        }

        return null;
    }
}
