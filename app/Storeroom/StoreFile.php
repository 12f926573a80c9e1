<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\BelongsToStore;
use Ikat\Core\Store\File\ColumnMatch;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;

/**
 * A file that somebody wants to take in: how it is read, and what it would change.
 *
 * @property int $id
 * @property int $store_id
 * @property ?int $user_id
 * @property string $kind key of the kind of record its rows are
 * @property string $name as the person knows it
 * @property StoreFileState $state
 * @property string $encoding one of FileShape::ENCODINGS
 * @property string $delimiter one of FileShape::DELIMITERS
 * @property bool $has_heads whether its first line names its columns
 * @property list<string> $heads names of its columns
 * @property array{columns: array<int, string>, by: array<int, string>} $columns as ColumnMatch has them
 * @property int $rows without the line of names
 * @property int $seen the last edit of the store when it was looked through
 * @property ?array<string, mixed> $outlook as Outlook::toArray() gives it; null until it has been looked through
 * @property string $words what is to be said of its end
 */
final class StoreFile extends Model
{
    use BelongsToStore;

    private const SECONDS = 86_400;

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'state' => StoreFileState::class, 'has_heads' => 'boolean', 'heads' => 'array', 'columns' => 'array', 'outlook' => 'array',
        ];
    }

    /** Where its bytes lie as they came: reached by the row's id alone. */
    public function original(): string
    {
        return storage_path("intake/store-file-$this->id");
    }

    /** Where it lies in UTF-8. */
    public function text(): string
    {
        return storage_path("intake/store-file-$this->id.csv");
    }

    public function match(): ColumnMatch
    {
        return new ColumnMatch($this->columns['columns'], $this->columns['by']);
    }

    public function outlook(): ?Outlook
    {
        return $this->outlook === null ? null : Outlook::fromArray($this->outlook);
    }

    /** How many rows are done: beside the database, where a transaction that is under way would hide it. */
    public function tellDone(int $rows): void
    {
        Cache::put("store-file done $this->id", $rows, self::SECONDS);
    }

    public function done(): int
    {
        return (int) Cache::get("store-file done $this->id", 0);
    }

    public function callOff(): void
    {
        Cache::put("store-file off $this->id", true, self::SECONDS);
    }

    public function isCalledOff(): bool
    {
        return Cache::get("store-file off $this->id", false) === true;
    }

    public function forget(): void
    {
        foreach ([$this->original(), $this->text()] as $file) {
            if (is_file($file)) {
                unlink($file);
            }
        }
        $this->delete();
    }
}
