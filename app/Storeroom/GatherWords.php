<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Database\Transaction;
use App\Looks\EveryLook;
use App\Models\Category;
use App\Models\CurrentStore;
use App\Models\DeliveryOffer;
use App\Models\MenuEntry;
use App\Models\Page;
use App\Models\Picture;
use App\Models\Product;
use App\Models\Store;
use App\Models\Storefront;
use App\Models\Translation;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Language\ShippedWords;
use Ikat\Core\Language\ShopLanguage;
use Ikat\Core\Setting\Catalog\Parts;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\Variants;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/**
 * Gathers what a store's shops say, for each language beside the first, behind the pages: what is new waits to be said, what stands nowhere
 * any more is marked, and goes when nobody has said it.
 */
final class GatherWords implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** Words of a look that nobody reads as they stand, or that are the same everywhere: names, addresses, letters of an icon. */
    private const THE_SAME = '/^(?:name\.|icon\.|header\.logo\.name$|utility\.(?:phone|email)\.|season\.[a-z0-9-]+\.name$|.*\.address$)/';

    /** Rows that are written at once. */
    private const PIECE = 500;

    /** What the shop says of itself, wherever it stands. */
    private const SHOP = 'the shop’s own words';

    public function __construct(public readonly int $store) {}

    public function uniqueId(): string
    {
        return (string) $this->store;
    }

    /** After what is being written is kept, where the store speaks several languages. */
    public static function afterwards(int $store): void
    {
        DB::afterCommit(static function () use ($store): void {
            // A store that has ceased to speak others has words left that nobody waits for.
            if (Storefront::query()->speakingSeveral()->exists() || Translation::query()->where('used_in', '!=', '')->exists()) {
                self::dispatch($store);
            }
        });
    }

    /** @return list<string> codes of all but the first, of every storefront */
    public static function languages(): array
    {
        $others = [];
        foreach (Storefront::query()->with('store')->get() as $storefront) {
            $others = [...$others, ...$storefront->otherLanguages()];
        }

        return array_values(array_unique($others));
    }

    public function handle(CurrentStore $current, TouchedColumns $touched): void
    {
        $current->is($this->store);
        $store = Store::query()->findOrFail($this->store);
        $looks = app(EveryLook::class);
        $words = self::ofLooks($looks) + self::ofStore($store);
        $languages = self::languages();
        Transaction::run(function () use ($languages, $words): void {
            $kept = [];
            foreach (Translation::query()->lockForUpdate()->get(['id', 'known', 'words', 'used_in']) as $row) {
                $kept[(string) $row->getAttribute('known')] = $row;
            }
            $new = [];
            foreach ($languages as $language) {
                $shipped = Dictionary::of(new ShopLanguage($language), false);
                $wanted = $words + array_fill_keys(ShippedWords::all(), self::SHOP);
                foreach ($wanted as $original => $where) {
                    $known = Dictionary::known($language, (string) $original);
                    $row = $kept[$known] ?? null;
                    unset($kept[$known]);
                    if ($row === null && ! $shipped->knows((string) $original)) {
                        $new[] = [
                            'store_id' => $this->store, 'language' => $language, 'original' => (string) $original, 'known' => $known,
                            'used_in' => $where, 'created_at' => now(), 'updated_at' => now(),
                        ];
                    } elseif ($row !== null && $row->used_in !== $where) {
                        $row->update(['used_in' => $where]);
                    }
                }
            }
            foreach (array_chunk($new, self::PIECE) as $piece) {
                Translation::query()->insertOrIgnore($piece);
            }
            $unused = collect($kept);
            Translation::query()->whereKey($unused->whereNull('words')->pluck('id'))->delete();
            Translation::query()->whereKey($unused->whereNotNull('words')->pluck('id'))->update(['used_in' => '']);
        });
        $touched->touchColumns(RecordKinds::WORDS_SAID, [TouchedColumns::RECORDS]);
    }

    /** @return array<string, string> original => where it stands */
    private static function ofLooks(EveryLook $looks): array
    {
        $words = [];
        foreach ($looks->saying([EveryLook::WORDS]) as [, $said]) {
            if (preg_match(self::THE_SAME, $said['path']) !== 1) {
                $words[$said['value']] ??= mb_substr(Parts::label($said['part']), 0, 120);
            }
        }

        return $words;
    }

    /** @return array<string, string> original => where it stands */
    private static function ofStore(Store $store): array
    {
        $words = [];
        $add = static function (string $where, mixed ...$texts) use (&$words): void {
            foreach ($texts as $text) {
                if (is_string($text) && trim($text) !== '') {
                    $words[$text] ??= $where;
                }
            }
        };
        $add('store', $store->place, $store->hours);
        foreach (MenuEntry::query()->orderBy('id')->toBase()->cursor() as $entry) {
            $add('menus', $entry->label, $entry->mark);
        }
        foreach (Category::query()->orderBy('id')->toBase()->cursor() as $category) {
            $add('categories', $category->name, $category->words);
        }
        foreach (Page::query()->orderBy('id')->toBase()->cursor() as $page) {
            $add('pages', $page->title, $page->body);
        }
        foreach (DeliveryOffer::query()->orderBy('id')->toBase()->cursor() as $offer) {
            $add('delivery', $offer->name, $offer->words);
        }
        $read = ['name', 'note', 'words', 'label', 'facts', 'options'];
        foreach (Product::query()->orderBy('id')->toBase()->select($read)->cursor() as $product) {
            $facts = json_decode((string) $product->facts, true, 8);
            $add('products', $product->name, $product->note, $product->words, $product->label);
            $facts = is_array($facts) ? $facts : [];
            $add('facts of products', ...array_map(strval(...), array_keys($facts)), ...array_values($facts));
            foreach (Variants::of(json_decode($product->options ?? '[]', true, 4, JSON_THROW_ON_ERROR), [])->options as $name => $values) {
                $add('ways of products', (string) $name, ...$values);
            }
        }
        foreach (Picture::query()->orderBy('id')->toBase()->pluck('alt') as $alt) {
            $add('pictures, in words', $alt);
        }

        return $words;
    }
}
