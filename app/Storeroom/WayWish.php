<?php

declare(strict_types=1);

namespace App\Storeroom;

use Ikat\Core\Store\Cell\MoneyCell;
use Ikat\Core\Store\Cell\PicturesCell;
use Ikat\Core\Store\Cell\VariantsCell;
use Ikat\Core\Store\Goods;
use Ikat\Core\Store\RecordKind;
use Ikat\Core\Store\RefusedChange;
use Ikat\Core\Store\UnreadableCell;
use Ikat\Core\Store\Variant;

/** Turns what is typed of the ways a product comes into a wish for the product. */
final readonly class WayWish
{
    /** What is said of each way, and how stock that is not counted is written. */
    public const PARTS = ['stock' => 'stock', 'more' => 'costs more', 'weight' => 'grams', 'picture' => 'picture'];
    public const UNCOUNTED = 'any';

    public function __construct(private RecordRows $rows, private StoreNames $names) {}

    /**
     * @param RecordKind $kind goods
     * @param array<string, string> $typed what a way is called => what was typed; nothing for a way whose stock is emptied: it goes
     *
     * @throws RefusedChange when the product is gone, or there is no such part
     * @throws UnreadableCell
     */
    public function of(RecordKind $kind, int $id, string $part, array $typed): RecordWish
    {
        $row = $this->rows->read($kind, [$id])[$id] ?? throw new RefusedChange('This product is no longer there.');
        if (! isset(self::PARTS[$part])) {
            throw new RefusedChange("Nothing is said of “{$part}” for each way.");
        }
        $ways = Goods::variants($row);
        if ($part !== 'stock' && ! $ways->haveStock()) {
            throw new RefusedChange('Say first how many there are of each way: all of them are taken from the product’s own stock.');
        }
        foreach ($typed as $called => $value) {
            $value = trim($value);
            if ($part === 'stock' && $value === '') {
                $ways = $ways->without((string) $called);

                continue;
            }
            $was = $ways->named[$called] ?? new Variant((string) $called);
            $fields = [
                'more' => $was->more === 0 ? '' : MoneyCell::figures($was->more), 'stock' => (string) $was->stock,
                'weight' => (string) $was->weight,
                'picture' => $was->picture === null ? '' : $this->names->nameOf(PicturesCell::KIND, $was->picture),
            ];
            $fields[$part] = $value === self::UNCOUNTED ? '' : $value;
            try {
                $ways = $ways->with(VariantsCell::variant(
                    (string) $called,
                    $fields['more'],
                    $fields['stock'],
                    $fields['weight'],
                    $fields['picture'],
                    $this->names,
                ));
            } catch (UnreadableCell $e) {
                throw new UnreadableCell("$called: {$e->getMessage()}", previous: $e);
            }
        }
        $type = $kind->column('variants')->type;

        return new RecordWish(
            $kind->key,
            $id,
            ['variants' => $type->write($ways->kept(), $this->names)],
            ['variants' => $type->write($row['variants'], $this->names)],
        );
    }
}
