<?php

declare(strict_types=1);

namespace App\Looks;

use Ikat\Core\Look\Change;
use Ikat\Core\Look\EntryKind;

/** What a write wants of a look. */
final readonly class LookPlan
{
    /**
     * @param array<string, bool|float|string|null> $values path => canonical value, null to leave it to the layers below
     * @param string|\Closure(non-empty-list<Change>): string $label as the journal tells it
     * @param ?int $of the entry an undo or redo speaks of, or the point an edit goes back to
     */
    public function __construct(
        public array $values,
        public string|\Closure $label,
        public EntryKind $kind = EntryKind::Edit,
        public ?int $of = null,
    ) {}
}
