<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Edit;
use App\Models\Look;
use Ikat\Core\Look\LookSnapshot;
use Ikat\Core\Setting\LookException;

/** Changes settings of a look: mouse, keyboard, console and demo alike. */
final class EditLook
{
    public function __construct(private readonly LookWriter $writer) {}

    /**
     * @param array<string, mixed> $wanted path => value, or null to leave it to the layers below again
     * @param int $seen the last edit the writer had seen
     *
     * @return ?Edit null when nothing changes
     *
     * @throws LookException when a value is not acceptable, aliases would go in a circle, or the write comes too late
     */
    public function __invoke(Look $look, array $wanted, int $seen, Author $author, ?string $label = null): ?Edit
    {
        return $this->writer->write($look, $author, static function (LookSnapshot $now) use ($wanted, $label): LookPlan {
            $catalog = $now->catalogWith($wanted);
            $values = [];
            foreach ($wanted as $path => $value) {
                $values[$path] = $value === null ? null : $catalog->normalize($path, $value);
                $catalog->get($path);
            }

            return new LookPlan($values, $label ?? static function (array $changes) use ($catalog): string {
                $first = $catalog->get($changes[0]->path)->label;

                return count($changes) === 1 ? $first : sprintf('%s and %d more', $first, count($changes) - 1);
            });
        }, $seen);
    }
}
