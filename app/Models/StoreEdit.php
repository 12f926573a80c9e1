<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Store\RecordChange;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A line of the store's own journal: what one edit changed in the Storeroom.
 *
 * @property int $id
 * @property int $sequence
 * @property string $kind edit, undo or redo
 * @property ?int $of the edit an undo takes back or a redo brings back
 * @property int $below what undo takes back after this edit, or redo after this undo
 * @property string $label
 * @property int $records how many it changes
 * @property string $author
 * @property Carbon $created_at
 */
final class StoreEdit extends Model
{
    use BelongsToStore;

    public const UPDATED_AT = null;

    /** Records whose changes are kept in one piece. */
    private const PIECE = 500;

    protected $guarded = [];

    private int $parts = 0;

    /**
     * Adds to what it changes.
     *
     * @param list<RecordChange> $changes
     */
    public function keepChanges(array $changes): void
    {
        foreach (array_chunk($changes, self::PIECE) as $piece) {
            DB::table('store_edit_parts')->insert([
                'store_edit_id' => $this->id,
                'part' => $this->parts++,
                'changes' => json_encode(
                    array_map(static fn(RecordChange $c): array => $c->toArray(), $piece),
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
                ),
            ]);
        }
        $this->records += count($changes);
    }

    /**
     * What it changes, a piece at a time.
     *
     * @param bool $isReversed whether it is taken back: the last first, each the other way round
     *
     * @return iterable<list<RecordChange>> one may be empty, where what it changed has been forgotten
     */
    public function pieces(bool $isReversed): iterable
    {
        $pieces = DB::table('store_edit_parts')->where('store_edit_id', $this->id);
        foreach ($isReversed ? $pieces->orderByDesc('part')->lazy(1) : $pieces->orderBy('part')->lazy(1) as $piece) {
            $changes = array_map(RecordChange::fromArray(...), json_decode((string) $piece->changes, true, 16, JSON_THROW_ON_ERROR));
            yield $isReversed ? array_map(static fn(RecordChange $c): RecordChange => $c->reversed(), array_reverse($changes)) : $changes;
        }
    }
}
