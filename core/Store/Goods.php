<?php

declare(strict_types=1);

namespace Ikat\Core\Store;

use Ikat\Core\Store\Cell\AddressCell;
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\Cell\ChoiceCell;
use Ikat\Core\Store\Cell\DayCell;
use Ikat\Core\Store\Cell\FactsCell;
use Ikat\Core\Store\Cell\FilmCell;
use Ikat\Core\Store\Cell\MomentCell;
use Ikat\Core\Store\Cell\MoneyCell;
use Ikat\Core\Store\Cell\OptionsCell;
use Ikat\Core\Store\Cell\PicturesCell;
use Ikat\Core\Store\Cell\RecordCell;
use Ikat\Core\Store\Cell\RecordsCell;
use Ikat\Core\Store\Cell\RichCell;
use Ikat\Core\Store\Cell\SwatchesCell;
use Ikat\Core\Store\Cell\SwitchCell;
use Ikat\Core\Store\Cell\TextCell;
use Ikat\Core\Store\Cell\VariantsCell;
use Ikat\Core\Store\Cell\WebCell;
use Ikat\Core\Store\Cell\WholeCell;

/**
 * What the Storeroom keeps of a product.
 *
 * @phpstan-import-type Value from CellType
 */
final class Goods
{
    public const TAX_CLASSES = ['normal' => 'normal', 'reduced' => 'reduced', 'none' => 'none'];

    /** Key of the column with the categories besides the first. */
    public const MORE_CATEGORIES = 'more_categories';

    private const NAME = 120;
    private const WORDS = 20_000;

    public static function kind(\DateTimeZone $zone): RecordKind
    {
        return new RecordKind(
            RecordKinds::GOODS,
            'product',
            'products',
            'name',
            'slug',
            self::columns($zone),
            self::fault(...),
            'position',
            follows: self::following(...),
        );
    }

    /** @return list<Column> */
    private static function columns(\DateTimeZone $zone): array
    {
        $named = ['title', 'product', 'product name', 'item'];
        $priced = ['retail', 'selling price', 'unit price', 'list price', 'regular price', 'price before', 'old price', 'price was'];
        $grouped = ['categories', 'department', 'dept', 'group', 'collection'];

        return [
            new Column('pictures', 'pictures', new PicturesCell(), wide: 58, also: ['picture', 'images', 'image', 'photos', 'photo']),
            new Column('name', 'name', new TextCell(self::NAME), true, 196, isAsked: true, also: $named),
            new Column('price', 'price', new MoneyCell(), true, 62, isAsked: true, also: $priced),
            new Column(
                'reduced',
                'reduced to',
                new MoneyCell(),
                wide: 72,
                also: ['reduced price', 'sale', 'sale price', 'special price', 'offer price'],
            ),
            new Column('reduced_from', 'reduced from', new MomentCell($zone), also: ['sale from', 'sale start', 'sale starts']),
            new Column('reduced_until', 'reduced until', new MomentCell($zone), also: ['sale until', 'sale end', 'sale ends']),
            new Column('cost', 'cost', new MoneyCell(), wide: 60, also: ['unit cost', 'purchase price', 'buying price', 'cost price']),
            new Column('margin', 'margin', new WholeCell(-999_999, 100), wide: 92, isComputed: true),
            new Column(
                'stock',
                'stock',
                new WholeCell(),
                wide: 54,
                beginning: 0,
                also: ['quantity', 'qty', 'in stock', 'on hand', 'inventory'],
            ),
            new Column('weight', 'grams', new WholeCell(), wide: 56, also: ['weight', 'weight g', 'weight in grams']),
            new Column('label', 'own label', new TextCell(40, isOptional: true), wide: 86, also: ['badge', 'tag']),
            new Column('category_id', 'category', new RecordCell(RecordKinds::CATEGORIES), true, 112, isAsked: true, also: $grouped),
            new Column(self::MORE_CATEGORIES, 'also in', new RecordsCell(RecordKinds::CATEGORIES), also: ['other categories']),
            new Column(
                'options',
                'what can be chosen',
                new OptionsCell(),
                also: ['options', 'option', 'choices'],
                placeholder: 'Size: small, large',
            ),
            new Column('swatches', 'colors of what can be chosen', new SwatchesCell(), also: ['swatches'], placeholder: 'Indigo: #3c4a8c'),
            new Column('variants', 'ways it comes', new VariantsCell(), also: ['variants', 'variant', 'kinds']),
            new Column('note', 'line under the name', new TextCell(self::NAME), also: ['note', 'subtitle', 'second line']),
            new Column('words', 'description', new RichCell(self::WORDS), also: ['description', 'text', 'details', 'body']),
            new Column('related', 'beside it', new RecordsCell(RecordKinds::GOODS), also: ['related', 'related products', 'goes with']),
            new Column('facts', 'facts', new FactsCell()),
            new Column('video', 'film', new FilmCell(), also: ['film', 'video', 'movie']),
            new Column('film_elsewhere', 'film elsewhere', new WebCell(), also: ['film address', 'video address', 'video url']),
            new Column('slug', 'address', new AddressCell('/product/'), true, also: ['slug', 'url', 'link', 'path']),
            new Column('tax_class', 'tax class', new ChoiceCell(self::TAX_CLASSES), true, beginning: 'normal', also: ['tax', 'vat']),
            new Column('shows_rating', 'rating shown', new SwitchCell(), beginning: true),
            new Column('featured', 'favorite', new SwitchCell(), beginning: false, also: ['favorites', 'highlight']),
            new Column('added_on', 'in the shop since', new DayCell(), true, also: ['added', 'since', 'published']),
            new Column('position', 'place', new WholeCell(), true, beginning: 0, also: ['order', 'sort', 'position', 'rank']),
        ];
    }

    /**
     * @param array<string, Value> $row
     *
     * @return ?array{string, string}
     */
    private static function fault(array $row): ?array
    {
        [$price, $reduced, $from, $until] = [$row['price'], $row['reduced'], $row['reduced_from'], $row['reduced_until']];
        if (is_int($reduced) && $reduced >= $price) {
            return ['reduced', 'The reduced price must be less than the price of '.MoneyCell::figures((int) $price).'.'];
        }
        if (is_string($from) && is_string($until) && $until <= $from) {
            return ['reduced_until', 'It must end after it begins.'];
        }
        $variants = self::variants($row);
        $none = array_values(array_diff(array_map(strval(...), array_keys($variants->named)), $variants->every()));
        if ($none !== []) {
            [$first] = $none;

            return ['variants', $variants->areThere()
                ? "“{$first}” is no way it comes: it takes one value of each of ".implode(', ', array_keys($variants->options)).'.'
                : 'Say first what can be chosen of it.'];
        }

        return null;
    }

    /**
     * @param array<string, Value> $row
     * @param ?array<string, Value> $before
     *
     * @return array<string, Value>
     */
    private static function following(array $row, ?array $before): array
    {
        $variants = self::variants($row);
        if ($before !== null && $before['options'] !== $row['options'] && $before['variants'] === $row['variants']) {
            $variants = self::variants($before)->under($variants);
        }

        return ['variants' => $variants->kept(), ...($variants->haveStock() ? ['stock' => $variants->stock()] : [])];
    }

    /** @param array<string, Value> $row */
    public static function variants(array $row): Variants
    {
        return Variants::of(is_array($row['options']) ? $row['options'] : [], is_array($row['variants']) ? $row['variants'] : []);
    }
}
