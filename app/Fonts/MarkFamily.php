<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Database\Transaction;
use App\Models\MarkedFamily;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\UnknownFont;

/** Marks a family of the shelf to be found again, or takes the mark off. */
final class MarkFamily
{
    /** @throws UnknownFont */
    public function __invoke(string $key, bool $isMarked): void
    {
        $family = FontShelf::get($key)->key;
        Transaction::run(static function () use ($family, $isMarked): void {
            if ($isMarked) {
                MarkedFamily::query()->firstOrCreate(['family' => $family]);
            } else {
                MarkedFamily::query()->where('family', $family)->delete();
            }
        });
    }
}
