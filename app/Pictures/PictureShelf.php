<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;

/** Pictures of the store's library by name, read once a request; only those that are asked for. */
final class PictureShelf
{
    /** @var array<string, ?ShopPicture> null for names no picture has */
    private array $known = [];

    /**
     * @param list<string> $names
     *
     * @return array<string, ShopPicture> those that are there
     */
    public function named(array $names): array
    {
        $new = array_values(array_diff(array_unique($names), array_map(strval(...), array_keys($this->known)), ['']));
        if ($new !== []) {
            $this->known += array_fill_keys($new, null);
            foreach (Picture::query()->whereIn('name', $new)->get() as $picture) {
                $this->known[$picture->name] = ShopPicture::of($picture);
            }
        }

        return array_filter(array_intersect_key($this->known, array_flip($names)));
    }

    public function one(string $name): ?ShopPicture
    {
        return $this->named([$name])[$name] ?? null;
    }
}
