<?php

declare(strict_types=1);

namespace App\Tasks;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** The keeping of account of one task while it goes on. */
final class TaskRun
{
    private function __construct(private readonly Task $task) {}

    /** @return ?self null where there is nothing to begin: it is gone, was called off, or has begun */
    public static function begin(int $task): ?self
    {
        $found = Task::query()->withoutGlobalScope('store')->find($task);
        $run = $found === null ? null : new self($found);
        $waits = $run?->rows()->where('state', TaskState::Waiting->value)->update(['state' => TaskState::Running->value]);

        return $waits === 1 ? $run : null;
    }

    /** What ended it from without: a limit of time, a fault. */
    public static function fail(int $task, string $words): ?Task
    {
        $found = Task::query()->withoutGlobalScope('store')->find($task);
        if ($found === null || $found->state->isOver()) {
            return null;
        }
        (new self($found))->end(TaskState::Failed, sprintf($words, $found->title));

        return $found;
    }

    public function task(): Task
    {
        return $this->task;
    }

    /**
     * @param int $total steps there are
     *
     * @throws TaskCancelled
     */
    public function step(int $total): void
    {
        $this->task->done++;
        $changed = $this->rows()->where('state', TaskState::Running->value)->update(['done' => $this->task->done, 'total' => $total]);
        if ($changed === 0) {
            throw new TaskCancelled();
        }
    }

    public function end(TaskState $state, string $words, ?int $picture = null): void
    {
        $this->rows()->update([
            'state' => $state->value,
            'words' => mb_substr($words, 0, 500),
            'picture_id' => $picture ?? $this->task->picture_id,
            ...$state === TaskState::Done ? ['done' => DB::raw('total')] : [],
        ]);
    }

    /** @return Builder<Task> */
    private function rows(): Builder
    {
        return Task::query()->withoutGlobalScope('store')->whereKey($this->task->id);
    }
}
