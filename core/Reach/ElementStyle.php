<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/** What a stylesheet says of one element of a page, on any screen. */
final readonly class ElementStyle
{
    /** @var list<array{state: ?string, declarations: array<string, string>}> weakest first */
    private array $rules;

    /**
     * @param list<StyleRule> $rules that match it
     * @param list<string> $properties that are kept, besides custom ones
     */
    public function __construct(array $rules, array $properties)
    {
        usort($rules, static fn(StyleRule $a, StyleRule $b): int => $a->weight <=> $b->weight);
        $kept = [];
        foreach ($rules as $rule) {
            $declarations = array_filter(
                $rule->declarations,
                static fn(string $p): bool => str_starts_with($p, '--') || in_array($p, $properties, true),
                ARRAY_FILTER_USE_KEY,
            );
            if ($rule->pseudo === null && $declarations !== [] && ($rule->state === null || str_starts_with($rule->state, 'media'))) {
                $kept[] = ['state' => $rule->state, 'declarations' => $declarations];
            }
        }
        $this->rules = $kept;
    }

    /**
     * @param int $screen width, px
     *
     * @return array<string, string> property => value
     */
    public function on(int $screen): array
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
