<?php

declare(strict_types=1);

namespace App\Storeroom;

enum StoreFileState: string
{
    /** It is being looked through. */
    case Reading = 'reading';

    /** What it would change is known. */
    case Ready = 'ready';

    /** It is being taken in. */
    case Taking = 'taking';

    case Taken = 'taken';

    case Failed = 'failed';

    public function isUnderWay(): bool
    {
        return $this === self::Reading || $this === self::Taking;
    }
}
