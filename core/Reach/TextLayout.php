<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/**
 * How wide the columns of running text of some pages are, reckoned from their stylesheet: blocks and grids, as far as widths go.
 *
 * What is held to the look's longest line (--type-measure) is running text: of each section its longest piece. What stands in a row that
 * wraps, in a table or over the page has no width that could be told from the stylesheet, and is left out.
 * Source: CSS Grid Layout Level 2, track sizing and auto-placement, for tracks whose least width is 0.
 *
 * @phpstan-type Standing array{width: ?float, em: float, env: array<string, string>, family: string, isText: bool, section: int}
 * @phpstan-type Found array<int, array{number: int, words: string, width: float, size: float}>
 */
final readonly class TextLayout
{
    private const MEASURE = '--type-measure';
    private const FAMILY = '--type-body-family';
    private const SECTIONS = ['section', 'article', 'li', 'main', 'footer'];

    /** Characters that a piece of text has at least: a line of less is no column. */
    private const LEAST = 40;

    /** What is laid out in a way that is not reckoned here. */
    private const OTHER = ['table', 'svg', 'select', 'details', 'noscript'];
    private const OTHER_DISPLAYS = ['none', 'flex', 'inline-flex', 'table', 'inline-grid', 'inline-block', 'inline'];

    /** Columns of a grid that are reckoned with at most. */
    private const MOST_TRACKS = 24;

    /** @param array<string, LayoutBox> $pages page key => its body */
    private function __construct(private array $pages) {}

    /** @param array<string, MatchedPage> $pages by key */
    public static function of(array $pages): self
    {
        $boxes = [];
        foreach ($pages as $key => $page) {
            $body = $page->body();
            $number = -1;
            if ($body !== null) {
                $boxes[$key] = self::box($page, $body, $number);
            }
        }

        return new self($boxes);
    }

    /**
     * @param array<string, string> $root custom property of the pages => value
     * @param non-empty-list<int> $screens px
     *
     * @return list<TextColumn> in the order of the pages; those that are there on each of the screens
     */
    public function columns(array $root, array $screens): array
    {
        $columns = [];
        foreach ($this->pages as $page => $body) {
            $words = $widths = $sizes = [];
            foreach ($screens as $screen) {
                foreach ($this->onScreen($body, $root, $screen) as $each) {
                    $words[$each['number']] = $each['words'];
                    $widths[$each['number']][$screen] = $each['width'];
                    $sizes[$each['number']][$screen] = $each['size'];
                }
            }
            ksort($words);
            foreach ($words as $number => $text) {
                if (count($widths[$number]) === count($screens)) {
                    $columns[] = new TextColumn($page, $number, $text, $widths[$number], $sizes[$number]);
                }
            }
        }

        return $columns;
    }

    private static function box(MatchedPage $page, \DOMElement $element, int &$number): LayoutBox
    {
        $own = $number;
        $children = [];
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $number++;
                $box = isset(MatchedPage::SKIPPED[$child->tagName]) ? null : self::box($page, $child, $number);
                // What is not there has no place, but its elements count.
                if ($box !== null && ! $child->hasAttribute('hidden') && ($child->tagName !== 'dialog' || $child->hasAttribute('open'))) {
                    $children[] = $box;
                }
            }
        }
        $hasText = array_filter($children, static fn(LayoutBox $b): bool => $b->words !== '' || $b->children !== []) !== [];
        $words = $element->tagName === 'p' ? trim((string) preg_replace('/\s+/', ' ', $element->textContent)) : '';

        return new LayoutBox(
            $own,
            $element->tagName,
            $page->rules($element),
            mb_strlen($words) < self::LEAST ? '' : $words,
            ! in_array($element->tagName, self::OTHER, true),
            $hasText ? $children : [],
        );
    }

    /**
     * @param array<string, string> $root
     *
     * @return Found
     */
    private function onScreen(LayoutBox $body, array $root, int $screen): array
    {
        $found = [];
        $this->visit(
            $body,
            $screen,
            ['width' => null, 'em' => CssLength::REM, 'env' => $root, 'family' => '', 'isText' => false, 'section' => -1],
            (float) $screen,
            $found,
        );

        return $found;
    }

    /**
     * @param Standing $around
     * @param float $given px that its place has
     * @param Found $found the longest text of each section
     */
    private function visit(LayoutBox $box, int $screen, array $around, float $given, array &$found): void
    {
        $style = $box->style($screen);
        if (! $box->isPlain || in_array($style['position'] ?? '', ['absolute', 'fixed'], true)) {
            return;
        }
        $env = self::under($around['env'], $style);
        $own = [
            'width' => null,
            'env' => $env,
            'em' => (new CssLength($env, $screen, $around['em'], $around['em']))->px($style['font-size'] ?? '1em') ?? $around['em'],
            'family' => isset($style['font-family']) ? $style['font-family'] : $around['family'],
            'isText' => $around['isText'] || str_contains($style['max-width'] ?? '', self::MEASURE),
            'section' => in_array($box->tag, self::SECTIONS, true) ? $box->number : $around['section'],
        ];
        $own['width'] = self::inside($style, new CssLength($env, $screen, $own['em'], $given), $given);
        if ($box->words !== '' && $own['isText'] && $own['family'] === 'var('.self::FAMILY.')') {
            if (mb_strlen($box->words) > mb_strlen($found[$own['section']]['words'] ?? '')) {
                $found[$own['section']] = [
                    'number' => $box->number, 'words' => $box->words, 'width' => $own['width'], 'size' => $own['em'],
                ];
            }
        }
        $widths = match (true) {
            in_array($style['display'] ?? '', self::OTHER_DISPLAYS, true) => [],
            ($style['display'] ?? '') === 'grid' => self::placed($box->children, $style, $screen, $own),
            default => array_fill(0, count($box->children), $own['width']),
        };
        foreach ($widths as $i => $width) {
            $this->visit($box->children[$i], $screen, $own, $width, $found);
        }
    }

    /**
     * The width of the place that each child of a grid has.
     *
     * @param list<LayoutBox> $children
     * @param array<string, string> $style of the grid
     * @param Standing $own
     *
     * @return array<int, float> by child; none where that depends on what stands in them
     */
    private static function placed(array $children, array $style, int $screen, array $own): array
    {
        $length = new CssLength($own['env'], $screen, $own['em'], $own['width']);
        $gaps = self::parts($style['gap'] ?? '0');
        $gap = $length->px($style['column-gap'] ?? $gaps[count($gaps) - 1]) ?? 0.0;
        $written = isset($style['grid-template']) || isset($style['grid-auto-flow'])
            ? ''
            : CssLength::followed($style['grid-template-columns'] ?? 'minmax(0, 1fr)', $own['env']);
        $tracks = self::tracks($written, $length, (float) $own['width'], $gap);
        if ($tracks === null) {
            return [];
        }
        $inOrder = [];
        foreach ($children as $i => $child) {
            $its = $child->style($screen);
            if (($its['display'] ?? '') !== 'none' && ! in_array($its['position'] ?? '', ['absolute', 'fixed'], true)) {
                $properties = new CssLength(self::under($own['env'], $its), $screen);
                $inOrder[$i] = [(int) ($its['order'] ?? 0), self::span($its['grid-column'] ?? 'auto', $properties, count($tracks))];
            }
        }
        uasort($inOrder, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $placed = [];
        $column = 0;
        foreach ($inOrder as $i => [, $span]) {
            $column = $column + $span > count($tracks) ? 0 : $column;
            $placed[$i] = array_sum(array_slice($tracks, $column, $span)) + ($span - 1) * $gap;
            $column = ($column + $span) % count($tracks);
        }

        return $placed;
    }

    private static function span(string $written, CssLength $length, int $columns): int
    {
        return max(1, min($columns, match (true) {
            preg_match('/^1\s*\/\s*-1$/', $written) === 1 => $columns,
            str_starts_with($written, 'span ') => (int) $length->px(substr($written, 5)),
            default => 1,
        }));
    }

    /**
     * Widths of a grid's columns.
     *
     * @param string $written without var()
     *
     * @return ?non-empty-list<float> null where they depend on what stands in them
     */
    private static function tracks(string $written, CssLength $length, float $width, float $gap): ?array
    {
        $sizes = [];
        foreach (self::parts($written) as $part) {
            if (preg_match('/^repeat\(([^,]+),(.*)\)$/s', $part, $m)) {
                $times = (int) $length->px($m[1]);
                if ($times < 1 || $times > self::MOST_TRACKS) {
                    return null;
                }
                $sizes = [...$sizes, ...array_merge(...array_fill(0, $times, self::parts($m[2])))];
            } else {
                $sizes[] = $part;
            }
        }
        $fixed = $shares = [];
        foreach ($sizes as $i => $size) {
            $most = preg_match('/^minmax\(\s*0(?:px)?\s*,(.*)\)$/s', $size, $m) ? trim($m[1]) : $size;
            if (preg_match('/^\(*([\d.]+)fr\)*$/', $most, $m)) {
                $shares[$i] = (float) $m[1];
            } else {
                $fixed[$i] = $length->px($most);
            }
        }
        if (in_array(null, $fixed, true)) {
            return null;
        }
        $free = max(0.0, $width - (count($sizes) - 1) * $gap);
        $left = max(0.0, $free - array_sum($fixed));
        $widths = [];
        foreach (array_keys($sizes) as $i) {
            $widths[] = isset($shares[$i]) ? $left * $shares[$i] / max(1.0, array_sum($shares)) : min((float) $fixed[$i], $free);
        }

        return $widths;
    }

    /**
     * Px between the edges of what a box holds.
     *
     * @param array<string, string> $style
     * @param CssLength $length in the box, shares being of its place
     * @param float $given px that its place has
     */
    private static function inside(array $style, CssLength $length, float $given): float
    {
        $width = min($length->px($style['width'] ?? '') ?? $given, $length->px($style['max-width'] ?? '') ?? INF);
        $padding = self::parts($style['padding'] ?? '0');
        $right = $padding[1] ?? $padding[0];
        $sides = self::parts($style['padding-inline'] ?? sprintf('%s %s', $padding[3] ?? $right, $right));
        $taken = array_map(
            static fn(string $side): float => $length->px($side) ?? 0.0,
            [
                $style['padding-inline-start'] ?? $style['padding-left'] ?? $sides[0],
                $style['padding-inline-end'] ?? $style['padding-right'] ?? $sides[1] ?? $sides[0],
            ],
        );
        $border = $length->px(self::parts($style['border'] ?? '0')[0]) ?? 0.0;

        return max(0.0, $width - array_sum($taken) - 2 * $border);
    }

    /**
     * @param array<string, string> $env custom properties around
     * @param array<string, string> $style
     *
     * @return array<string, string> with those of the style
     */
    private static function under(array $env, array $style): array
    {
        $own = array_filter($style, static fn(string $p): bool => str_starts_with($p, '--'), ARRAY_FILTER_USE_KEY);

        return $own === [] ? $env : [...$env, ...$own];
    }

    /** @return non-empty-list<string> what stands between spaces, but for those in parentheses */
    private static function parts(string $written): array
    {
        preg_match_all('/(?:[^\s()]+|(\((?:[^()]++|(?1))*\)))+/', trim($written), $m);

        return $m[0] === [] ? [''] : $m[0];
    }
}
