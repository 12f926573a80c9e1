<?php

declare(strict_types=1);

namespace App\Looks;

use App\Database\Transaction;
use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Setting\LookException;

/** Puts a look on another theme, version or starter, with whatever must change together with it, in one edit. */
final class TakeBase
{
    public function __construct(private readonly LookReader $desk, private readonly Journals $book) {}

    /**
     * @param array<string, bool|float|string|null> $with own changes made together with it, already in canonical form
     *
     * @return ?Edit null when nothing changes
     *
     * @throws LookException when the write comes too late or the look could not be resolved afterwards
     */
    public function __invoke(Look $look, Base $base, int $seen, string $author, ?int $userId, array $with = [], ?string $label = null): ?Edit
    {
        return Transaction::run(function () use ($look, $base, $seen, $author, $userId, $with, $label): ?Edit {
            $locked = Look::query()->lockForUpdate()->findOrFail($look->id);
            $theme = $this->desk->themes->theme($base);
            $own = $locked->ownChanges();
            $now = $locked->base()->values();
            $wanted = [...array_filter($base->values(), static fn(string $value, string $path): bool => $now[$path] !== $value, ARRAY_FILTER_USE_BOTH), ...$with];
            $this->book->since($locked, $seen)->refuseStale($seen, $wanted);
            $changes = [];
            foreach ($wanted as $path => $value) {
                if (($own->own[$path] ?? null) !== $value) {
                    $changes[] = new Change($path, $own->own[$path] ?? null, $value);
                }
            }
            if ($changes === []) {
                return null;
            }
            $this->desk->resolveState($locked, $own->with($changes));
            $label ??= $now[Base::THEME] === $base->theme && $now[Base::VERSION] !== $base->version
                ? "$theme->title $base->version"
                : "$theme->title: {$theme->starters[$base->starter]->title}";

            return $this->book->append($look, $locked, EntryKind::Edit, $changes, $label, $author, $userId);
        });
    }
}
