<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

use Sabberworm\CSS\CSSList\AtRuleBlockList;
use Sabberworm\CSS\CSSList\CSSList;
use Sabberworm\CSS\OutputFormat;
use Sabberworm\CSS\Parser;
use Sabberworm\CSS\Parsing\SourceException;
use Sabberworm\CSS\Property\AtRule;
use Sabberworm\CSS\RuleSet\DeclarationBlock;

/**
 * Rebuilds a theme's stylesheet from what was parsed: media queries, and rules of allowed properties whose values load nothing.
 *
 * Whatever is not allowed is a problem with its place; the result holds nothing but what was read and allowed.
 */
final class StyleCleaner
{
    /** Beginnings of property names a theme may set. */
    private const PROPERTIES = [
        'color', 'background', 'border', 'outline', 'font', 'line-height', 'letter-spacing', 'word-spacing', 'text-', 'margin', 'padding',
        'width', 'min-', 'max-', 'height', 'display', 'grid', 'flex', 'order', 'gap', 'row-gap', 'column-gap', 'align-', 'justify-',
        'place-', 'position', 'top', 'right', 'bottom', 'left', 'inset', 'object-', 'aspect-ratio', 'overflow', 'opacity', 'box-',
        'transform', 'transition', 'list-style', 'vertical-align', 'white-space', 'visibility', 'clip-path', 'mask-image', 'scroll-',
        'stroke', 'fill', 'columns', 'column-', 'content', 'z-index',
    ];

    /** @var list<string> */
    private array $problems = [];

    /**
     * @return array{string, list<string>} the stylesheet written anew, and what was wrong
     */
    public static function clean(string $css): array
    {
        $cleaner = new self();
        try {
            $rules = $cleaner->rules((new Parser($css))->parse());
        } catch (SourceException $e) {
            return ['', ['theme.css is not a stylesheet that can be read: '.$e->getMessage()]];
        }

        return [$rules, array_values(array_unique($cleaner->problems))];
    }

    private function rules(CSSList $list): string
    {
        $out = '';
        foreach ($list->getContents() as $item) {
            if ($item instanceof AtRuleBlockList && $item->atRuleName() === 'media') {
                $query = (string) $item->atRuleArgs();
                if (preg_match('/^[a-z0-9 ():.,<>=-]{1,200}$/i', $query)) {
                    $out .= "@media $query {\n{$this->rules($item)}}\n";
                } else {
                    $this->problems[] = 'theme.css: a media query is not understood.';
                }
            } elseif ($item instanceof DeclarationBlock) {
                $out .= $this->rule($item);
            } else {
                $name = $item instanceof AtRule ? '@'.$item->atRuleName() : 'something';
                $this->problems[] = "theme.css: $name is not taken. Only rules and @media are; fonts come from Ikat’s shelf.";
            }
        }

        return $out;
    }

    private function rule(DeclarationBlock $block): string
    {
        $selectors = [];
        foreach ($block->getSelectors() as $selector) {
            $text = $selector->getSelector();
            if (
                preg_match('/^[A-Za-z0-9\s.,:>+~*()\[\]="\'_^$|-]{1,200}$/', $text)
                && ! preg_match('/(^|[\s>+~])(html|head|:root)\b/i', $text)
            ) {
                $selectors[] = $text;
            } else {
                $this->problems[] = 'theme.css: the selector “'.mb_substr($text, 0, 60).'” is not taken.';
            }
        }
        $declarations = '';
        foreach ($block->getRules() as $rule) {
            $property = strtolower($rule->getRule());
            $value = $rule->getValue();
            $text = is_object($value) ? $value->render(OutputFormat::createCompact()) : (string) $value;
            $isKnown = array_filter(
                self::PROPERTIES,
                static fn(string $p): bool => $property === $p || str_starts_with($property, str_ends_with($p, '-') ? $p : "$p-"),
            ) !== [];
            $isOwn = (bool) preg_match('/^--own-[a-z0-9-]+$/', $property);
            if (! $isKnown && ! $isOwn) {
                $this->problems[] = "theme.css: the property “{$property}” is not taken.";
            } elseif (preg_match('/url\s*\(|image-set|expression|javascript:|src\s*\(|\\\\|[<>@{}]/i', $text)) {
                $this->problems[] = "theme.css: “{$property}” loads something or is not plain; only colors, gradients, lengths and words "
                    .'are taken.';
            } elseif ($property === 'position' && ! preg_match('/^(static|relative|absolute|sticky)$/', $text)) {
                $this->problems[] = 'theme.css: position may be static, relative, absolute or sticky: what is fixed could cover the shop.';
            } elseif ($property === 'content' && ! preg_match('/^(""|\'\'|none)$/', $text)) {
                $this->problems[] = 'theme.css: content may only be empty: words are settings.';
            } else {
                $declarations .= "  $property: $text".($rule->getIsImportant() ? ' !important' : '').";\n";
            }
        }

        return $selectors === [] || $declarations === '' ? '' : implode(', ', $selectors)." {\n$declarations}\n";
    }
}
