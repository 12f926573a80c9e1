<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Type\FontKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A font that a merchant brought. One that was removed is not offered any more; what was published with it keeps its files.
 *
 * @property int $id
 * @property int $store_id
 * @property string $key
 * @property string $name
 * @property FontKind $kind
 * @property int $license_bits fsType of its table OS/2
 * @property string $confirmed_by who said that the shop may use it
 * @property bool $is_whole
 * @property array{metrics: array{int, int, int, int}, systems?: list<string>, widths: non-empty-array<int, int>,
 *     letters: non-empty-array<int, array{int, int, int, int}>, bytes: non-empty-array<string, int>} $measures as FontFamily has them
 * @property Carbon $created_at
 */
final class OwnFont extends Model
{
    use BelongsToStore;
    use SoftDeletes;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => FontKind::class, 'is_whole' => 'boolean', 'measures' => 'array'];
    }
}
