<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Reach\ElementStyle;
use Ikat\Core\Reach\MatchedPage;

/** Parts of a category's page that say where its shelf begins and how tall a card is, with what the stylesheets say of them. */
final readonly class CategoryParts
{
    /** Properties that heights depend on. */
    private const PROPERTIES = [
        'display', 'padding', 'padding-block', 'margin-top', 'margin-block', 'border', 'font-size', 'font-family', 'line-height', 'gap',
        'aspect-ratio', 'min-height', 'max-height', 'min-width', 'inset',
    ];

    /** Part => how it is found, as a path of the page. */
    private const FOUND = [
        'body' => '//body', 'trail' => '//main//nav[@c-trail]', 'h1' => '//main//h1', 'picture' => '//*[@c-category-picture]',
        'picture-img' => '//*[@c-category-picture]//img', 'words' => '//main//h1/following-sibling::*[1][self::p]',
        'words-below' => '//*[@c-category-picture]/following-sibling::*[1][self::p]', 'within' => '//*[@c-within]',
        'sorting' => '//*[@c-sorting]', 'field' => '//*[@c-sorting]//*[@c-field]',
        'input' => '//*[@c-sorting]//*[@c-input]', 'check' => '//*[@c-check]', 'button' => '//*[@c-sorting]//*[@c-quiet-button]',
        'grid' => '//*[@c-category-grid]', 'card' => '//*[@c-card]', 'card-picture' => '//*[@c-card-picture]',
        'labels' => '//*[@c-card-picture]/*[@c-labels]', 'label' => '//*[@c-card-picture]//*[@c-label]',
        'name' => '//*[@c-card-name]',
        'note' => '//*[@c-card]/p[@c-small and not(@c-stars)]', 'price' => '//*[@c-card-price]', 'stars' => '//*[@c-card]/*[@c-stars]',
        'buy' => '//*[@c-card-button]', 'buy-button' => '//*[@c-card-button]//*[@c-quiet-button]',
    ];

    /** @param array<string, ElementStyle> $styles of the parts that are on the page */
    private function __construct(private array $styles) {}

    /** @param MatchedPage ...$pages what one category does not have is found on the page of another */
    public static function of(MatchedPage ...$pages): self
    {
        $styles = [];
        foreach ($pages as $page) {
            $document = $page->body()?->ownerDocument;
            if ($document === null) {
                continue;
            }
            $paths = new \DOMXPath($document);
            foreach (array_diff_key(self::FOUND, $styles) as $part => $path) {
                $element = ($paths->query($path) ?: null)?->item(0);
                if ($element instanceof \DOMElement) {
                    $styles[$part] = new ElementStyle($page->rules($element), self::PROPERTIES);
                }
            }
        }

        return new self($styles);
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
