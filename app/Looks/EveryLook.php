<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Setting\Setting;

/** Every setting of every look of the store. */
final readonly class EveryLook
{
    public function __construct(private LookReader $looks) {}

    /** @return iterable<array{Look, ResolvedLook, Setting}> */
    public function settings(): iterable
    {
        foreach (Look::query()->with('storefront.store')->orderBy('id')->get() as $look) {
            $snapshot = $this->looks->of($look);
            $resolved = $snapshot->resolved();
            foreach ($snapshot->catalog()->all() as $setting) {
                yield [$look, $resolved, $setting];
            }
        }
    }
}
