<?php

declare(strict_types=1);

namespace App\Looks;

use App\Database\Transaction;
use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Setting\LookException;
use Ikat\Core\Setting\SettingCatalog;

/** The one way to change a look: mouse, keyboard, console and demo alike. */
final class EditLook
{
    public function __construct(private readonly LookReader $desk, private readonly Journals $book) {}

    /**
     * @param array<string, mixed> $wanted path => value, or null to leave it to the layers below again
     * @param int $seen the last edit the writer had seen
     *
     * @return ?Edit null when nothing changes
     *
     * @throws LookException when a value is not acceptable, aliases would go in a circle, or the write comes too late
     */
    public function __invoke(Look $look, array $wanted, int $seen, string $author, ?int $userId = null, ?string $label = null): ?Edit
    {
        return Transaction::run(function () use ($look, $wanted, $seen, $author, $userId, $label): ?Edit {
            $locked = Look::query()->lockForUpdate()->findOrFail($look->id);
            $catalog = $this->desk->catalogFor($locked, $wanted);
            $values = [];
            foreach ($wanted as $path => $value) {
                $values[$path] = $value === null ? null : $catalog->normalize($path, $value);
                $catalog->get($path);
            }
            $this->book->since($locked, $seen)->refuseStale($seen, $values);
            $own = $locked->ownChanges();
            $changes = [];
            foreach ($values as $path => $value) {
                if (($own->own[$path] ?? null) !== $value) {
                    $changes[] = new Change($path, $own->own[$path] ?? null, $value);
                }
            }
            if ($changes === []) {
                return null;
            }
            // Resolving is what finds circles; an edit that makes one is refused here and nothing is stored.
            $this->desk->resolveState($locked, $own->with($changes));

            return $this->book->append($look, $locked, EntryKind::Edit, $changes, $label ?? self::label($changes, $catalog), $author, $userId);
        });
    }

    /** @param non-empty-list<Change> $changes */
    private static function label(array $changes, SettingCatalog $catalog): string
    {
        $label = $catalog->get($changes[0]->path)->label;

        return count($changes) === 1 ? $label : sprintf('%s and %d more', $label, count($changes) - 1);
    }
}
