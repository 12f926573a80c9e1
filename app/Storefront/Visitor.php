<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\DeliveryOffer;
use App\Models\Product;
use App\Models\PromotionCode;
use App\Models\Storefront;
use App\Models\TaxRate;
use Ikat\Core\Checkout\GoodsLine;
use Ikat\Core\Checkout\TaxRates;
use Ikat\Core\Checkout\Totals;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/** The person looking at the shop: their cart and, for a locked shop, their key. */
final class Visitor
{
    /** How many products a visitor can keep for later. */
    private const MOST_SAVED = 30;

    private ?Cart $cart = null;
    private bool $looked = false;

    /** @param array<string, string> $cookies name => value, as far as they are texts */
    private function __construct(
        private readonly Storefront $storefront,
        private readonly array $cookies,
        private readonly bool $isSecure,
        private readonly SampleCart $sample,
        public readonly \DateTimeImmutable $moment,
    ) {}

    /** Who asks: known by the cookies alone. */
    public static function of(
        Storefront $storefront,
        Request $request,
        SampleCart $sample = SampleCart::None,
        ?\DateTimeImmutable $moment = null,
    ): self {
        $cookies = array_filter($request->cookies->all(), is_string(...));

        return new self($storefront, $cookies, $request->isSecure(), $sample, $moment ?? now()->toImmutable());
    }

    /** Somebody who only looks, and whom nobody knows. */
    public static function looking(Storefront $storefront, SampleCart $sample = SampleCart::None): self
    {
        return new self($storefront, [], false, $sample, now()->toImmutable());
    }

    public function cart(): ?Cart
    {
        if (! $this->looked) {
            $this->looked = true;
            $this->cart = match (true) {
                $this->isSample() => $this->sampleCart(),
                $this->cartToken() !== null => $this->find($this->cartToken()),
                default => null,
            };
        }

        return $this->cart;
    }

    /** What the visitor's cookie says their cart is; it may have become an order since. */
    public function cartToken(): ?string
    {
        $token = $this->cookies[ShopCookies::CART] ?? '';

        return preg_match('/^[0-9a-f]{64}$/D', $token) === 1 ? $token : null;
    }

    public function cartOrNew(): Cart
    {
        $existing = $this->cart();
        if ($existing !== null && $existing->exists) {
            return $existing;
        }

        return $this->newCart();
    }

    /** An empty cart, whatever the visitor had. */
    public function newCart(): Cart
    {
        $this->looked = true;
        $this->cart = app(ChangeCart::class)->begin($this->storefront);
        Cookie::queue($this->cookie(ShopCookies::CART, $this->cart->token, 60 * 24 * ChangeCart::KEPT_DAYS));

        return $this->cart->setRelation('lines', collect());
    }

    /** @return list<string> slugs of the products saved for later, the latest first */
    public function saved(): array
    {
        if ($this->isSample()) {
            return array_values($this->storefront->goods()->orderByDesc('sold')->limit(3)->pluck('slug')->all());
        }
        $slugs = array_filter(
            explode(',', $this->cookies[ShopCookies::SAVED] ?? ''),
            static fn(string $s): bool => preg_match('/^[a-z0-9-]{1,120}$/D', $s) === 1,
        );

        return array_slice(array_values(array_unique($slugs)), 0, self::MOST_SAVED);
    }

    public function save(string $slug, bool $keep): void
    {
        $others = array_values(array_diff($this->saved(), [$slug]));
        Cookie::queue($this->cookie(
            ShopCookies::SAVED,
            implode(',', array_slice($keep ? [$slug, ...$others] : $others, 0, self::MOST_SAVED)),
            60 * 24 * 180,
        ));
    }

    /** The chosen country, or the store's own. */
    public function country(): string
    {
        $countries = $this->storefront->sellsTo();
        $chosen = $this->cookies[ShopCookies::COUNTRY] ?? '';

        return in_array($chosen, $countries, true) ? $chosen : ($countries[0] ?? '');
    }

    /** False when the store does not sell there. */
    public function chooseCountry(string $code): bool
    {
        if (! in_array($code, $this->storefront->sellsTo(), true)) {
            return false;
        }
        Cookie::queue($this->cookie(ShopCookies::COUNTRY, $code, 60 * 24 * 365));

        return true;
    }

    public function count(): int
    {
        return (int) ($this->cart()?->lines->sum('quantity') ?? 0);
    }

    public function totals(): Totals
    {
        $code = $this->code();

        return Totals::of(
            $this->goods($code),
            $code?->promotion($this->storefront->exchange()),
            $this->moment,
            $this->sentBy()?->terms($this->storefront->exchange()),
            TaxRate::in($this->goesTo()),
        );
    }

    public function code(): ?PromotionCode
    {
        $code = $this->cart()?->code;

        return $code === null ? null : PromotionCode::query()->firstWhere('code', $code);
    }

    /** What the code gives, as long as there is some of it besides what is in the cart; null where it gives nothing. */
    public function gift(): ?Product
    {
        $gift = $this->totals()->isGiftGiven ? $this->code()?->gift : null;

        $bought = (int) $this->cart()?->lines->where('product_id', $gift?->id)->sum('quantity');

        return $gift === null || $gift->stock !== null && $gift->stock <= $bought ? null : $gift;
    }

    /** What one of a line costs, in hundredths of the storefront's currency. */
    public function each(CartLine $line): int
    {
        return $this->storefront->exchange()->of($line->each($this->moment));
    }

    /** @return list<GoodsLine> what the cart holds, and whether a code is meant for it */
    public function goods(?PromotionCode $code = null): array
    {
        // A code on a category counts for all that stands in it and in those within it, as its page shows them.
        $meant = $code?->category?->goods()->whereIn('id', $this->cart()?->lines->pluck('product_id') ?? [])->pluck('id')->all();
        $lines = $this->cart()?->lines->map(fn(CartLine $line): GoodsLine => new GoodsLine(
            $this->each($line),
            $line->quantity,
            $meant === null || in_array($line->product_id, $meant, true),
            $line->product->tax_class ?? TaxRates::NORMAL,
            $line->product->grams($line->variant),
        ));

        return $lines === null ? [] : array_values($lines->all());
    }

    /** Two letters of the country the order goes to. */
    public function goesTo(): string
    {
        return $this->cart()->details['country'] ?? '' ?: $this->country();
    }

    /** The chosen way to send it, as long as it takes what is in the cart: that may have grown heavier since. */
    public function sentBy(): ?DeliveryOffer
    {
        $offer = $this->cart()?->deliveryOffer;

        return $offer !== null && ($this->isSample() || $this->isTakenBy($offer)) ? $offer : null;
    }

    /** Whether an offer takes what is in the cart to where it goes. */
    public function isTakenBy(DeliveryOffer $offer): bool
    {
        return $offer->terms($this->storefront->exchange())->takes($this->goesTo(), $this->goods());
    }

    /** Whether this visitor has given the locked shop's password. */
    public function holdsKey(): bool
    {
        $given = $this->cookies[ShopCookies::KEY] ?? '';
        foreach ([config('app.key'), ...(array) config('app.previous_keys')] as $secret) {
            if (hash_equals(self::keyFor($this->storefront, (string) $secret), $given)) {
                return true;
            }
        }

        return false;
    }

    public function giveKey(): void
    {
        Cookie::queue($this->cookie(ShopCookies::KEY, self::keyFor($this->storefront, (string) config('app.key')), 60 * 24 * 7));
    }

    public function forgetCart(): void
    {
        Cookie::queue(Cookie::forget(ShopCookies::CART, '/'));
    }

    /** Bound to the present password: changing it locks everybody out again. A key of Ikat's own that was exchanged still counts. */
    private static function keyFor(Storefront $storefront, string $secret): string
    {
        return hash_hmac('sha256', "shop-key|{$storefront->id}|{$storefront->password}", $secret);
    }

    private function cookie(string $name, string $value, int $minutes): \Symfony\Component\HttpFoundation\Cookie
    {
        return Cookie::make($name, $value, $minutes, '/', null, $this->isSecure, true, false, 'lax');
    }

    private function find(string $token): ?Cart
    {
        $cart = Cart::query()->with(['lines.product.picture', 'deliveryOffer'])
            ->where('storefront_id', $this->storefront->id)->firstWhere('token', $token);
        if ($cart !== null) {
            $this->putBackUnsold($cart);
            Product::loadPicturesOfWays($cart->lines->pluck('product'));
        }

        return $cart;
    }

    /** What this storefront has ceased to sell goes from the cart, as what the store has deleted does. */
    private function putBackUnsold(Cart $cart): void
    {
        if (($this->storefront->category_ids ?? []) === []) {
            return;
        }
        $sold = $this->storefront->goods()->whereIn('id', $cart->lines->pluck('product_id'))->pluck('id')->all();
        [$kept, $unsold] = $cart->lines->partition(static fn(CartLine $l): bool => in_array($l->product_id, $sold, true));
        if ($unsold->isNotEmpty()) {
            CartLine::query()->whereKey($unsold->pluck('id'))->delete();
            $cart->setRelation('lines', $kept->values());
        }
    }

    /** A code that counts now, to show a cart with one. */
    private function runningCode(): ?string
    {
        return PromotionCode::query()
            ->where('minimum', 0)
            ->where(static fn($q) => $q->whereNull('starts_at')->orWhere('starts_at', '<=', now()))
            ->where(static fn($q) => $q->whereNull('ends_at')->orWhere('ends_at', '>', now()))
            ->orderBy('id')
            ->value('code');
    }

    /** Whether what is in the cart is only for showing. */
    public function isSample(): bool
    {
        return $this->sample !== SampleCart::None;
    }

    /** A filled cart that is stored nowhere, for showing cart and checkout in the shop window. */
    private function sampleCart(): Cart
    {
        $products = $this->storefront->goods()->with('picture')->inStock()->orderByDesc('sold')->limit(3)->get()->toBase();
        $products = $products->isEmpty() ? StandIns::products(3) : $products;
        $cart = new Cart([
            'storefront_id' => $this->storefront->id,
            'code' => $this->sample === SampleCart::WithCode ? $this->runningCode() : null,
            'details' => [
                'name' => 'Ada Marsh', 'email' => 'ada@example.org', 'street' => '4 High Street', 'town' => 'Northfield',
                'postcode' => '04101', 'country' => $this->storefront->sellsTo()[0] ?? 'US',
            ],
        ]);
        $cart->setRelation('deliveryOffer', DeliveryOffer::query()->orderBy('position')->first() ?? StandIns::offer());

        return $cart->setRelation('lines', $products->map(
            static fn(Product $p, int $i) => (new CartLine([
                'quantity' => $i + 1, 'variant' => $p->ways()->every()[0] ?? '',
            ]))->setRelation('product', $p),
        ));
    }
}
