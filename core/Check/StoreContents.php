<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Type\PicksType;
use Ikat\Core\Setting\Type\PictureType;
use Ikat\Core\Setting\Type\TargetType;

/** What the store has of what a look points at, and what every check needs of it. */
final readonly class StoreContents implements Measurement
{
    /** Pages every shop has, that links may lead to: address => title. */
    public const FIXED = ['/' => 'Home', '/search' => 'Search', '/cart' => 'Cart', '/account' => 'Your orders', '/saved' => 'Saved items'];

    /**
     * @param array<string, string> $pages content page address => title
     * @param list<string> $addresses that are there, of those asked for
     * @param array<string, list<string>> $menus key of each menu => where its entries lead
     * @param list<string> $pictures names, of those asked for
     * @param list<string> $products slugs, of those asked for
     * @param int $countries it sells to
     * @param list<string> $policies addresses of the content pages that are policies
     * @param array<string, string> $menuNames key => name
     * @param list<string> $soldOut addresses of products that cannot be bought just now, of those asked for
     */
    public function __construct(
        public array $pages = [],
        public array $addresses = [],
        public array $menus = [],
        public array $pictures = [],
        public array $products = [],
        public int $countries = 1,
        public string $timeZone = 'UTC',
        public array $policies = [],
        public array $menuNames = [],
        public array $soldOut = [],
    ) {}

    /** An empty store: whoever inspects supplies the real one. */
    public static function measure(Inspection $inspection): self
    {
        return new self();
    }

    /**
     * What a look points at: nothing else of a store need be read.
     *
     * @return array{addresses: list<string>, pictures: list<string>, products: list<string>}
     */
    public static function asked(ResolvedLook $look): array
    {
        $asked = ['addresses' => [], 'pictures' => [], 'products' => []];
        foreach ($look->all() as $resolution) {
            $type = $resolution->setting->type;
            $value = (string) $resolution->value;
            if ($value === '') {
                continue;
            }
            if ($type instanceof TargetType && ! $type->isWeb) {
                $asked['addresses'][] = (string) strtok($value, '?');
            } elseif ($type instanceof PictureType) {
                $asked['pictures'][] = $value;
            } elseif ($type instanceof PicksType) {
                array_push($asked[$type->kind === 'product' ? 'products' : 'pictures'], ...explode(',', $value));
            }
        }

        return [
            'addresses' => array_values(array_unique($asked['addresses'])),
            'pictures' => array_values(array_unique($asked['pictures'])),
            'products' => array_values(array_unique($asked['products'])),
        ];
    }

    public function nameOfMenu(string $key): string
    {
        return $this->menuNames[$key] ?? $key;
    }

    /** Whether what stands at an address cannot be bought just now. */
    public function isSoldOut(string $address): bool
    {
        return in_array(strtok($address, '?'), $this->soldOut, true);
    }

    /** Whether there is something at an address: what stands elsewhere on the web is not looked for. */
    public function has(string $address): bool
    {
        return TargetType::isOnTheWeb($address) || in_array(strtok($address, '?'), $this->addresses, true);
    }
}
