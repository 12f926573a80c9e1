<?php

declare(strict_types=1);

namespace Tests\App;

use App\Fonts\FontFiles;
use App\Fonts\OwnFonts;
use App\Models\Storefront;
use App\Pictures\PictureShelf;
use App\Storefront\SampleCart;
use App\Storefront\ShopContext;
use App\Storefront\Visitor;
use Ikat\Core\Language\Dictionary;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Type\FontShelf;
use Symfony\Component\Process\Process;

/** Parts of a shop in any look, and where Chromium lays what stands in them. */
trait LaidOut
{
    private function shop(LookSnapshot $at, Storefront $storefront): ShopContext
    {
        return new ShopContext(
            $storefront,
            $storefront->store,
            $at->resolved()->values(),
            '',
            '',
            '',
            Visitor::looking($storefront, SampleCart::None),
            app(PictureShelf::class)->one(...),
            app(OwnFonts::class)->named(...),
            Dictionary::plain(),
        );
    }

    /**
     * @param list<string> $words
     *
     * @return list<string> keys of families that have every letter of the words
     */
    private static function families(array $words): array
    {
        static $families = null;
        $letters = array_unique(mb_str_split(implode('', $words)));

        return $families ??= array_values(array_filter(array_keys(FontShelf::all()), static function (string $key) use ($letters): bool {
            $has = app(FontFiles::class)->characters(FontShelf::get($key));

            return array_filter($letters, static fn(string $letter): bool => ! isset($has[mb_ord($letter)])) === [];
        }));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private static function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }

    /**
     * @param string $part what is measured: tops, shelves, arranged
     * @param list<array<string, mixed>> $samples
     *
     * @return list<list<array<string, mixed>>> for each sample and width
     */
    private function inChromium(string $part, array $samples): array
    {
        $node = new Process(
            ['node', __DIR__.'/laid-out.mjs', public_path(), $part],
            base_path(),
            null,
            json_encode($samples, JSON_THROW_ON_ERROR),
            600,
        );

        return json_decode($node->mustRun()->getOutput(), true, 512, JSON_THROW_ON_ERROR);
    }
}
