<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/** An element of a page as far as the widths of running text depend on it. */
final readonly class LayoutBox
{
    /** Properties that widths, and the size and family of letters, depend on. */
    private const PROPERTIES = [
        'display', 'position', 'width', 'max-width', 'padding', 'padding-inline', 'padding-inline-start', 'padding-inline-end',
        'padding-left', 'padding-right', 'border',
        'grid-template', 'grid-template-columns', 'grid-auto-flow', 'grid-column', 'gap', 'column-gap', 'order', 'font-size', 'font-family',
    ];

    /** @var list<array{state: ?string, declarations: array<string, string>}> weakest first */
    private array $rules;

    /**
     * @param int $number among the elements of the page's body
     * @param list<StyleRule> $rules that match it
     * @param string $words where it is a piece of running text, what stands in it
     * @param bool $isPlain whether it is laid out as a block is, or as its style says
     * @param list<self> $children none where no running text is below it
     */
    public function __construct(
        public int $number,
        public string $tag,
        array $rules,
        public string $words,
        public bool $isPlain,
        public array $children,
    ) {
        usort($rules, static fn(StyleRule $a, StyleRule $b): int => $a->weight <=> $b->weight);
        $kept = [];
        foreach ($rules as $rule) {
            $declarations = array_filter(
                $rule->declarations,
                static fn(string $p): bool => str_starts_with($p, '--') || in_array($p, self::PROPERTIES, true),
                ARRAY_FILTER_USE_KEY,
            );
            if ($rule->pseudo === null && $declarations !== [] && ($rule->state === null || str_starts_with($rule->state, 'media'))) {
                $kept[] = ['state' => $rule->state, 'declarations' => $declarations];
            }
        }
        $this->rules = $kept;
    }

    /**
     * What the stylesheet says of it on a screen.
     *
     * @param int $screen px
     *
     * @return array<string, string> property => value
     */
    public function style(int $screen): array
    {
        $style = [];
        foreach ($this->rules as ['state' => $state, 'declarations' => $declarations]) {
            if ($state === null || self::holds($state, $screen)) {
                $style = [...$style, ...$declarations];
            }
        }

        return $style;
    }

    private static function holds(string $media, int $screen): bool
    {
        return preg_match('/^media \((max|min)-width:\s*([\d.]+)px\)$/', $media, $m) === 1
            && ($m[1] === 'max' ? $screen <= (float) $m[2] : $screen >= (float) $m[2]);
    }
}
