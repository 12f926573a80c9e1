<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

/** Parts of a category's page that say where its shelf begins and how tall a card is, with what the stylesheets say of them. */
final readonly class CategoryParts extends FoundParts
{
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

    protected static function paths(): array
    {
        return self::FOUND;
    }
}
