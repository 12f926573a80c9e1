<?php

declare(strict_types=1);

namespace App\Models;

use Ikat\Core\Setting\Type\MenuType;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $slug key by which looks show it
 * @property string $name
 */
final class Menu extends Model
{
    use BelongsToStore;

    protected $guarded = [];

    /** @return array<string, self> by key: those every store begins with */
    public static function begin(): array
    {
        return array_combine(array_keys(MenuType::FIRST), array_map(
            static fn(string $key, string $name): self => self::query()->create(['slug' => $key, 'name' => $name]),
            array_keys(MenuType::FIRST),
            MenuType::FIRST,
        ));
    }
}
