<?php

declare(strict_types=1);

namespace App\Tasks;

enum TaskState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    case Failed = 'failed';
    case Cancelled = 'cancelled';

    public function isOver(): bool
    {
        return $this !== self::Waiting && $this !== self::Running;
    }
}
