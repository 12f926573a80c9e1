<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $menu_id
 * @property string $label
 * @property string $target path within the storefront, beginning with a slash
 * @property int $level from 1
 * @property ?Picture $picture shown in the panel below it, where others stand below it
 * @property string $mark short words beside it, such as New; empty for none
 */
final class MenuEntry extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    /** @var list<self> the entries one level deeper that follow it */
    public array $below = [];

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /**
     * Entries within each other: each belongs to the last before it that stands less deep.
     *
     * @param iterable<self> $entries of one menu, in order
     *
     * @return list<self> those of the first level, and those nothing stands above
     */
    public static function within(iterable $entries): array
    {
        [$first, $open] = [[], []];
        foreach ($entries as $entry) {
            while ($open !== [] && end($open)->level >= $entry->level) {
                array_pop($open);
            }
            $above = end($open);
            if ($above === false) {
                $first[] = $entry;
            } else {
                $above->below[] = $entry;
            }
            $open[] = $entry;
        }

        return $first;
    }
}
