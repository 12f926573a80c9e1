<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Setting\LookException;

/** Puts a look on another theme, version or starter, with whatever must change together with it, in one edit. */
final class TakeBase
{
    public function __construct(private readonly LookReader $looks, private readonly LookWriter $writer) {}

    /**
     * @param array<string, bool|float|string|null> $with own changes made together with it, already in canonical form
     *
     * @return ?Edit null when nothing changes
     *
     * @throws LookException when the write comes too late or the look could not be resolved afterwards
     */
    public function __invoke(Look $look, Base $base, int $seen, Author $author, array $with = [], ?string $label = null): ?Edit
    {
        return $this->writer->write($look, $author, function (LookSnapshot $now) use ($base, $with, $label): LookPlan {
            $theme = $this->looks->themes->theme($base);
            $was = $now->wanted->values();
            $changed = array_filter(
                $base->values(),
                static fn(string $value, string $path): bool => $was[$path] !== $value,
                ARRAY_FILTER_USE_BOTH,
            );
            $isUpgrade = $was[Base::THEME] === $base->theme && $was[Base::VERSION] !== $base->version;

            return new LookPlan(
                [...$changed, ...$with],
                $label ?? ($isUpgrade ? "$theme->title $base->version" : "$theme->title: {$theme->starters[$base->starter]->title}"),
            );
        }, $seen);
    }
}
