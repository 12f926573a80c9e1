<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

use Ikat\Core\Language\Dictionary;
use Ikat\Core\Store\Cell\AddressCell;
use Ikat\Core\Store\Cell\BoxCell;
use Ikat\Core\Store\Cell\ChoiceCell;
use Ikat\Core\Store\Cell\CodeCell;
use Ikat\Core\Store\Cell\CountryCell;
use Ikat\Core\Store\Cell\CurrencyCell;
use Ikat\Core\Store\Cell\DayCell;
use Ikat\Core\Store\Cell\DiscountCell;
use Ikat\Core\Store\Cell\DocumentCell;
use Ikat\Core\Store\Cell\EmailCell;
use Ikat\Core\Store\Cell\LanguageCell;
use Ikat\Core\Store\Cell\MomentCell;
use Ikat\Core\Store\Cell\MoneyCell;
use Ikat\Core\Store\Cell\PercentCell;
use Ikat\Core\Store\Cell\PhoneCell;
use Ikat\Core\Store\Cell\PicturesCell;
use Ikat\Core\Store\Cell\PlacesCell;
use Ikat\Core\Store\Cell\RateCell;
use Ikat\Core\Store\Cell\RecordCell;
use Ikat\Core\Store\Cell\RecordsCell;
use Ikat\Core\Store\Cell\RichCell;
use Ikat\Core\Store\Cell\SwitchCell;
use Ikat\Core\Store\Cell\TargetCell;
use Ikat\Core\Store\Cell\TextCell;
use Ikat\Core\Store\Cell\WholeCell;
use Ikat\Core\Store\Cell\ZoneCell;

/** Every kind of record the Storeroom keeps. */
final class RecordKinds
{
    public const GOODS = 'goods';
    public const PICTURES = 'pictures';
    public const CATEGORIES = 'categories';
    public const MENUS = 'menus';
    public const ENTRIES = 'entries';
    public const PAGES = 'pages';
    public const DOCUMENTS = 'documents';
    public const WORDS_SAID = 'words';
    public const REVIEWS = 'reviews';
    public const CODES = 'codes';
    public const DELIVERY = 'delivery';
    public const TAXES = 'taxes';
    public const ADDRESSES = 'addresses';
    public const ORDERS = 'orders';
    public const STOREFRONTS = 'storefronts';
    public const STORE = 'store';

    private const NAME = 120;
    private const WORDS = 20_000;

    /**
     * @param \DateTimeZone $zone of the store's clock
     *
     * @return non-empty-array<string, RecordKind> by key, in the order of the tabs
     */
    public static function all(\DateTimeZone $zone): array
    {
        $kinds = [
            Goods::kind($zone), self::pictures(), self::categories(), self::menus(), self::entries(), self::pages(),
            self::documents(), self::words(), self::reviews(),
            self::codes($zone),
            self::delivery(), self::taxes(),
            self::addresses($zone), self::orders($zone), self::storefronts(), self::store(),
        ];

        return array_combine(array_map(static fn(RecordKind $k): string => $k->key, $kinds), $kinds);
    }

    /** What can be wrong with a picture, as it is kept and as it is written. */
    public const PICTURE_CHECKS = [
        'unused' => 'used nowhere', 'undescribed' => 'without words', 'heavy' => 'heavy', 'small' => 'too small where it stands',
    ];

    private static function pictures(): RecordKind
    {
        return new RecordKind(self::PICTURES, 'picture', 'pictures', 'title', 'name', [
            new Column('pictures', 'picture', new PicturesCell(), wide: 58, isComputed: true),
            new Column('title', 'name', new TextCell(self::NAME), true, 170),
            new Column('alt', 'in words', new TextCell(160), wide: 270),
            new Column('width', 'wide', new WholeCell(), wide: 56, isComputed: true),
            new Column('height', 'high', new WholeCell(), wide: 56, isComputed: true),
            new Column('kilobytes', 'kB', new WholeCell(), wide: 64, isComputed: true),
            new Column('uses', 'products', new TextCell(12), wide: 66, isComputed: true),
            new Column('name', 'known as', new TextCell(self::NAME), wide: 160, isComputed: true),
            new Column('focus_x', 'in sight, % from the left', new WholeCell(0, 100), true),
            new Column('focus_y', 'in sight, % from the top', new WholeCell(0, 100), true),
            new Column('thing', 'where the thing stands, %', new BoxCell(), wide: 120),
            new Column('check', 'picture', new ChoiceCell(self::PICTURE_CHECKS), isComputed: true),
        ], isUploaded: true);
    }

    private static function categories(): RecordKind
    {
        return new RecordKind(self::CATEGORIES, 'category', 'categories', 'name', 'slug', [
            new Column('pictures', 'picture', new PicturesCell(1), wide: 58, also: ['picture', 'image']),
            new Column('name', 'name', new TextCell(self::NAME), true, 180, isAsked: true),
            new Column('parent_id', 'within', new RecordCell(self::CATEGORIES), wide: 120, also: ['parent', 'parent category']),
            new Column('words', 'words', new TextCell(2000, true), wide: 300, isAsked: true),
            new Column('slug', 'address', new AddressCell('/category/'), true, 160),
            new Column('first_goods', 'first on its shelf', new RecordsCell(self::GOODS, 60)),
            new Column('position', 'place', new WholeCell(), true, 60, 0),
        ], place: 'position');
    }

    private static function menus(): RecordKind
    {
        return new RecordKind(self::MENUS, 'menu', 'menus', 'name', 'slug', [
            new Column('name', 'name', new TextCell(60), true, 240, isAsked: true),
            new Column('slug', 'known as', new AddressCell(''), true, 180),
            new Column('entries', 'entries', new WholeCell(), wide: 80, isComputed: true),
        ]);
    }

    /** How deep entries stand: an entry belongs to the last one before it that stands less deep. */
    public const LEVELS = 3;

    private static function entries(): RecordKind
    {
        return new RecordKind(self::ENTRIES, 'menu entry', 'menu entries', 'label', null, [
            new Column('menu_id', 'menu', new RecordCell(self::MENUS), true, 140, isAsked: true),
            new Column('label', 'words', new TextCell(60), true, 240, isAsked: true),
            new Column('level', 'level', new WholeCell(1, self::LEVELS), true, 60, 1, isAsked: true),
            new Column('target', 'leads to', new TargetCell(), true, 260, isAsked: true),
            new Column('mark', 'mark', new TextCell(20), wide: 90),
            new Column('pictures', 'picture below it', new PicturesCell(1), wide: 58, also: ['picture', 'image']),
            new Column('position', 'place', new WholeCell(), true, 60, 0),
        ], place: 'position');
    }

    private static function pages(): RecordKind
    {
        return new RecordKind(self::PAGES, 'page', 'pages', 'title', 'slug', [
            new Column('title', 'title', new TextCell(self::NAME), true, 220, isAsked: true),
            new Column('slug', 'address', new AddressCell('/page/'), true, 180),
            new Column('policy', 'policy', new SwitchCell(), wide: 60, beginning: false),
            new Column('away', 'put away', new SwitchCell(), wide: 76, beginning: false, also: ['hidden', 'draft']),
            new Column('body', 'words', new RichCell(self::WORDS), wide: 320, isAsked: true, also: ['text', 'content', 'body']),
        ]);
    }

    private static function documents(): RecordKind
    {
        return new RecordKind(self::DOCUMENTS, 'document', 'documents', 'name', 'slug', [
            new Column('name', 'name', new TextCell(self::NAME), true, 260),
            new Column('slug', 'address', new AddressCell('/document/'), true, 220),
            new Column('form', 'form', new TextCell(8), wide: 60, isComputed: true),
            new Column('kilobytes', 'kB', new WholeCell(), wide: 64, isComputed: true),
            new Column('path', 'file', new DocumentCell(), true),
            new Column('bytes', 'bytes', new WholeCell(), true),
        ], isUploaded: true);
    }

    /** How far words are said in another language, as it is kept and as it is written. */
    public const SAID = ['missing' => 'not said', 'said' => 'said', 'unused' => 'no longer shown'];

    private static function words(): RecordKind
    {
        return new RecordKind(self::WORDS_SAID, 'word', 'words', 'original', 'known', [
            new Column('language', 'language', new LanguageCell(), true, 96, isAsked: true),
            new Column('original', 'original', new TextCell(self::WORDS, true), true, 250, isAsked: true),
            new Column('words', 'words', new TextCell(self::WORDS, true), wide: 290, isAsked: true, also: ['translation', 'target']),
            new Column('used_in', 'where', new TextCell(self::NAME), wide: 150, isComputed: true),
            new Column('said', 'state', new ChoiceCell(self::SAID), wide: 96, isComputed: true),
            new Column('known', 'known as', new TextCell(20)),
        ], follows: static fn(array $row): array => [
            'known' => Dictionary::known(...array_map(
                static fn(string $key): string => is_string($row[$key]) ? $row[$key] : '',
                ['language', 'original'],
            )),
        ]);
    }

    private static function reviews(): RecordKind
    {
        return new RecordKind(self::REVIEWS, 'review', 'reviews', 'name', null, [
            new Column('product_id', 'of', new RecordCell(self::GOODS), true, 190, isAsked: true, also: ['product', 'item']),
            new Column('stars', 'stars', new WholeCell(1, 5), true, 60, isAsked: true, also: ['rating']),
            new Column('name', 'who', new TextCell(60), true, 120, isAsked: true, also: ['buyer', 'author', 'reviewer']),
            new Column('words', 'words', new TextCell(2000, true), true, 320, isAsked: true, also: ['review', 'text', 'comment']),
            new Column('written_on', 'written', new DayCell(), true, 100, isAsked: true, also: ['date', 'day']),
            new Column('shows', 'shows', new SwitchCell(), wide: 60, beginning: true),
        ]);
    }

    private static function codes(\DateTimeZone $zone): RecordKind
    {
        return new RecordKind(self::CODES, 'code', 'codes', 'code', 'code', [
            new Column('code', 'code', new CodeCell(), true, 130, isAsked: true),
            new Column('discount', 'takes off', new DiscountCell(), true, 90, isAsked: true, also: ['discount', 'off', 'reduction']),
            new Column('category_id', 'on', new RecordCell(self::CATEGORIES), wide: 110),
            new Column('gift_id', 'gift', new RecordCell(self::GOODS), wide: 110, also: ['product', 'free product']),
            new Column('most_uses', 'at most', new WholeCell(1), wide: 70),
            new Column('used', 'used', new WholeCell(), wide: 60, beginning: 0, isComputed: true),
            new Column('minimum', 'from a sum of', new MoneyCell(), true, 90, 0, also: ['minimum', 'from sum', 'least']),
            new Column('starts_at', 'from', new MomentCell($zone), wide: 124),
            new Column('ends_at', 'until', new MomentCell($zone), wide: 124),
        ], static function (array $row): ?array {
            $isGift = is_array($row['discount']) && $row['discount']['kind'] === 'gift';

            return match (true) {
                $isGift && $row['gift_id'] === null => ['gift_id', 'Say which product is given.'],
                ! $isGift && $row['gift_id'] !== null => ['discount', 'A code with a gift takes nothing else off: write “a gift”.'],
                is_string($row['starts_at']) && is_string($row['ends_at']) && $row['ends_at'] <= $row['starts_at'] => [
                    'ends_at', 'It must end after it begins.',
                ],
                default => null,
            };
        });
    }

    private static function delivery(): RecordKind
    {
        return new RecordKind(self::DELIVERY, 'delivery offer', 'delivery offers', 'name', 'name', [
            new Column('name', 'name', new TextCell(60), true, 200, isAsked: true),
            new Column('words', 'words', new TextCell(self::NAME), wide: 240, isAsked: true),
            new Column('price', 'price', new MoneyCell(), true, 80, isAsked: true),
            new Column('free_from', 'free from a sum of', new MoneyCell(), wide: 130),
            new Column('countries', 'to', new PlacesCell(true), wide: 90, also: ['countries', 'country'], placeholder: 'everywhere'),
            new Column('least_grams', 'from grams', new WholeCell(), wide: 80, also: ['from weight']),
            new Column('most_grams', 'up to grams', new WholeCell(), wide: 84, also: ['up to weight', 'most weight']),
            new Column('least_sum', 'from a sum of', new MoneyCell(), true, 90, 0),
            new Column('position', 'place', new WholeCell(), true, 60, 0),
        ], static fn(array $row): ?array => is_int($row['least_grams']) && is_int($row['most_grams'])
            && $row['most_grams'] < $row['least_grams']
            ? ['most_grams', 'It must be as much as it begins with, or more.']
            : null, 'position');
    }

    private static function taxes(): RecordKind
    {
        return new RecordKind(self::TAXES, 'tax rate', 'tax rates', 'country', 'country', [
            new Column('country', 'country', new CountryCell(), true, 100, isAsked: true),
            new Column('normal', 'normal rate', new PercentCell(), true, 110, 0, isAsked: true, also: ['rate', 'standard', 'tax']),
            new Column('reduced', 'reduced rate', new PercentCell(), true, 110, 0, isAsked: true, also: ['reduced']),
            new Column('within', 'in the prices', new SwitchCell(), wide: 100, beginning: false, also: ['included', 'inclusive']),
        ]);
    }

    private static function addresses(\DateTimeZone $zone): RecordKind
    {
        return new RecordKind(self::ADDRESSES, 'address', 'addresses', 'email', 'email', [
            new Column('email', 'e-mail', new EmailCell(), true, 280, isAsked: true, also: ['email', 'mail', 'address']),
            new Column(
                'list',
                'list',
                new ChoiceCell(['newsletter' => 'the newsletter', 'launch' => 'the opening']),
                true,
                140,
                'newsletter',
            ),
            new Column('confirmed_at', 'said yes', new MomentCell($zone), wide: 140),
        ], isPrivate: true);
    }

    private static function orders(\DateTimeZone $zone): RecordKind
    {
        return new RecordKind(self::ORDERS, 'order', 'orders', 'number', 'number', [
            new Column('number', 'number', new TextCell(40), true, 150, isComputed: true),
            new Column('created_at', 'placed', new MomentCell($zone), true, 140, isComputed: true),
            new Column('customer', 'customer', new TextCell(190), true, 190, isComputed: true),
            new Column('email', 'e-mail', new TextCell(190), true, 220, isComputed: true),
            new Column('total', 'total', new MoneyCell(), true, 90, isComputed: true),
            new Column('currency', 'currency', new TextCell(3), wide: 74, isComputed: true),
        ], isMade: false, isPrivate: true);
    }

    private static function storefronts(): RecordKind
    {
        return new RecordKind(self::STOREFRONTS, 'storefront', 'storefronts', 'name', 'slug', [
            new Column('name', 'name', new TextCell(self::NAME), true, 200),
            new Column('slug', 'address', new AddressCell('/shop/'), true, 150),
            new Column('locked', 'locked', new SwitchCell(), wide: 60, beginning: true),
            new Column('countries', 'sells to', new PlacesCell(true), wide: 90, placeholder: 'all the store sells to'),
            new Column('languages', 'speaks', new PlacesCell(false), wide: 70, placeholder: 'as the store'),
            new Column('currency', 'currency', new CurrencyCell(), wide: 70, placeholder: 'the store’s'),
            new Column('rate', 'at', new RateCell(), wide: 60, placeholder: 'like 0.92'),
            new Column(
                'category_ids',
                'shows',
                new RecordsCell(self::CATEGORIES, 60),
                wide: 170,
                placeholder: 'all goods, or categories, one a line',
            ),
        ], static fn(array $row): ?array => match (true) {
            is_string($row['currency']) && $row['rate'] === null => ['currency', 'Say first at what rate: how much one unit of the store’s '
                .'currency is in it.'],
            default => null,
        }, isMade: false);
    }

    private static function store(): RecordKind
    {
        return new RecordKind(self::STORE, 'store', 'the store', 'name', null, [
            new Column('name', 'name', new TextCell(self::NAME), true, 240),
            new Column('line', 'small line', new TextCell(self::NAME), wide: 180),
            new Column('place', 'where it is', new TextCell(300, true)),
            new Column('phone', 'phone', new PhoneCell(), wide: 110),
            new Column('email', 'e-mail', new EmailCell(), wide: 150),
            new Column('hours', 'opening hours', new TextCell(400, true)),
            new Column('time_zone', 'time zone', new ZoneCell(), true, 130),
            new Column('currency', 'currency', new CurrencyCell(), true, 80),
            new Column('countries', 'sells to', new PlacesCell(true), wide: 140),
            new Column('languages', 'speaks', new PlacesCell(false), wide: 100),
        ], isMade: false);
    }
}
