<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/**
 * The pairs of a page: each ink on each ground, in each state, as elements are read one after the other.
 *
 * @phpstan-import-type Standing from PageReader
 */
final class PairReader
{
    /** Attributes that say a state, with the state they say. */
    private const STATES = [
        'aria-current' => 'selected', 'aria-selected' => 'selected', 'checked' => 'selected', 'aria-invalid' => 'error',
    ];

    private const CONTROLS = ['input' => true, 'select' => true, 'textarea' => true];

    /** @var array<string, PairUse> by key */
    public array $found = [];

    private int $number = -1;

    public function __construct(private readonly string $page) {}

    /**
     * Notes the pairs an element makes.
     *
     * @param int $number of the element
     * @param Standing $own
     * @param Standing $parent
     * @param list<StyleRule> $rules that match it
     */
    public function read(\DOMElement $element, int $number, array $own, array $parent, array $rules): void
    {
        $this->number = $number;
        if (isset($own['style']['clip-path'])) {
            return;
        }
        $state = $this->stateOf($element);
        $isControl = isset(self::CONTROLS[$element->tagName]) && $element->getAttribute('type') !== 'hidden';
        $isBox = in_array($element->getAttribute('type'), ['checkbox', 'radio'], true);
        $border = ($isControl && ! $isBox) || str_contains($element->getAttribute('class'), 'choice')
            ? RootProperties::last($own['style']['border'] ?? '', $own['env']) : null;
        if ($border !== null && $state !== 'disabled') {
            $this->pair($border, $parent, 'control', $state, $own);
        }
        if ($isBox) {
            $this->pair(RootProperties::first($own['style']['accent-color'] ?? '', $own['env']), $parent, 'control', 'selected', $own);
        }
        if ($state !== 'disabled') {
            $this->ring($own, $parent, $rules);
        }
        if ($element->tagName === 'svg') {
            $stroke = RootProperties::first($own['style']['stroke'] ?? '', $own['env']);
            // Lines of their own color do not follow the ink in its states.
            $turned = $stroke === null ? $own['turned'] : array_map(static fn(array $t): array => ['ink' => null] + $t, $own['turned']);
            $this->pairs(
                $stroke ?? RootProperties::first($own['style']['color'] ?? '', $own['env']),
                ['turned' => $turned] + $own,
                'graphic',
                $state,
            );

            return;
        }
        if (! ($isControl && ! $isBox) && ! PageReader::hasText($element)) {
            return;
        }
        $ink = RootProperties::first($own['style']['color'] ?? '', $own['env']);
        $this->pairs($ink, $own, 'text', $state);
    }

    /**
     * An ink on the ground it stands on, as it is and in the states that change either.
     *
     * @param Standing $own
     */
    private function pairs(?string $ink, array $own, string $kind, string $state): void
    {
        $this->pair($ink, $own, $kind, $state, $own);
        foreach ($state === 'disabled' ? [] : $own['turned'] as $turned => ['ink' => $stateInk, 'ground' => $stateGround]) {
            $stateInk ??= $ink;
            $stateGround ??= $own['ground'];
            if ($stateInk !== $ink || $stateGround !== $own['ground']) {
                $this->pair($stateInk, [...$own, 'ground' => $stateGround], $kind, $turned, $own);
            }
        }
    }

    /**
     * The ring around what has the focus lies beside it, on what is around it.
     *
     * @param Standing $own
     * @param Standing $parent
     * @param list<StyleRule> $rules
     */
    private function ring(array $own, array $parent, array $rules): void
    {
        $ring = null;
        $weight = -1;
        foreach ($rules as $rule) {
            $written = $rule->declarations['outline-color'] ?? $rule->declarations['outline'] ?? null;
            if ($written !== null && $rule->pseudo === null && str_starts_with((string) $rule->state, 'focus') && $rule->weight > $weight) {
                $ring = RootProperties::last($written, $own['env']);
                $weight = $rule->weight;
            }
        }
        $this->pair($ring, $parent, 'control', 'focus', $own);
    }

    /** The state an element is in as it stands, by its attributes or those of what it is the words of. */
    private function stateOf(\DOMElement $element): string
    {
        for ($e = $element, $up = 0; $e instanceof \DOMElement && $up < 2; $e = $e->parentNode, $up++) {
            // What is disabled needs no contrast (WCAG 2.2, 1.4.3, inactive components).
            if ($e->hasAttribute('disabled')) {
                return 'disabled';
            }
            foreach (self::STATES as $attribute => $state) {
                if ($e->hasAttribute($attribute) && $e->getAttribute($attribute) !== 'false') {
                    return $state;
                }
            }
        }

        return $element->getAttribute('role') === 'alert' || str_contains($element->getAttribute('class'), 'problem') ? 'error' : 'plain';
    }

    /**
     * @param Standing $on what it stands on
     * @param Standing $own
     */
    private function pair(?string $ink, array $on, string $kind, string $state, array $own): void
    {
        if ($ink === null || $on['ground'] === '') {
            return;
        }
        $isText = $kind === 'text';
        $weight = $own['style']['font-weight'] ?? '';
        $use = new PairUse(
            $ink,
            $on['ground'],
            $kind,
            $state,
            $isText ? $own['style']['font-size'] ?? '' : '',
            $isText ? $own['factor'] : 1.0,
            $isText && (int) $weight >= 700,
            implode(' ', $on['beneath']),
        );
        $use = $this->found[$use->key()] ??= $use;
        $use->places[$this->page][] = $this->number;
    }
}
