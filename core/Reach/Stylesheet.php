<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

use Sabberworm\CSS\CSSList\AtRuleBlockList;
use Sabberworm\CSS\CSSList\CSSList;
use Sabberworm\CSS\Parser;
use Sabberworm\CSS\RuleSet\DeclarationBlock;
use Symfony\Component\CssSelector\CssSelectorConverter;
use Symfony\Component\CssSelector\Exception\ExceptionInterface;
use Symfony\Component\CssSelector\Parser\Parser as SelectorParser;

/** A stylesheet as rules that can be matched against pages. */
final readonly class Stylesheet
{
    private const STATES = '/:(hover|focus-visible|focus|active|target|visited)\b/';
    private const FOCUSABLE = 'a, button, input, select, textarea, summary';
    /** Beginning of the attribute that stands for a class. */
    public const MARK = 'c-';

    private const PSEUDO = '/::(before|after|marker|placeholder)\b/';

    /** @param list<StyleRule> $rules */
    private function __construct(public array $rules) {}

    /** Selectors that cannot be matched outside a browser (::-webkit and the like) are left out: they style no setting. */
    public static function parse(string $css): self
    {
        $rules = [];
        self::collect((new Parser($css))->parse(), null, $rules);

        return new self($rules);
    }

    /** @param list<self> $sheets one after the other, as a page links them */
    public static function joined(array $sheets): self
    {
        $rules = [];
        foreach ($sheets as $sheet) {
            // Of two rules alike in specificity the later sheet's wins.
            $offset = count($rules);
            foreach ($sheet->rules as $rule) {
                $rules[] = new StyleRule(
                    $rule->classes,
                    $rule->xpath,
                    $rule->state,
                    $rule->pseudo,
                    $rule->declarations,
                    $rule->weight + $offset,
                );
            }
        }

        return new self($rules);
    }

    /** @param list<StyleRule> $rules */
    private static function collect(CSSList $list, ?string $media, array &$rules): void
    {
        foreach ($list->getContents() as $item) {
            if ($item instanceof AtRuleBlockList && $item->atRuleName() === 'media') {
                self::collect($item, 'media '.$item->atRuleArgs(), $rules);
            } elseif ($item instanceof DeclarationBlock) {
                $declarations = [];
                foreach ($item->getRules() as $rule) {
                    $declarations[$rule->getRule()] = (string) (
                        is_object($rule->getValue())
                            ? $rule->getValue()->render(\Sabberworm\CSS\OutputFormat::createCompact())
                            : $rule->getValue()
                    );
                }
                foreach ($item->getSelectors() as $selector) {
                    $made = self::rule($selector->getSelector(), $declarations, $media, count($rules));
                    if ($made !== null) {
                        $rules[] = $made;
                    }
                }
            }
        }
    }

    /** @param array<string, string> $declarations */
    private static function rule(string $selector, array $declarations, ?string $media, int $order): ?StyleRule
    {
        $state = preg_match(self::STATES, $selector, $m) ? $m[1] : $media;
        $pseudo = preg_match(self::PSEUDO, $selector, $m) ? $m[1] : null;
        $plain = preg_replace([self::STATES, self::PSEUDO], '', $selector);
        // Spaces around a combinator say nothing; what a state or pseudo-element leaves bare is any element.
        $plain = (string) preg_replace('/\s*([>+~])\s*/', '$1', trim((string) $plain));
        $plain = (string) preg_replace('/(^|[\s>+~])(?=$|[\s>+~])/', '$1*', $plain);
        if ($plain === '' || $plain === '*') {
            // A bare :focus rule speaks only of what can have the focus.
            $plain = $state !== null && str_starts_with($state, 'focus') ? self::FOCUSABLE : '*';
        }
        try {
            $xpath = self::byMark((new CssSelectorConverter())->toXPath($plain === ':root' ? 'html' : $plain));
            $specificity = max(
                0,
                ...array_map(
                    static fn($s): int => $s->getSpecificity()->getValue(),
                    (new SelectorParser())->parse($plain === ':root' ? 'html' : $plain),
                ),
            );
        } catch (ExceptionInterface) {
            return null;
        }

        // What :not() speaks of must not be there, so it says nothing about what must.
        preg_match_all('/\.(-?[a-zA-Z_][\w-]*)/', (string) preg_replace('/:not\([^)]*\)/', '', $plain), $classes);

        return new StyleRule(
            array_values(array_unique($classes[1])),
            $xpath,
            $state,
            $pseudo,
            $declarations,
            $specificity * 10_000 + $order,
        );
    }

    /**
     * The same expression asking for a class by an attribute of its own, which the page reader gives each element:
     * three times as quick as taking the class list apart at every element for every rule.
     */
    private static function byMark(string $xpath): string
    {
        return (string) preg_replace(
            "/@class and contains\\(concat\\(' ', normalize-space\\(@class\\), ' '\\), ' ([\\w-]+) '\\)/",
            '@'.self::MARK.'$1',
            $xpath,
        );
    }
}
