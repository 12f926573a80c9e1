<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Category;
use App\Models\MenuEntry;
use App\Models\Page;
use App\Models\Product;
use App\Models\Storefront;
use Ikat\Core\Store\RecordKinds;
use Ikat\Core\Store\RichText;
use Ikat\Core\Type\WordsInUse;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;

/**
 * The words of a store's goods, menus and pages, as far as they are made of other characters than the plain ones every font has.
 *
 * They are read once for a version of the Storeroom's contents, however many looks are inspected, and only those rows that have such
 * characters.
 */
final class StoreWords
{
    /** Any character that not every font has, as it is or as JSON escapes it. */
    private const UNUSUAL = '[^\\x00-\\x7F]|\\\\u[0-9a-f]{4}';

    /** Seconds that what was found is kept: versions that are gone need not be. */
    private const SECONDS = 86_400;

    /** Whose words they are. */
    private const SAID = [
        RecordKinds::GOODS => ['name', 'note', 'words', 'label', 'facts'], RecordKinds::CATEGORIES => ['name'],
        RecordKinds::ENTRIES => ['label', 'mark'], RecordKinds::PAGES => ['title', 'body', 'away'],
    ];

    public function __construct(private readonly TouchedColumns $touched) {}

    public function of(Storefront $storefront): WordsInUse
    {
        return WordsInUse::kept(Cache::remember(
            "words-of-store $storefront->store_id ".$this->touched->stamp(self::SAID),
            self::SECONDS,
            fn(): array => WordsInUse::in($this->texts())->characters,
        ));
    }

    /**
     * Where plain characters stand: for each the first name that has it, of goods, of what the menus say, of pages.
     *
     * @param list<string> $characters of ASCII
     */
    public function plain(Storefront $storefront, array $characters): WordsInUse
    {
        $texts = [];
        foreach ($characters as $character) {
            $texts = [...$texts, ...Cache::remember(
                sprintf('words-with %d %d %s', ord($character), $storefront->store_id, $this->touched->stamp(self::SAID)),
                self::SECONDS,
                static fn(): array => self::firstWith($character),
            )];
        }

        return WordsInUse::in($texts, $characters);
    }

    /** @return list<array{list<string>, string}> texts with the voices they are set in */
    private static function firstWith(string $character): array
    {
        $sought = '%'.addcslashes($character, '%_\\').'%';
        $texts = [];
        foreach ([
            [Product::query()->orderBy('id'), 'name', ['heading', 'body']],
            [MenuEntry::query()->orderBy('id'), 'label', ['menu', 'body']],
            [Page::query()->orderBy('id'), 'title', ['heading', 'body']],
        ] as [$query, $column, $voices]) {
            $found = $query->whereRaw("$column like binary ?", [$sought])->value($column);
            if (is_string($found)) {
                $texts[] = [$voices, $found];
            }
        }

        return $texts;
    }

    /** @return \Generator<array{list<string>, string}> */
    private function texts(): \Generator
    {
        $unusual = static fn(string ...$columns): \Closure => static function (Builder $query) use ($columns): void {
            foreach ($columns as $column) {
                $query->orWhere($column, 'regexp', self::UNUSUAL);
            }
        };
        $products = Product::query()->where($unusual('name', 'note', 'words', 'label', 'facts'))->toBase();
        foreach ($products->select(['name', 'note', 'words', 'label', 'facts'])->cursor() as $product) {
            $facts = json_decode((string) $product->facts, true, 8);
            yield [['heading', 'body'], $product->name];
            yield [
                ['body'],
                "$product->note ".RichText::plain($product->words)." $product->label ".json_encode($facts, JSON_UNESCAPED_UNICODE),
            ];
        }
        foreach (Category::query()->where($unusual('name'))->toBase()->pluck('name') as $name) {
            yield [['heading', 'body'], $name];
        }
        foreach (MenuEntry::query()->where($unusual('label', 'mark'))->toBase()->get(['label', 'mark']) as $entry) {
            yield [['menu', 'body'], $entry->label];
            yield [['label'], $entry->mark];
        }
        foreach (Page::query()->where($unusual('title', 'body'))->toBase()->get(['title', 'body']) as $page) {
            yield [['heading', 'body'], $page->title];
            yield [['body'], RichText::plain($page->body)];
        }
    }
}
