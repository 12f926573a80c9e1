<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/**
 * Matches a stylesheet on rendered pages: the cascade, as far as settings are concerned.
 *
 * Custom properties are inherited and followed until one that the root sets; that is the place where settings come in.
 *
 * What is handed down from element to element: custom properties set below the root, inherited style, the property the
 * ground comes from, the grounds beneath it (the nearest first), what the font size is multiplied by, the number of the
 * element that set the ink, and what ink and ground turn into in a state (state => property, null where it stays).
 *
 * @phpstan-type Turned array<string, array{ink: ?string, ground: ?string}>
 * @phpstan-type Standing array{env: array<string, string>, style: array<string, string>, ground: string, beneath: list<string>,
 *     factor: float, ink: int, turned: Turned}
 */
final class PageReader
{
    private const INHERITED = ['color', 'font-size', 'font-weight', 'stroke', 'fill'];
    /** The ground of what lies transparent over what comes next. */
    public const OVER = '--over';

    /** How many grounds under a ground are remembered: a see-through one seldom lies on another. */
    private const DEEP = 2;

    /** Elements that are drawn in the ink without having words. */
    private const INKED = ['svg' => true, 'input' => true, 'select' => true, 'textarea' => true, 'img' => true, 'hr' => true];

    /** @var array<string, array<string, list<int>>> */
    private array $uses = [];

    /** @var array<string, array<string, list<int>>> */
    private array $covered = [];

    /** @var array<string, string> */
    private array $coveredBy = [];

    /** @var array<string, array<string, list<int>>> */
    private array $words = [];

    /** @var array<string, array<string, list<int>>> */
    private array $parts = [];

    /**
     * @var array<string, array<string, array<string, list<int>>>> uses, words and parts of what shows only when it is opened, pointed at or
     *     focused
     */
    private array $latent = ['uses' => [], 'words' => [], 'parts' => []];

    private readonly PairReader $pairs;

    /** Whether the element being read is out of sight as the page stands: closed, or inside what is. */
    private bool $isHidden = false;

    private readonly MatchedPage $matched;

    private int $number = -1;

    /** @var array<int, list<string>> element => properties its ink comes from, as long as nothing is written with it */
    private array $inks = [];

    private function __construct(Stylesheet $sheet, private readonly string $page, string $html)
    {
        $this->pairs = new PairReader($page);
        $this->matched = MatchedPage::of($sheet, $html);
    }

    /** @param array<string, string> $pages page key => HTML */
    public static function index(Stylesheet $sheet, array $pages): ReachIndex
    {
        return ReachIndex::merged(array_map(
            static fn(string $page, string $html): ReachIndex => self::page($sheet, $page, $html),
            array_keys($pages),
            $pages,
        ));
    }

    /** The index of one page: it depends on the page's skeleton alone, not on its words. */
    public static function page(Stylesheet $sheet, string $page, string $html): ReachIndex
    {
        $reader = new self($sheet, $page, $html);
        $reader->read();

        return new ReachIndex(
            new PlaceMap($reader->uses),
            new PlaceMap($reader->covered),
            $reader->coveredBy,
            new PlaceMap($reader->words),
            new PlaceMap($reader->parts),
            $reader->pairs->found,
            [$page],
            new PlaceMap($reader->latent['uses']),
            new PlaceMap($reader->latent['words']),
            new PlaceMap($reader->latent['parts']),
        );
    }

    /**
     * What of a page matters to its index: its elements and what selectors and reach read of them. Two pages of one
     * skeleton have one index.
     */
    public static function skeleton(string $html): string
    {
        $body = (string) strstr($html, '<body');
        $bare = preg_replace(
            '/\s(?:href|src|srcset|sizes|alt|value|action|name|for|id|width|height|title|placeholder|min|max|maxlength'
            .'|aria-label|aria-labelledby|aria-describedby|viewBox|d|transform)="[^"]*"/',
            '',
            $body,
        );

        return (string) preg_replace(['/>[^<>]*\S[^<>]*</', '/>\s+</'], ['>x<', '><'], (string) $bare);
    }

    private function read(): void
    {
        [$root, $body] = [$this->matched->root(), $this->matched->body()];
        if ($root !== null && $body !== null) {
            $base = ['env' => [], 'style' => [], 'ground' => '', 'beneath' => [], 'factor' => 1.0, 'ink' => -1, 'turned' => []];
            $this->visit($body, $this->style($root, $base));
        }
    }

    /**
     * @param Standing $parent
     */
    private function visit(\DOMElement $element, array $parent): void
    {
        if (isset(MatchedPage::SKIPPED[$element->tagName])) {
            return;
        }
        $own = $this->style($element, $parent);
        $wasHidden = $this->isHidden;
        $this->isHidden = $wasHidden || $this->isClosed($element, $own['style']);
        if ($element->tagName !== 'body') {
            $this->record($element, $own, $parent);
        } else {
            $this->part($element, -1);
        }
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $this->number++;
                if ($element->tagName === 'body') {
                    $this->recordInherited($element, $child, $own['env']);
                }
                $this->visit($child, $own);
            }
        }
        $this->isHidden = $wasHidden;
    }

    /**
     * Whether an element is out of sight on every device until something opens it.
     *
     * @param array<string, string> $style as it stands at rest
     */
    private function isClosed(\DOMElement $element, array $style): bool
    {
        $isOut = $element->hasAttribute('hidden') || ($style['display'] ?? '') === 'none' || ($style['visibility'] ?? '') === 'hidden';
        if (! $isOut) {
            return false;
        }
        foreach ($this->matched->rules($element) as $rule) {
            $shows = ($rule->declarations['display'] ?? 'none') !== 'none' || ($rule->declarations['visibility'] ?? 'hidden') === 'visible';
            // A phone shows what a desktop leaves out, and the other way round: that is no matter of opening.
            if ($shows && self::isOfDevice($rule)) {
                return false;
            }
        }

        return true;
    }

    private static function isOfDevice(StyleRule $rule): bool
    {
        return $rule->state === null || str_starts_with($rule->state, 'media');
    }

    /**
     * The body itself has no number: what it sets shows on its children, except where they set it themselves.
     *
     * @param array<string, string> $env
     */
    private function recordInherited(\DOMElement $body, \DOMElement $child, array $env): void
    {
        $ofChild = [];
        foreach ($this->matched->rules($child) as $rule) {
            $ofChild += $rule->state === null && $rule->pseudo === null ? $rule->declarations : [];
        }
        foreach ($this->matched->rules($body) as $rule) {
            foreach (array_diff_key($rule->declarations, $ofChild) as $property => $value) {
                if (! str_starts_with($property, '--')) {
                    foreach (RootProperties::of($value, $env) as $root) {
                        $this->add($this->uses, $root, $this->number);
                    }
                }
            }
        }
    }

    /**
     * The element's winning declarations, over what it inherits.
     *
     * @param Standing $parent
     *
     * @return Standing
     */
    private function style(\DOMElement $element, array $parent): array
    {
        $env = $parent['env'];
        $style = array_intersect_key($parent['style'], array_flip(self::INHERITED));
        $weights = [];
        $rules = $this->matched->rules($element);
        foreach ($rules as $rule) {
            if ($rule->state !== null || $rule->pseudo !== null) {
                continue;
            }
            foreach ($rule->declarations as $property => $value) {
                if ($rule->weight < ($weights[$property] ?? -1)) {
                    continue;
                }
                $weights[$property] = $rule->weight;
                if (str_starts_with($property, '--')) {
                    // The root's own properties are where following ends.
                    if ($element->tagName !== 'html') {
                        $env[$property] = $value;
                    }
                } else {
                    $style[$property] = $value;
                }
            }
        }
        if (isset($style['background']) && str_contains($style['background'], 'var(')) {
            $style['background-color'] = $style['background'];
        }
        $factor = $parent['factor'];
        if (isset($weights['font-size'])) {
            $factor = 1.0;
            if (preg_match('/^([\d.]+)em$/', $style['font-size'], $m)) {
                $style['font-size'] = $parent['style']['font-size'] ?? '';
                $factor = $parent['factor'] * (float) $m[1];
            }
        }
        $ground = RootProperties::first($style['background-color'] ?? '', $env) ?? '';
        // What is taken out of the flow and lets through lies over what comes next, not on what is around it.
        if (($style['background-color'] ?? '') === 'transparent' && ($style['position'] ?? '') === 'absolute') {
            $ground = self::OVER;
        }
        $beneath = $ground === '' || $ground === $parent['ground']
            ? $parent['beneath']
            : array_values(array_filter(
                [$parent['ground'], ...$parent['beneath']],
                static fn(string $g): bool => $g !== '' && $g !== $ground,
            ));

        return [
            'env' => $env,
            'style' => $style,
            'ground' => $ground !== '' ? $ground : $parent['ground'],
            'beneath' => array_slice($beneath, 0, self::DEEP),
            'factor' => $factor,
            'ink' => isset($weights['color']) ? $this->number : $parent['ink'],
            'turned' => $this->turned($rules, $env, isset($weights['color']), $ground !== '', $parent['turned']),
        ];
    }

    /**
     * What ink and ground turn into in a state of the element or of one around it, as long as it sets none itself.
     *
     * @param list<StyleRule> $rules
     * @param array<string, string> $env
     * @param Turned $around
     *
     * @return Turned
     */
    private function turned(array $rules, array $env, bool $hasInk, bool $hasGround, array $around): array
    {
        $turned = [];
        if (! $hasInk || ! $hasGround) {
            foreach ($around as $state => ['ink' => $ink, 'ground' => $ground]) {
                $turned[$state] = ['ink' => $hasInk ? null : $ink, 'ground' => $hasGround ? null : $ground];
            }
        }
        $weights = [];
        foreach ($rules as $rule) {
            if ($rule->state === null || $rule->pseudo !== null || str_starts_with($rule->state, 'media')) {
                continue;
            }
            $state = str_starts_with($rule->state, 'focus') ? 'focus' : $rule->state;
            foreach (['ink' => 'color', 'ground' => 'background-color'] as $what => $property) {
                $root = RootProperties::first($rule->declarations[$property] ?? '', $env);
                if ($root !== null && $rule->weight >= ($weights["$state $what"] ?? -1)) {
                    $weights["$state $what"] = $rule->weight;
                    $turned[$state] = [$what => $root] + ($turned[$state] ?? ['ink' => null, 'ground' => null]);
                }
            }
        }

        return $turned;
    }

    /**
     * @param Standing $own
     * @param Standing $parent
     */
    private function record(\DOMElement $element, array $own, array $parent): void
    {
        $this->part($element, $this->number);
        foreach ($this->matched->rules($element) as $rule) {
            foreach ($rule->declarations as $property => $value) {
                if (str_starts_with($property, '--')) {
                    continue;
                }
                $wins = $rule->state !== null || $rule->pseudo !== null || ($own['style'][$property] ?? null) === $value;
                foreach (RootProperties::of($value, $own['env']) as $root) {
                    if ($wins && $property === 'color' && $rule->state === null && $rule->pseudo === null) {
                        $this->inks[$this->number][] = $root;
                    } elseif ($wins && ! $this->isHidden && self::isOfDevice($rule)) {
                        $this->add($this->uses, $root, $this->number);
                    } elseif ($wins) {
                        $this->add($this->latent['uses'], $root, $this->number);
                    } else {
                        $this->add($this->covered, $root, $this->number);
                        $this->coveredBy[$root] = RootProperties::first($own['style'][$property] ?? '', $own['env']) ?? '';
                    }
                }
            }
        }
        if (self::hasText($element) || isset(self::INKED[$element->tagName])) {
            $this->show($own['ink']);
        }
        $this->pairs->read($element, $this->number, $own, $parent, $this->matched->rules($element));
    }

    /** An ink shows where something is written with it, by the element that sets it or by one that inherits it. */
    private function show(int $setter): void
    {
        foreach ($this->inks[$setter] ?? [] as $root) {
            if ($this->isHidden) {
                $this->add($this->latent['uses'], $root, $setter);
            } else {
                $this->add($this->uses, $root, $setter);
            }
        }
        // What is written out of sight says nothing of what is written in it elsewhere.
        if (! $this->isHidden) {
            unset($this->inks[$setter]);
        }
    }

    private function part(\DOMElement $element, int $number): void
    {
        if ($number >= 0 && ($part = $element->getAttribute('data-part')) !== '') {
            if ($this->isHidden) {
                $this->add($this->latent['parts'], $part, $number);
            } else {
                $this->add($this->parts, $part, $number);
            }
        }
        if (($from = $element->getAttribute('data-from')) !== '') {
            foreach (explode(' ', $from) as $path) {
                if ($this->isHidden) {
                    $this->add($this->latent['words'], $path, $number);
                } else {
                    $this->add($this->words, $path, $number);
                }
            }
        }
    }

    /** @param array<string, array<string, list<int>>> $where */
    private function add(array &$where, string $key, int $number): void
    {
        $last = $where[$key][$this->page] ?? [];
        if (end($last) !== $number) {
            $where[$key][$this->page][] = $number;
        }
    }

    public static function hasText(\DOMElement $element): bool
    {
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMText && trim($child->data) !== '') {
                return true;
            }
        }

        return false;
    }
}
