<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Grid\FramedPicture;
use Ikat\Core\Image\FoundObject;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A picture of the store's library.
 *
 * @property int $id
 * @property int $store_id
 * @property string $name what settings call it: stays when the picture is replaced
 * @property string $title what people call it
 * @property string $alt
 * @property int $width px of the largest size
 * @property int $height
 * @property list<int> $widths px, smallest first: one file each
 * @property int $bytes of all its files
 * @property string $base address of its files, without width and ending; changes when it is replaced
 * @property ?list<string> $formats endings besides webp
 * @property int $focus_x percent from the left: what must stay visible when the picture is cropped
 * @property int $focus_y percent from the top
 * @property ?array<string, mixed> $object what its pixels say of where the thing stands, as FoundObject gives it
 * @property string $thing where it stands by hand, left, top, right and bottom in percent; empty where nobody said so
 * @property ?array<string, mixed> $facts as LogoFacts gives them; null for pictures nobody uploaded
 * @property ?array<string, mixed> $before what stood there before the last replacement
 */
final class Picture extends Model
{
    use BelongsToStore;
    use SoftDeletes;

    protected $guarded = [];

    /** The middle, until somebody says otherwise. */
    protected $attributes = ['focus_x' => 50, 'focus_y' => 50, 'thing' => ''];

    protected function casts(): array
    {
        return ['widths' => 'array', 'formats' => 'array', 'before' => 'array', 'facts' => 'array', 'object' => 'array'];
    }

    protected static function booted(): void
    {
        static::creating(static function (self $picture): void {
            $picture->title = $picture->title ?? '' ?: mb_substr($picture->name, 0, 120);
        });
    }

    /** Where the thing stands: by hand, or by its pixels; all of it where nobody has looked. */
    public function foundObject(): FoundObject
    {
        $found = $this->object === null ? FoundObject::whole() : FoundObject::fromArray($this->object);
        if ($this->thing === '') {
            return $found;
        }
        $sides = array_map(static fn(string $percent): float => (int) $percent / 100, explode(' ', $this->thing));

        return $found->corrected($sides[0], $sides[1] ?? 0.0, $sides[2] ?? 1.0, $sides[3] ?? 1.0);
    }

    /** As a card shows it. */
    public function framed(): FramedPicture
    {
        return new FramedPicture(
            $this->width / max(1, $this->height),
            $this->foundObject(),
            (float) $this->focus_x,
            (float) $this->focus_y,
        );
    }

    public function isUploaded(): bool
    {
        return ! str_starts_with($this->base, '/pictures/');
    }
}
