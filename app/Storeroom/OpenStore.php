<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Database\Transaction;
use App\Looks\Author;
use App\Looks\EditLook;
use App\Looks\ThemeShelf;
use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\Menu;
use App\Models\Role;
use App\Models\Store;
use App\Models\Storefront;
use App\Models\User;
use Ikat\Core\Store\Cell\AddressCell;
use Ikat\Core\Store\Cell\CurrencyCell;

/** Opens a store: empty, with its owner, one locked storefront and a first look on it. */
final class OpenStore
{
    public function __construct(
        private readonly CurrentStore $current,
        private readonly ThemeShelf $themes,
        private readonly EditLook $edit,
    ) {}

    /** The currency of a country; the US dollar where its own is not counted in hundredths. */
    public static function currencyOf(string $country): string
    {
        $format = new \NumberFormatter("en_$country", \NumberFormatter::CURRENCY);
        $code = (string) $format->getTextAttribute(\NumberFormatter::CURRENCY_CODE);

        return in_array($code, CurrencyCell::CODES, true) ? $code : 'USD';
    }

    /** @return array<string, string> ISO 3166-1 code => name of every country that a store can be in */
    public static function countries(): array
    {
        $names = [];
        foreach (\DateTimeZone::listIdentifiers() as $zone) {
            $code = (string) ((new \DateTimeZone($zone))->getLocation()['country_code'] ?? '');
            if (preg_match('/^[A-Z]{2}$/D', $code) === 1) {
                $names[$code] ??= (string) \Locale::getDisplayRegion("-$code", 'en');
            }
        }
        asort($names);

        return $names;
    }

    /**
     * @param string $country ISO 3166-1
     * @param string $zone IANA
     *
     * @return User its owner
     */
    public function __invoke(string $name, string $country, string $zone, string $person, string $email, string $password): User
    {
        return Transaction::run(function () use ($name, $country, $zone, $person, $email, $password): User {
            $store = Store::query()->create([
                'name' => $name, 'time_zone' => $zone, 'currency' => self::currencyOf($country), 'countries' => [$country],
                'languages' => ['en'],
            ]);
            $this->current->is($store->id);
            $owner = User::query()->create([
                'store_id' => $store->id, 'name' => $person, 'email' => mb_strtolower($email), 'role' => Role::Owner,
                'password' => $password,
            ]);
            Menu::begin();
            $storefront = Storefront::query()->create(['name' => $name, 'slug' => self::freeSlug($name), 'locked' => true]);
            $theme = $this->themes->all()[0];
            $look = Look::query()->create([
                'storefront_id' => $storefront->id, 'name' => 'First look', 'theme' => $theme->name, 'version' => $theme->version,
                'starter' => (string) array_key_first($theme->starters), 'state' => '{}', 'head' => 0,
            ]);
            ($this->edit)($look->refresh(), [
                'header.logo.name' => mb_substr($name, 0, 40), 'header.logo.sign' => 'off',
            ], 0, Author::of($owner), 'the name of the store');

            return $owner;
        });
    }

    private static function freeSlug(string $name): string
    {
        $wanted = AddressCell::of($name) ?: 'shop';
        for ($n = 1; ; $n++) {
            $slug = $n === 1 ? $wanted : "$wanted-$n";
            if (! Storefront::query()->withoutGlobalScope('store')->where('slug', $slug)->exists()) {
                return $slug;
            }
        }
    }
}
