<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\MenuEntry;
use App\Models\Product;
use App\Models\Storefront;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\ColoredText;
use Ikat\Core\Setting\Type\TextType;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Type\Voice;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;

/** Words of this very shop, for drawings that show how its type is set. */
final readonly class ShopSamples
{
    /** Names that may be the widest: those of the most characters. */
    private const LONGEST = 5;

    /** What they are made of. */
    private const OF = [
        RecordKinds::GOODS => ['name', 'note', 'price', 'label', 'position'],
        RecordKinds::ENTRIES => ['menu_id', 'label', 'level', 'position'], RecordKinds::MENUS => ['slug'],
    ];

    /** That they are kept: versions that are gone need not be. */
    private const SECONDS = 86_400;

    /**
     * @param array<string, string> $words by voice: short ones, as the shop says them
     * @param list<string> $headings of the home page, the first one first
     * @param list<string> $products names of the most characters
     * @param list<string> $menu the main menu's entries
     */
    private function __construct(public array $words, public array $headings, public array $products, public array $menu) {}

    /** @param callable(int): string $price cents => as the shop writes it */
    public static function of(Storefront $storefront, ResolvedLook $look, callable $price): self
    {
        $said = self::said($look);
        // Read once for a version of the Storeroom's contents: no index knows how long a name is.
        [
            'name' => $name, 'note' => $note, 'price' => $cents, 'label' => $label, 'longest' => $longest, 'menus' => $menus,
        ] = Cache::remember(
            "samples-of-shop $storefront->store_id ".app(TouchedColumns::class)->stamp(self::OF),
            self::SECONDS,
            static fn(): array => self::read($storefront),
        );
        $named = static fn(string $end): array => array_values(array_filter(
            $said,
            static fn(string $path): bool => str_ends_with($path, $end),
            ARRAY_FILTER_USE_KEY,
        ));
        $headings = $named('heading');
        $menu = $menus[$look->text('header.menu.main')] ?? [];

        return new self(
            [
                Voice::Heading->value => self::begin($headings[0] ?? $name, 1),
                Voice::Second->value => self::begin($headings[1] ?? $headings[0] ?? $name, 1),
                Voice::Third->value => self::begin($name, 1),
                Voice::Price->value => $price($cents),
                Voice::Body->value => self::begin($named('text')[0] ?? $name, 2),
                Voice::Menu->value => self::begin($menu[0] ?? $name, 2),
                Voice::Button->value => self::begin($named('button')[0] ?? $look->text('say.checkout'), 3),
                Voice::Label->value => self::begin($label ?? $look->text('say.free'), 2),
                Voice::Small->value => self::begin($note === '' ? $name : $note, 2),
            ],
            $headings === [] ? [$name] : $headings,
            $longest === [] ? [$name] : $longest,
            $menu,
        );
    }

    /**
     * Prices in cents.
     *
     * @return array{name: string, note: string, price: int, label: ?string, longest: list<string>, menus: array<string, list<string>>}
     */
    private static function read(Storefront $storefront): array
    {
        $first = Product::query()->orderBy('position')->first(['name', 'note', 'price']);

        return [
            'name' => $first === null ? $storefront->name : $first->name,
            'note' => (string) $first?->note,
            'price' => $first === null ? 0 : $first->price,
            'label' => Product::query()->whereNotNull('label')->where('label', '<>', '')->orderBy('position')->value('label'),
            'longest' => array_values(
                Product::query()->orderByRaw('char_length(name) desc, id')->limit(self::LONGEST)->pluck('name')->all(),
            ),
            'menus' => MenuEntry::query()
                ->join('menus', 'menus.id', '=', 'menu_entries.menu_id')
                ->where('level', 1)
                ->orderBy('position')
                ->get(['label', 'slug'])
                ->groupBy('slug')
                ->map(static fn(Collection $of): array => array_values($of->pluck('label')->all()))
                ->all(),
        ];
    }

    /** @return array<string, string> path => what the look says there, of the home page alone */
    private static function said(ResolvedLook $look): array
    {
        $said = [];
        foreach ($look->all() as $path => $resolution) {
            if (
                str_starts_with($path, 'band.') && $resolution->setting->type instanceof TextType && $resolution->unmet === null
                && is_string($resolution->value) && trim(ColoredText::plain($resolution->value)) !== ''
            ) {
                $said[$path] = trim(ColoredText::plain($resolution->value));
            }
        }

        return $said;
    }

    /** The first words of a text, in one short line. */
    private static function begin(string $text, int $words): string
    {
        return rtrim(mb_strimwidth(implode(' ', array_slice(explode(' ', $text), 0, $words)), 0, 16, '…'), ' ,.;:');
    }
}
