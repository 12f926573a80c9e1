<?php

declare(strict_types=1);

namespace App\Storefront;

use App\Models\CartLine;
use App\Models\MenuEntry;
use App\Models\Page;
use App\Models\Product;
use App\Models\Store;
use App\Models\Storefront;
use App\Pictures\IconShelf;
use App\Pictures\IconSpec;
use App\Pictures\ShopPicture;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Grid\LabelRules;
use Ikat\Core\Grid\PictureSizes;
use Ikat\Core\Grid\ProductLabels;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Header\Arrangement;
use Ikat\Core\Header\TopLook;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Language\ShopLanguage;
use Ikat\Core\Look\ColorInventory;
use Ikat\Core\Setting\Catalog\FooterSettings;
use Ikat\Core\Setting\Catalog\HeaderSettings;
use Ikat\Core\Setting\Catalog\WordSettings;
use Ikat\Core\Setting\Item;
use Ikat\Core\Setting\Type\TargetType;
use Ikat\Core\Store\Variant;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\Voice;
use Illuminate\Support\Collection;
use Illuminate\Support\HtmlString;

/**
 * What a storefront page needs to know: the storefront, the look it wears, and the visitor.
 *
 * A page made from it is the same, byte for byte, whether it is a preview or public.
 */
final class ShopContext
{
    /** It is shown at: what its visitor sees and what they pay are of one moment. */
    public readonly \DateTimeImmutable $moment;

    /** @var ?array<string, list<MenuEntry>> by the key of the menu */
    private ?array $menus = null;

    /** @var array<string, bool|float|string|null> */
    private array $read = [];

    private ?PictureSizes $sizes = null;

    /** @var array<string, string> by the proportion of a picture */
    private array $pictureSizes = [];

    private ?TopLook $readTop = null;

    private ?LabelRules $labelRules = null;

    /**
     * @param array<string, bool|float|string> $values every setting's resolved value
     * @param string $themeCss file name
     * @param string $lookCss file name
     * @param string $foldedCss file name of the rules for a folded menu; empty where they are in the look's own stylesheet
     * @param \Closure(string): ?ShopPicture $library a picture the look may show, by its name
     * @param \Closure(string): FontFamily $family by its key
     * @param Dictionary $dictionary of the language it is read in
     * @param string $here path within the storefront that is shown, without its query
     * @param string $previewPrefix put before addresses the shop redirects to; empty for the public shop
     */
    public function __construct(
        public readonly Storefront $storefront,
        public readonly Store $store,
        private readonly array $values,
        public readonly string $themeCss,
        public readonly string $lookCss,
        public readonly string $foldedCss,
        public readonly Visitor $visitor,
        private readonly \Closure $library,
        private readonly \Closure $family,
        public readonly Dictionary $dictionary,
        private readonly string $here = '/',
        private readonly string $previewPrefix = '',
    ) {
        $this->moment = $visitor->moment;
    }

    /**
     * @return array<string, bool|float|string|null> path => value of every setting that was asked for so far: what was made depends on no
     *     other
     */
    public function read(): array
    {
        return $this->read;
    }

    /**
     * Values of the settings whose paths begin so.
     *
     * @return array<string, bool|float|string>
     */
    public function valuesOf(string ...$beginnings): array
    {
        return array_filter(
            $this->values,
            static fn(string $path): bool => array_filter($beginnings, static fn(string $b): bool => str_starts_with($path, $b)) !== [],
            ARRAY_FILTER_USE_KEY,
        );
    }

    private function value(string $path): bool|float|string|null
    {
        return $this->read[$path] = $this->values[$path] ?? null;
    }

    public function text(string $path): string
    {
        // A release of an earlier Ikat knows nothing of words that have come since.
        return (string) ($this->value($path) ?? WordSettings::original($path));
    }

    /** The words of a setting, in the language the shop is read in. */
    public function words(string $path): string
    {
        return $this->say($this->text($path));
    }

    /**
     * Words in the language the shop is read in.
     *
     * @param array<string, string|int> $with what stands in them: name => value, for ":name"
     */
    public function say(?string $original, array $with = []): string
    {
        return $this->dictionary->say((string) $original, $with);
    }

    /** A way a product comes, each of its values in the language the shop is read in. */
    public function way(string $way): string
    {
        return implode(Variant::BETWEEN, array_map($this->say(...), explode(Variant::BETWEEN, $way)));
    }

    /** A text whose words may have the colors of roles. */
    public function inColors(string $text): HtmlString
    {
        return ColoredHtml::html($text);
    }

    public function on(string $path): bool
    {
        return $this->value($path) === true;
    }

    /** Whether it is off; what a release of an earlier Ikat knows nothing of is not. */
    public function off(string $path): bool
    {
        return $this->value($path) === false;
    }

    public function number(string $path): int
    {
        return (int) ($this->value($path) ?? 0);
    }

    /** @return list<Item> the shown items of a list, in order */
    public function items(string $list, string $prefix): array
    {
        $items = Item::listed($prefix, $this->text($list));

        return array_values(array_filter($items, fn(Item $i): bool => $this->on($i->path('show'))));
    }

    /** @return list<string> */
    public function picks(string $path): array
    {
        return array_values(array_filter(explode(',', $this->text($path))));
    }

    /** The picture a setting names, or null when it names none that is there. */
    public function picture(string $path): ?ShopPicture
    {
        return $this->pictureNamed($this->text($path));
    }

    public function pictureNamed(string $name): ?ShopPicture
    {
        return $name === '' ? null : ($this->library)($name);
    }

    /**
     * The logo's picture for a part that wears a scheme: the one for dark grounds where the ground is dark; null when the logo is words.
     */
    public function logo(string $schemePath): ?ShopPicture
    {
        if ($this->text('header.logo.kind') !== 'picture') {
            return null;
        }

        return $this->logoOn('scheme.'.$this->text($schemePath));
    }

    /** The logo's picture for the same part in dark surroundings, where it is another one. */
    public function logoInTheDark(string $schemePath): ?ShopPicture
    {
        if ($this->text('header.logo.kind') !== 'picture' || ! $this->on(ColorInventory::DARK)) {
            return null;
        }
        $dark = $this->logoOn('dark.'.$this->text($schemePath));

        return $dark === $this->logo($schemePath) ? null : $dark;
    }

    private function logoOn(string $set): ?ShopPicture
    {
        $ground = Color::tryParse($this->text("$set.ground"));
        $dark = $ground !== null && Contrast::isDark($ground) ? $this->picture('header.logo.dark') : null;

        return $dark ?? $this->picture('header.logo.picture');
    }

    /** Address of the folder the shop's icons and manifest are in. */
    public function icons(): string
    {
        return app(IconShelf::class)->address($this->iconSpec());
    }

    /** Lays what the icons are made from where their address will find it: before a page that names them is rendered. */
    public function layIcons(): string
    {
        return app(IconShelf::class)->lay($this->iconSpec());
    }

    public function iconSpec(): IconSpec
    {
        $from = $this->text('icon.from');
        $picture = match ($from) {
            'region' => $this->text('header.logo.kind') === 'picture' ? $this->picture('header.logo.picture') : null,
            'file' => $this->picture('icon.file'),
            default => null,
        };

        return new IconSpec(
            $picture,
            mb_substr($this->text('icon.letters') ?: mb_strtoupper(mb_substr(trim($this->text('header.logo.name')), 0, 1)) ?: 'W', 0, 2),
            ($this->family)($this->text('type.heading.family'))->address(),
            $from === 'region' ? [$this->number('icon.x'), $this->number('icon.y'), $this->number('icon.size')] : null,
            Color::parse($this->text('icon.ground'))->hex(),
            Color::parse($this->text('icon.ink'))->hex(),
            $this->text('icon.form'),
            $this->number('icon.space'),
            $this->text('header.logo.name'),
            $this->address('/'),
            $this->picture('mail.logo') ?? ($this->text('header.logo.kind') === 'picture' ? $this->picture('header.logo.picture') : null),
            $this->number('mail.logo.size') ?: 48,
            Color::parse($this->text('brand.main') ?: '#000')->hex(),
        );
    }

    /** Classes of a part that wears the scheme its setting names. */
    public function wears(string $path): string
    {
        return 'wear scheme-'.$this->value($path);
    }

    /** The same for a part that may also wear what is around it. */
    public function mayWear(string $path): string
    {
        return $this->text($path) === 'around' ? '' : $this->wears($path);
    }

    /** The class by which a single thing has the colors of a scheme, without a background of its own. */
    public function colors(string $path): string
    {
        return $this->text($path) === 'around' ? '' : 'scheme-'.$this->value($path);
    }

    /** Where the parts of the header stand on wide screens: those that are there. */
    public function arrangement(): Arrangement
    {
        return $this->readTop()->arrangement();
    }

    /** Screens on which the menu is folded away, as a media query. */
    public function foldedOn(): string
    {
        return app(TopOfPage::class)->foldedOn($this);
    }

    /** What the top of its pages is made from, for what changes nothing of what a page is made of: at which width its menu folds away. */
    public function top(): TopLook
    {
        return $this->topOf(fn(string $path): bool|float|string|null => $this->values[$path] ?? null);
    }

    private function readTop(): TopLook
    {
        return $this->readTop ??= $this->topOf($this->value(...));
    }

    /** @param \Closure(string): (bool|float|string|null) $value of a setting, by path */
    private function topOf(\Closure $value): TopLook
    {
        return new TopLook($value, fn(Voice $voice): SpokenFace => SpokenFace::from(
            ($this->family)((string) $value($voice->path('family'))),
            (string) $value($voice->path('style')),
            (float) ($value($voice->path('weight')) ?? 400),
        ), $this->dictionary);
    }

    /**
     * The icons of the header, in order.
     *
     * @return array<string, array{string, string, string, bool}> each with its address, sign, name, and whether it stays beside a folded
     *     menu
     */
    public function tools(): array
    {
        $all = [
            'search' => ['/search', 'search'], 'account' => ['/account', 'user'], 'saved' => ['/saved', 'heart'],
            'cart' => ['/cart', 'shopping-bag'],
        ];
        $tools = [];
        foreach ($this->readTop()->icons() as $icon => ['staysFolded' => $staysFolded]) {
            $tools[$icon] = [...$all[$icon], HeaderSettings::ICON_WORDS[$icon], $staysFolded];
        }

        return $tools;
    }

    /**
     * What the utility strip says.
     *
     * @param string $on all for all of it; wide or phone for what it says there only
     *
     * @return list<string>
     */
    public function utility(string $on): array
    {
        $items = $this->readTop()->utility();

        return array_keys($on === 'all' ? $items : array_filter($items, static fn(string $devices): bool => $devices === $on));
    }

    /** Where a thing of the utility strip leads: one calls, one writes, a button goes somewhere. */
    public function utilityAddress(string $item): string
    {
        $words = $this->text("utility.$item.text");

        return match ($item) {
            'phone' => 'tel:'.preg_replace('/[^0-9+]/', '', $words),
            'email' => "mailto:$words",
            default => $this->address($this->text("utility.$item.target") ?: '/'),
        };
    }

    /** Whether the header lies transparent over the first band of this page. */
    public function headerLiesOver(string $kind): bool
    {
        return $kind === 'home' && $this->on('header.over') && ($this->items('home.bands', 'band')[0]->kind ?? '') === 'lead';
    }

    public function announces(string $kind): bool
    {
        return $this->on('announcement.show') && ($this->text('announcement.pages') === 'all' || $this->on("announcement.on.$kind"));
    }

    /** Whether a page needs the shop's script: only for what style alone cannot do. */
    public function needsScript(): bool
    {
        $opens = static fn(array $entries): bool => array_filter($entries, static fn(MenuEntry $e): bool => $e->below !== []) !== [];

        return in_array($this->text('header.sticky'), ['smaller', 'returns', 'row'], true)
            || $this->text('header.menu.folds') === 'fits'
            || $this->on('header.button.show')
            || $opens($this->menu($this->text('header.menu.main')))
            || $opens($this->menu($this->text('header.menu.second')))
            || $this->on('announcement.show') && ($this->on('announcement.dismiss') || $this->text('announcement.turn') === 'turn');
    }

    /**
     * Addresses of the font files that the first screen of a kind of page needs; all others can wait until they are come upon.
     *
     * @param string $kind home, category, product, cart or content
     * @param string $head whole, logo or none
     *
     * @return list<string>
     */
    public function fonts(string $kind, string $head): array
    {
        $voices = [
            Voice::Body, Voice::Heading,
            ...$head === 'whole' ? [Voice::Menu] : [],
            ...$head === 'whole' && $this->on('utility.show') ? [Voice::Small] : [],
            ...$head === 'whole' && in_array($kind, ['home', 'product'], true) ? [Voice::Button] : [],
            ...$kind === 'product' ? [Voice::Price] : [],
        ];

        return array_values(array_unique(array_map(
            fn(Voice $voice): string => SpokenFace::from(
                ($this->family)($this->text($voice->path('family'))),
                $this->text($voice->path('style')),
            )->address(),
            $voices,
        )));
    }

    /** What becomes of a last row of products that is not full, one of ShelfLook::LAST. */
    public function lastRow(): string
    {
        // A release of an earlier Ikat says nothing of it.
        return $this->text('grid.last') ?: 'leave';
    }

    /** Classes of what a picture without a ground of its own stands on, and of its shadow there. */
    public function groundOfCutOuts(): string
    {
        // A release of an earlier Ikat says nothing of either.
        return sprintf('on-%s shadow-%s', $this->text('card.ground') ?: 'quiet', $this->text('card.shadow') ?: 'none');
    }

    /**
     * How wide a card's picture is on any screen; where each keeps its own proportion, the one it is shown at.
     *
     * Only a hint of which file to load: it counts as nothing the page was made from, so that columns that are dragged need no new page.
     */
    public function pictureSizes(?float $own): string
    {
        $this->sizes ??= new PictureSizes(new ShelfSolver(ShelfLook::ofValues($this->values)));

        return $this->pictureSizes[(string) $own] ??= $this->sizes->attribute($own);
    }

    /** Class of how products stand on a shelf; none of equal tiles. */
    public function arranged(): string
    {
        return match ($this->text('grid.arrange')) {
            'rows' => 'arrange-rows',
            'columns' => 'arrange-columns',
            default => '',
        };
    }

    /** @return list<string> classes of what fills a last row: by them it is left out on screens where so many products leave no place */
    public function fullRows(int $products): array
    {
        return $this->arranged() !== '' ? [] : array_values(array_filter(
            ['full-phone', 'full-tablet', 'full-desktop'],
            fn(string $class): bool => $products % max(1, $this->number('grid.columns.'.substr($class, 5))) === 0,
        ));
    }

    public function isPreview(): bool
    {
        return $this->previewPrefix !== '';
    }

    /** The public address of a path in this storefront, or a whole one on the web: what pages link to. */
    public function address(string $path): string
    {
        return TargetType::isOnTheWeb($path) ? $path : $this->addressIn($this->dictionary->language->code, $path);
    }

    /** The same in another of its languages: the first stands without its name. */
    public function addressIn(string $language, string $path): string
    {
        $spoken = $language === $this->storefront->firstLanguage() ? '' : "/$language";

        return '/shop/'.$this->storefront->slug.$spoken.($path === '/' && $spoken !== '' ? '' : $path);
    }

    /**
     * Where the page that is shown stands in each language, where there are several.
     *
     * @return array<string, string> code => the whole address
     */
    public function alternates(): array
    {
        $codes = $this->storefront->speaks();

        return count($codes) < 2 ? [] : array_combine(
            $codes,
            array_map(fn(string $code): string => config('app.url').$this->addressIn($code, $this->here), $codes),
        );
    }

    public function here(): string
    {
        return $this->here;
    }

    /** Where the shop sends a visitor who wants to read the page they are on in another language; one it does not speak is none. */
    public function redirectInto(string $language, string $path): string
    {
        return $this->previewPrefix.(in_array($language, $this->storefront->speaks(), true)
            ? $this->addressIn($language, $path)
            : $this->address($path));
    }

    /** Where the shop sends a visitor: inside the preview when this is one. */
    public function redirectAddress(string $path): string
    {
        return $this->previewPrefix.$this->address($path);
    }

    public function file(string $name): string
    {
        return '/'.config('ikat.files').'/'.$name;
    }

    /** @return list<array{kind: string, said: string, with: array<string, int>}> the labels on a product's picture */
    public function labels(Product $product): array
    {
        $labels = ProductLabels::of(
            $product->stock,
            $product->priceOf(),
            $product->added_on,
            $product->label,
            $this->moment,
            $this->labelRules ??= LabelRules::of($this->value(...)),
        );

        return array_map(fn(array $label): array => [
            ...$label,
            'with' => [...$label['with'], ...isset($label['with']['amount']) ? ['amount' => $this->price($label['with']['amount'])] : []],
        ], $labels);
    }

    /** Whether it is locked to this visitor: what leads into it is not shown. */
    public function isShut(): bool
    {
        return ! $this->isPreview() && $this->storefront->locked && ! $this->visitor->holdsKey();
    }

    /** @param int $cents in the store's currency */
    public function price(int $cents): string
    {
        return Money::short($this->storefront->exchange()->of($cents), $this->storefront->sellsIn(), $this->locale());
    }

    /** What one of a line of the cart costs. */
    public function each(CartLine $line): string
    {
        return Money::short($this->visitor->each($line), $this->storefront->sellsIn(), $this->locale());
    }

    /**
     * @param int $cents in the storefront's currency
     * @param ?string $in that of an order, which the storefront may sell in no longer
     */
    public function amount(int $cents, ?string $in = null): string
    {
        return Money::exact($cents, $in ?? $this->storefront->sellsIn(), $this->locale());
    }

    private function locale(): string
    {
        return $this->dictionary->language->locale();
    }

    /** A number of stars, to one place. */
    public function rating(float $stars): string
    {
        $formatter = new \NumberFormatter($this->locale(), \NumberFormatter::DECIMAL);
        $formatter->setAttribute(\NumberFormatter::FRACTION_DIGITS, 1);

        return (string) $formatter->format($stars);
    }

    /** @return list<MenuEntry> the entries of the first level, with those below them */
    public function menu(string $key): array
    {
        $this->menus ??= MenuEntry::query()->with('picture')
            ->join('menus', 'menus.id', '=', 'menu_entries.menu_id')
            ->orderBy('position')
            ->orderBy('menu_entries.id')
            ->get(['menu_entries.*', 'slug'])
            ->groupBy('slug')
            ->map(MenuEntry::within(...))
            ->all();

        return $this->menus[$key] ?? [];
    }

    /** @return Collection<int, Page> */
    public function policies(): Collection
    {
        return Page::query()->where('policy', true)->orderBy('id')->get();
    }

    /** @return array<string, string> code => name of the countries it sells to, when there is a choice */
    public function countries(): array
    {
        return self::names(
            $this->storefront->sellsTo(),
            fn(string $c): string => (string) \Locale::getDisplayRegion("-$c", $this->dictionary->language->code),
        );
    }

    /** @return array<string, string> tag => name of the languages it speaks, when there is a choice */
    public function languages(): array
    {
        return self::names($this->storefront->speaks(), static fn(string $l): string => (new ShopLanguage($l))->ownName());
    }

    /** @return array<string, array{string, string}> payment marks that a block shows: key => [words, icon] */
    public function marks(Item $block): array
    {
        return array_filter(FooterSettings::MARKS, fn(string $key): bool => $this->on($block->path($key)), ARRAY_FILTER_USE_KEY);
    }

    /**
     * @param list<string> $codes
     * @param callable(string): string $name
     *
     * @return array<string, string>
     */
    private static function names(array $codes, callable $name): array
    {
        return count($codes) < 2 ? [] : array_combine($codes, array_map($name, $codes));
    }
}
