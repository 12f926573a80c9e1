<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

/** What a theme package may hold: known names, small files, nothing that unfolds to much more than it is. */
final class PackageRules
{
    public const TOKENS = 'theme.tokens.json';
    public const STYLES = 'theme.css';
    public const MOST_BYTES = 24_000_000;

    /** Each is measured and packed before it is kept, and somebody waits for that. */
    public const MOST_FONTS = 6;

    private const MOST_FILES = 40;
    private const MOST_FOLD = 120;

    /** pattern of a name => most bytes */
    private const FILES = [
        '/^theme\.tokens\.json$/' => 600_000,
        '/^theme\.css$/' => 120_000,
        '/^pictures\/[a-z0-9][a-z0-9-]{0,60}\.(png|jpe?g|webp|svg)$/' => 8_000_000,
        '/^fonts\/own-[0-9a-f]{16}\.ttf$/' => 4_000_000,
    ];

    /**
     * @param list<array{name: string, size: int, packed: int}> $entries as the package lists them, before anything is unfolded
     *
     * @return list<string> what is wrong, as sentences
     */
    public static function problems(array $entries): array
    {
        $problems = [];
        if (count($entries) > self::MOST_FILES) {
            $problems[] = sprintf('It holds %d files; a theme has at most %d.', count($entries), self::MOST_FILES);
        }
        if (array_sum(array_column($entries, 'size')) > self::MOST_BYTES) {
            $problems[] = sprintf('Unfolded it would be over %d MB.', intdiv(self::MOST_BYTES, 1_000_000));
        }
        $names = [];
        foreach (array_slice($entries, 0, self::MOST_FILES) as ['name' => $name, 'size' => $size, 'packed' => $packed]) {
            $shown = mb_substr(mb_scrub($name), 0, 80);
            if (str_ends_with($name, '/')) {
                continue;
            }
            $most = null;
            foreach (self::FILES as $pattern => $limit) {
                $most ??= preg_match($pattern, $name) ? $limit : null;
            }
            $problems[] = match (true) {
                preg_match('#(^|[/\\\\])\.\.([/\\\\]|$)|^[/\\\\]|^[A-Za-z]:#', $name) === 1 => "“{$shown}” points outside the package.",
                $most === null => "“{$shown}” is not a file a theme has: there are ".self::TOKENS.', '.self::STYLES
                    .', pictures/name.png, .jpg, .webp or .svg, and fonts as they are exported.',
                $size > $most => sprintf(
                    '“%s” is %s KB; at most %s KB are taken.',
                    $shown,
                    number_format($size / 1000),
                    number_format($most / 1000),
                ),
                $size > 20_000 && $size > self::MOST_FOLD * max(1, $packed) => "“{$shown}” unfolds to far more than it is.",
                isset($names[$name]) => "“{$shown}” is in it twice.",
                default => null,
            };
            $names[$name] = true;
        }
        $fonts = array_filter(array_keys($names), static fn(int|string $name): bool => str_starts_with((string) $name, 'fonts/'));
        if (count($fonts) > self::MOST_FONTS) {
            $problems[] = sprintf('It holds over %d fonts.', self::MOST_FONTS);
        }
        if (! isset($names[self::TOKENS])) {
            $problems[] = self::TOKENS.' is missing.';
        }

        return array_values(array_filter($problems));
    }
}
