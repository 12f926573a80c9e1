<?php

declare(strict_types=1);

namespace App\Storefront;

use Illuminate\Contracts\View\View;

/**
 * Pages as they are when something happened: a mistake, a refusal, a thank-you. In the shop they come of a form that was sent;
 * the workbench shows and measures them without anybody having to send one.
 */
final class StatePages
{
    /** state => [label, whether a filled cart belongs to it] */
    public const STATES = [
        'cards' => ['Cards of every kind', false],
        'letter' => ['Signed up for letters', false],
        'letter-refused' => ['Letters, a wrong address', false],
        'account-refused' => ['Your orders, none found', false],
        'cart-refused' => ['Cart, code and product refused', true],
        'delivery-refused' => ['Delivery, none chosen', true],
        'paying-refused' => ['Payment, declined', true],
        'locked-refused' => ['Locked shop, wrong password', false],
        'search-empty' => ['Search, nothing asked', false],
        'search-none' => ['Search, nothing found', false],
        'category-none' => ['Category, nothing fits', false],
        'category-paged' => ['Category, in the middle of its pages', false],
        'saved-none' => ['Saved items, none', false],
        'taxed-on-top' => ['Order received, with tax and a gift', false], 'taxed-within' => ['Order received, tax in its prices', false],
        'trouble' => ['Something went wrong', false],
    ];

    public function __construct(private readonly ShopPages $pages) {}

    /** @return ?View null when there is no such state */
    public function show(string $state): ?View
    {
        return match ($state) {
            'cards' => $this->pages->search('everything', (new CardKinds($this->pages->goods(...)))->once()),
            'letter' => $this->pages->letter('ada@example.org', true),
            'letter-refused' => $this->pages->letter('ada at example', false),
            'account-refused' => $this->pages->account('W000000-000000', 'ada@example.org', ShopPages::NO_ORDER),
            'cart-refused' => $this->pages->cart(ShopPages::UNSOLD, 'NOTHING'),
            'delivery-refused' => $this->pages->delivery(null, ShopPages::NO_DELIVERY_CHOSEN),
            'paying-refused' => $this->pages->paying('The card was declined. Nothing was taken. Try another card.', 'decline'),
            'locked-refused' => $this->pages->locked(ShopPages::WRONG_PASSWORD),
            'search-empty' => $this->pages->search('', collect()),
            'search-none' => $this->pages->search('zzz', collect()),
            'category-none', 'category-paged' => $this->pages->categoryState($state === 'category-paged') ?? $this->pages->nowhere(),
            'saved-none' => $this->pages->saved([]),
            'taxed-on-top', 'taxed-within' => $this->pages->received(SampleOrder::taxed($state === 'taxed-within')),
            'trouble' => $this->pages->trouble(500, ShopTrouble::words(500)),
            default => null,
        };
    }
}
