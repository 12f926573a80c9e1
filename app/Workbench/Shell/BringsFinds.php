<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

use Ikat\Core\Find\Entry;

/** A step that brings more for the find box than its settings and its name. */
interface BringsFinds
{
    /** @return list<Entry> what may answer what somebody typed */
    public function finds(string $asked, Bench $bench): array;
}
