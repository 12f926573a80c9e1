<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Models\Picture;
use App\Models\Product;
use App\Pictures\KeepPicture;

/**
 * What becomes of picture files by their names: one that is called like a picture of the library takes its place; one that is
 * called like the address of a product, with or without a number after it, joins its pictures; any other is new in the library.
 */
final class PictureNames
{
    public const MOST = 500;

    private const ENDINGS = ['png', 'jpg', 'jpeg', 'webp', 'gif', 'avif', 'svg'];

    /**
     * @param list<string> $files names, with folders or without
     *
     * @return list<array{file: string, way: 'replaces'|'joins'|'new'|'refused', id: int, called: string, words: string}> in the order of
     *     the files; the id is that of the picture or product; the words say why one is refused
     */
    public function plan(array $files): array
    {
        $names = array_map(KeepPicture::wantedName(...), $files);
        $addresses = array_map(static fn(string $name): string => (string) preg_replace('/-\d{1,2}$/', '', $name), $names);
        $pictures = Picture::query()->whereIn('name', array_unique($names))->pluck('id', 'name');
        $products = Product::query()->whereIn('slug', array_unique([...$names, ...$addresses]))->get(['id', 'slug', 'name'])->keyBy('slug');
        $plan = [];
        foreach ($files as $i => $file) {
            $product = $products[$names[$i]] ?? $products[$addresses[$i]] ?? null;
            $isPicture = in_array(strtolower(pathinfo($file, PATHINFO_EXTENSION)), self::ENDINGS, true);
            $plan[] = ['file' => $file, ...match (true) {
                ! $isPicture => ['way' => 'refused', 'id' => 0, 'called' => '', 'words' => 'This is no picture by its name.'],
                isset($pictures[$names[$i]]) => ['way' => 'replaces', 'id' => $pictures[$names[$i]], 'called' => $names[$i], 'words' => ''],
                $product !== null => ['way' => 'joins', 'id' => $product->id, 'called' => $product->name, 'words' => ''],
                default => ['way' => 'new', 'id' => 0, 'called' => $names[$i], 'words' => ''],
            }];
        }

        return $plan;
    }
}
