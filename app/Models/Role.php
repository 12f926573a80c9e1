<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Owner = 'owner';
    case Designer = 'designer';
    case Viewer = 'viewer';

    public function edits(): bool
    {
        return $this !== self::Viewer;
    }

    /** Customers' letters are not for those who only look. */
    public function readsLetters(): bool
    {
        return $this !== self::Viewer;
    }

    public function tendsPeople(): bool
    {
        return $this === self::Owner;
    }

    public function publishes(): bool
    {
        return $this === self::Owner;
    }
}
