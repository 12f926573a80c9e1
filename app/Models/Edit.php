<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Look\JournalEntry;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A line of a look's journal. Reached only through its look, which is scoped to the store.
 *
 * @property int $sequence
 * @property string $kind
 * @property ?int $of
 * @property int $below what undo takes back after this edit, or redo after this undo
 * @property string $label
 * @property string $author
 * @property string $settings_changed JSON
 * @property Carbon $created_at
 */
final class Edit extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    public function entry(): JournalEntry
    {
        return self::toEntry($this->sequence, $this->kind, $this->of, $this->label, $this->author, $this->settings_changed);
    }

    public static function toEntry(int $sequence, string $kind, ?int $of, string $label, string $author, string $changes): JournalEntry
    {
        return new JournalEntry(
            $sequence,
            EntryKind::from($kind),
            array_map(Change::fromArray(...), json_decode($changes, true, 8, JSON_THROW_ON_ERROR)),
            $label,
            $author,
            $of,
        );
    }
}
