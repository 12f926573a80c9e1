<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Illuminate\Support\Facades\Cache;

/** What may be tried on in the shop window without an edit: changes kept for a day under a key made of them. */
final class Trials
{
    private const SECONDS = 86400;

    /** @param array<string, bool|float|string|null> $changes path => value */
    public function put(Look $look, array $changes): string
    {
        $tried = $look->trying($changes);
        Cache::put($this->key($look, $tried->trial), $changes, self::SECONDS);

        return $tried->trial;
    }

    /** @return ?array<string, bool|float|string|null> */
    public function changes(Look $look, string $trial): ?array
    {
        $found = Cache::get($this->key($look, $trial));

        return is_array($found) ? $found : null;
    }

    private function key(Look $look, string $trial): string
    {
        return "trial $look->store_id $look->id $trial";
    }
}
