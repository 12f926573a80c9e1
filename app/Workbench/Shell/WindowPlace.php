<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use Ikat\Core\Setting\Item;

/** Where in the shop window something shows: a part of the shop, or one element of a page. */
final readonly class WindowPlace
{
    /** Parts that have a page of their own: part => [page, the part's key on it]. */
    private const PAGES = [
        'grid' => ['category', 'grid'], 'card' => ['cards', 'card'], 'product' => ['product', 'product'],
        'checkout' => ['checkout', 'checkout'], 'summary' => ['checkout', 'summary'], 'cart' => ['cart', 'cart'],
        'delivery' => ['delivery', 'checkout'], 'paying' => ['paying', 'checkout'], 'received' => ['received', 'received'],
        'gone' => ['gone', 'product'], 'nowhere' => ['nowhere', 'nowhere'], 'search' => ['search-none', 'search'],
        'saved' => ['saved-none', 'saved'], 'locked' => ['locked', 'locked'], 'home' => ['home', 'home'],
    ];

    /** Parts that are on every page. */
    private const EVERYWHERE = ['header', 'logo', 'announcement', 'utility', 'footer', 'sidecart'];

    /**
     * @param string $page key of a sample page
     * @param string $part as data-part names it; empty where an element is meant
     * @param ?int $element its number among the elements of the page's body
     * @param bool $isEverywhere whether it shows on other pages too: the one that is open will do
     * @param ?string $device the one it shows on alone; null for any
     * @param ?string $moment when it shows, as the window's clock writes it: 2027-02-28T18:00; null for now
     * @param list<string> $alike pages where it shows as well: an open one of them will do
     */
    public function __construct(
        public string $page,
        public string $part,
        public ?int $element = null,
        public bool $isEverywhere = false,
        public ?string $device = null,
        public ?string $moment = null,
        public array $alike = [],
    ) {}

    public function at(?string $moment): self
    {
        return new self($this->page, $this->part, $this->element, $this->isEverywhere, $this->device, $moment, $this->alike);
    }

    /** @return ?self null for parts that are in no place of the window: what is set for all of the shop, icons, letters */
    public static function ofPart(string $part): ?self
    {
        $prefix = Item::ofPart($part)?->prefix;

        return match (true) {
            isset(self::PAGES[$part]) => new self(...self::PAGES[$part]),
            $prefix === 'band' => new self('home', $part),
            in_array($part, self::EVERYWHERE, true), $prefix === 'block',
            $prefix === 'message' => new self('home', $part, isEverywhere: true),
            default => null,
        };
    }

    /** What the shop window looks it up by, as a text of its own for each place. */
    public function toJson(): string
    {
        return json_encode(get_object_vars($this), JSON_THROW_ON_ERROR);
    }
}
