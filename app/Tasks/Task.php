<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Models\BelongsToStore;
use Illuminate\Database\Eloquent\Model;

/**
 * Heavy work that goes on behind the pages: how far it is, and whether somebody called it off.
 *
 * @property int $id
 * @property int $store_id
 * @property ?int $picture_id the picture it puts another file in the place of, and once done the one it made
 * @property TaskKind $kind
 * @property string $title what the person knows the file by
 * @property string $alt
 * @property TaskState $state
 * @property int $done steps
 * @property int $total steps, 0 until it is known
 * @property string $words what is to be said of its end
 */
final class Task extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    protected $attributes = ['kind' => 'take', 'done' => 0, 'total' => 0];

    protected function casts(): array
    {
        return ['state' => TaskState::class, 'kind' => TaskKind::class];
    }

    /** Where the file waits that it is about: reached by the row's id alone. */
    public function file(): string
    {
        return storage_path("intake/$this->id");
    }

    /** Percent. */
    public function progress(): int
    {
        return $this->total === 0 ? 0 : (int) min(100, floor(100 * $this->done / $this->total));
    }
}
