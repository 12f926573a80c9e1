<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A published snapshot. Never changed once written.
 *
 * @property int $id
 * @property int $storefront_id
 * @property int $number
 * @property int $look_id
 * @property int $sequence the journal line it was made from
 * @property string $theme
 * @property string $theme_version
 * @property string $starter
 * @property string $state
 * @property array<string, bool|float|string> $resolved every setting's value
 * @property string $theme_css file name
 * @property string $look_css file name
 * @property ?string $folded_css file name; null where the look's own stylesheet has its rules
 * @property list<array{int, string}> $timeline Unix time and what runs from then on
 * @property array<string, array{values: array<string, bool|float|string>, look_css: string}> $variants what running seasons change, by what
 *     runs
 * @property array<string, array<string, mixed>> $pictures every picture the look shows, by name
 * @property array<string, int> $findings how many of each severity were open
 * @property ?string $reason why it was published in spite of findings
 * @property string $author
 * @property Carbon $created_at
 */
final class Release extends Model
{
    use BelongsToStore;

    public const UPDATED_AT = null;

    protected $guarded = [];

    protected static function booted(): void
    {
        static::updating(static fn(): never => throw new \LogicException('A release is never changed.'));
    }

    protected function casts(): array
    {
        return ['resolved' => 'array', 'findings' => 'array', 'timeline' => 'array', 'variants' => 'array', 'pictures' => 'array'];
    }
}
