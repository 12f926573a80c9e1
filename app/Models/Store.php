<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $time_zone IANA name
 * @property string $currency ISO 4217
 * @property string $line small words below its name
 * @property string $place where it is, in lines
 * @property ?string $phone
 * @property ?string $email
 * @property string $hours when it is open, in lines
 * @property ?list<string> $countries ISO 3166-1 codes it sells to, its own first
 * @property int $head the last edit of the Storeroom
 * @property int $undo_at the edit that undo takes back; 0 for none
 * @property int $redo_at the undo that redo takes back; 0 for none
 * @property ?list<string> $languages BCP 47 tags, its own first
 */
final class Store extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['countries' => 'array', 'languages' => 'array'];
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->time_zone);
    }
}
