<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\DeliveryOffer;
use App\Models\Product;
use Ikat\Core\Grid\ProductLabels;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Pages as they are when something happened: a mistake, a refusal, a thank-you. In the shop they come of a form that was sent;
 * the workbench shows and measures them without anybody having to send one.
 */
final class StateController
{
    /** state => [label, whether a filled cart belongs to it] */
    public const STATES = [
        'cards' => ['Cards of every kind', false],
        'letter' => ['Signed up for letters', false],
        'letter-refused' => ['Letters, a wrong address', false],
        'account-refused' => ['Your orders, none found', false],
        'cart-refused' => ['Cart, code and product refused', true],
        'delivery-refused' => ['Delivery, none chosen', true],
        'paying-refused' => ['Paying, declined', true],
        'locked-refused' => ['Locked shop, wrong password', false],
        'search-empty' => ['Search, nothing asked', false],
        'search-none' => ['Search, nothing found', false],
        'category-none' => ['Category, nothing fits', false],
        'category-paged' => ['Category, in the middle of its pages', false],
        'saved-none' => ['Saved items, none', false],
        'trouble' => ['Something went wrong', false],
    ];

    public function __construct(private readonly ShopContext $shop) {}

    public function show(string $state): View
    {
        $shop = ['shop' => $this->shop];

        return match ($state) {
            'cards' => view('shop.search', $shop + ['asked' => 'everything', 'products' => $this->everyKind()]),
            'letter' => view('shop.letter', $shop + ['email' => 'ada@example.org', 'valid' => true]),
            'letter-refused' => view('shop.letter', $shop + ['email' => 'ada at example', 'valid' => false]),
            'account-refused' => view(
                'shop.account',
                $shop + ['number' => 'W000000-000000', 'email' => 'ada@example.org', 'problem' => AccountController::NONE],
            ),
            'cart-refused' => view(
                'shop.cart',
                $shop + [
                    'problem' => CartController::UNSOLD,
                    'codeTyped' => 'NOTHING',
                    'codeProblem' => CartController::noSuchCode('NOTHING'),
                ],
            ),
            'delivery-refused' => view(
                'shop.checkout.delivery',
                $shop + [
                    'offers' => DeliveryOffer::query()->orderBy('position')->get(),
                    'chosen' => null,
                    'problem' => CheckoutController::NOT_CHOSEN,
                ],
            ),
            'paying-refused' => view(
                'shop.checkout.paying',
                $shop + ['problem' => 'The card was declined. Nothing was taken. Try another card.', 'outcome' => 'decline'],
            ),
            'locked-refused' => view('shop.locked', $shop + ['problem' => LockController::WRONG]),
            'search-empty' => view('shop.search', $shop + ['asked' => '', 'products' => collect()]),
            'search-none' => view('shop.search', $shop + ['asked' => 'zzz', 'products' => collect()]),
            'category-none',
            'category-paged' => (new PageController($this->shop))->categoryState($state === 'category-paged')
                ?? view('shop.nowhere', $shop),
            'saved-none' => view('shop.saved', $shop + ['products' => collect()]),
            'trouble' => view('shop.trouble', $shop + ['status' => 500, 'words' => ShopTrouble::words(500)]),
            default => throw new NotFoundHttpException(),
        };
    }

    /** @return Collection<int, Product> one of each kind that a card tells apart, as far as the store has it */
    private function everyKind(): Collection
    {
        $with = static fn(callable $kind): ?Product => $kind(Product::query()->with(['picture', 'morePictures']))
            ->orderBy('position')
            ->orderBy('id')
            ->first();

        return collect([
            $with(static fn($q) => $q->whereColumn('was', '>', 'price')->where('stock', '>', 0)),
            $with(static fn($q) => $q->where('added_on', '>=', now()->subDays(ProductLabels::NEW_FOR_DAYS))),
            $with(static fn($q) => $q->where('stock', 0)),
            $with(static fn($q) => $q->whereNotNull('label')),
            $with(static fn($q) => $q->whereNull('picture_id')),
            $with(static fn($q) => $q->whereNull('rating')),
            $with(static fn($q) => $q->whereNotNull('rating')),
        ])->filter()->unique('id')->values();
    }
}
