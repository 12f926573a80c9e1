<?php

declare(strict_types=1);

namespace App\Looks;

use App\Database\Transaction;
use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\Base;
use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;
use Ikat\Core\Setting\Step;

/** Takes the merchant's own changes back, of one step or all of them: an edit like any other. The base stays. */
final class BackToOriginal
{
    public function __construct(private readonly LookReader $desk, private readonly Journals $book) {}

    /** @return ?Edit null when nothing of one's own is there */
    public function __invoke(Look $look, ?Step $step, string $author, ?int $userId): ?Edit
    {
        return Transaction::run(function () use ($look, $step, $author, $userId): ?Edit {
            $locked = Look::query()->lockForUpdate()->findOrFail($look->id);
            $catalog = $this->desk->catalog($locked);
            $changes = [];
            foreach ($locked->ownChanges()->own as $path => $value) {
                $isMeant = $step === null || ($catalog->has($path) && $catalog->get($path)->step === $step);
                if ($isMeant && ! in_array($path, Base::PATHS, true)) {
                    $changes[] = new Change($path, $value, null);
                }
            }

            return $changes === [] ? null : $this->book->append($look, $locked, EntryKind::Edit, $changes, $step === null ? 'all back to the original' : "{$step->label()} back to the original", $author, $userId);
        });
    }
}
