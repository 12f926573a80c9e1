<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Reach\ElementStyle;
use Ikat\Core\Reach\MatchedPage;

/** Parts of a page, with what the stylesheets say of them. */
abstract readonly class FoundParts
{
    /** Properties that heights depend on. */
    private const PROPERTIES = [
        'display', 'padding', 'padding-block', 'margin-top', 'margin-block', 'border', 'font-size', 'font-family', 'line-height', 'gap',
        'aspect-ratio', 'min-height', 'max-height', 'min-width', 'inset', 'grid-template-columns', 'width', 'max-width',
        'order', 'position', 'border-top', 'padding-top', 'padding-bottom', 'padding-inline', 'margin-bottom', 'grid-auto-columns', 'top',
    ];

    /** @param array<string, ElementStyle> $styles of the parts that are on the page */
    final private function __construct(private array $styles) {}

    /** @return array<string, string> part => how it is found, as a path of the page */
    abstract protected static function paths(): array;

    /** @param MatchedPage ...$pages what one page does not have is found on another */
    final public static function of(MatchedPage ...$pages): static
    {
        $styles = [];
        foreach ($pages as $page) {
            $document = $page->body()?->ownerDocument;
            if ($document === null) {
                continue;
            }
            $paths = new \DOMXPath($document);
            foreach (array_diff_key(static::paths(), $styles) as $part => $path) {
                $element = ($paths->query($path) ?: null)?->item(0);
                if ($element instanceof \DOMElement) {
                    $styles[$part] = new ElementStyle($page->rules($element), self::PROPERTIES);
                }
            }
        }

        return new static($styles);
    }

    /**
     * @param int $screen width, px
     *
     * @return ?array<string, string> property => value; null where the page does not have it
     */
    public function on(string $part, int $screen): ?array
    {
        return isset($this->styles[$part]) ? $this->styles[$part]->on($screen) : null;
    }
}
