<?php

declare(strict_types=1);

namespace Ikat\Core\ProductPage;

use Ikat\Core\Grid\FoundParts;

/** Parts of a product's page that say where each of its blocks stands, with what the stylesheets say of them. */
final readonly class ProductParts extends FoundParts
{
    private const FOUND = [
        'body' => '//body', 'trail' => '//main//nav[@c-trail]', 'product' => '//*[@c-product]', 'gallery' => '//*[@c-product-gallery]',
        'pictures' => '//*[@c-product-pictures]', 'picture' => '//*[@c-product-picture]', 'film-note' => '//*[@c-film-note]',
        'thumbs' => '//*[@c-thumbs]', 'thumb-list' => '//*[@c-thumbs]/ul', 'thumb' => '//*[@c-thumbs]//img', 'turn' => '//*[@c-turn]',
        'none' => '//*[@c-product-picture]/*[@c-no-picture]',
        'side' => '//*[@c-product]/*[@c-product-side]', 'labels' => '//*[@c-product-side]/*[@c-labels]',
        'label' => '//*[@c-product-side]//*[@c-label]', 'h1' => '//*[@c-product-side]/h1',
        'note' => '//*[@c-product-side]/h1/following-sibling::p[@c-soft][1]',
        'stars' => '//*[@c-product-side]/*[@c-stars]', 'price' => '//*[@c-product-price]', 'saving' => '//*[@c-product-price]/*[@c-saving]',
        'buy' => '//*[@c-buy]', 'choices' => '//*[@c-choices]', 'options' => '//*[@c-options]', 'legend' => '//*[@c-options]/legend',
        'option' => '//label[@c-option]', 'field' => '//*[@c-buy]/*[@c-field]', 'field-label' => '//*[@c-buy]//*[@c-field]/label',
        'input' => '//*[@c-buy]//*[@c-input]', 'end' => '//*[@c-buy-end]', 'button' => '//*[@c-buy-end]/*[@c-button]',
        'now' => '//*[@c-buy-end]/*[@c-quiet-button]', 'save' => '//*[@c-save]//*[@c-plain-button]',
        'message' => '//*[@c-product-side]/*[@c-message]', 'gone' => '//*[@c-product-side]/*[@c-button]',
        'said' => '//*[@c-said]', 'said-p' => '//*[@c-said]/p', 'facts' => '//*[@c-facts]', 'dt' => '//*[@c-facts]/dt',
        'dd' => '//*[@c-facts]/dd',
        'band' => '//section[@aria-labelledby="others"]',
        'band-head' => '//section[@aria-labelledby="others"]//*[@c-band-head]', 'band-h2' => '//section[@aria-labelledby="others"]//h2',
        'sent' => '//*[@c-sent]', 'sent-head' => '//*[@c-sent]/p', 'sent-list' => '//*[@c-sent]/ul', 'sent-line' => '//*[@c-sent]//li',
    ];

    protected static function paths(): array
    {
        return self::FOUND;
    }
}
