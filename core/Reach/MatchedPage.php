<?php

declare(strict_types=1);

namespace Ikat\Core\Reach;

/** A rendered page with the rules of a stylesheet that match each of its elements. */
final class MatchedPage
{
    /** Elements that show nothing. They have a number all the same. */
    public const SKIPPED = ['script' => true, 'style' => true, 'title' => true];

    /**
     * @var array<int, array{element: \DOMNode|\DOMNameSpaceNode, rules: list<StyleRule>}> by object id; the element is kept alive, because
     *     an object let go could hand its id to another
     */
    private array $matched = [];

    private readonly \DOMDocument $document;

    private function __construct(Stylesheet $sheet, string $html)
    {
        $this->document = new \DOMDocument();
        $quiet = libxml_use_internal_errors(true);
        $this->document->loadHTML($html, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($quiet);
        $xpath = new \DOMXPath($this->document);
        $there = [];
        foreach (iterator_to_array($xpath->query('//*[@class]') ?: []) as $element) {
            if (! $element instanceof \DOMElement) {
                continue;
            }
            foreach (preg_split('/\s+/', $element->getAttribute('class'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $class) {
                $there[$class] = true;
                $element->setAttribute(Stylesheet::MARK.$class, '');
            }
        }
        foreach ($sheet->rules as $rule) {
            // Most rules speak of parts a page does not have; asking the page for them would take most of the time.
            if (array_diff_key(array_flip($rule->classes), $there) !== []) {
                continue;
            }
            foreach ($xpath->query($rule->xpath) ?: [] as $element) {
                $id = spl_object_id($element);
                $this->matched[$id] ??= ['element' => $element, 'rules' => []];
                $this->matched[$id]['rules'][] = $rule;
            }
        }
    }

    public static function of(Stylesheet $sheet, string $html): self
    {
        return new self($sheet, $html);
    }

    public function root(): ?\DOMElement
    {
        return $this->document->documentElement;
    }

    public function body(): ?\DOMElement
    {
        return $this->document->getElementsByTagName('body')->item(0);
    }

    /** @return list<StyleRule> in the order of the stylesheet */
    public function rules(\DOMElement $element): array
    {
        return $this->matched[spl_object_id($element)]['rules'] ?? [];
    }
}
