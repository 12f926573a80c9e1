<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Database\Transaction;
use App\Looks\Author;
use App\Looks\KeepLooks;
use App\Models\Look;
use App\Models\Storefront;
use Ikat\Core\Store\Cell\AddressCell;
use Ikat\Core\Store\RefusedChange;

/** Another storefront of the store: locked, at an address of its own, with a look copied across from another. */
final class OpenStorefront
{
    private const MOST_NAME = 120;

    public function __construct(private readonly KeepLooks $looks) {}

    /**
     * @return Look the copy, which is worked on from now on
     *
     * @throws RefusedChange when it has no name or address, or another storefront has the address
     */
    public function __invoke(string $name, string $address, Look $like, Author $author): Look
    {
        $slug = AddressCell::of($address === '' ? $name : $address);
        if ($name === '' || mb_strlen($name) > self::MOST_NAME || $slug === '') {
            throw new RefusedChange('Give the storefront a name of at most '.self::MOST_NAME.' characters, with a letter or figure in it.');
        }

        return Transaction::run(function () use ($name, $slug, $like, $author): Look {
            if (Storefront::query()->withoutGlobalScope('store')->where('slug', $slug)->exists()) {
                throw new RefusedChange("Another storefront has the address “{$slug}”. Choose another one.");
            }
            $storefront = Storefront::query()->create(['name' => $name, 'slug' => $slug, 'locked' => true]);
            $copy = $this->looks->copy($like, $author);
            $copy->update(['storefront_id' => $storefront->id, 'name' => $like->name]);

            return $copy;
        });
    }

    /** The password that opens a locked shop; whoever had the one before must give the new one. */
    public function password(Storefront $storefront, string $password): void
    {
        Transaction::run(static fn(): bool => $storefront->update(['password' => $password === '' ? null : $password]));
    }
}
