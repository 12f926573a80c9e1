<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** What the store has: the things links, menus and pictures can point at. */
final readonly class StoreContents
{
    /**
     * @param array<string, string> $pages content page address => title
     * @param list<string> $addresses of every page, category and product, content pages included
     * @param array<string, list<string>> $menus menu => where its entries lead
     * @param list<string> $pictures names
     * @param list<string> $products slugs
     * @param int $countries it sells to
     * @param list<string> $policies addresses of the content pages that are policies
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
    ) {}

    public function has(string $address): bool
    {
        return in_array(strtok($address, '?'), $this->addresses, true);
    }
}
