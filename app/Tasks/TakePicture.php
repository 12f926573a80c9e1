<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Models\CurrentStore;
use App\Pictures\KeepPicture;
use App\Pictures\UnusablePicture;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Turns a very large picture into the files pages use, a size at a time. */
final class TakePicture implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 120;

    public function __construct(private readonly int $task) {}

    public function handle(KeepPicture $keep, CurrentStore $store): void
    {
        $task = Task::query()->withoutGlobalScope('store')->find($this->task);
        if ($task === null || $task->state !== TaskState::Waiting) {
            return;
        }
        $store->is($task->store_id);
        try {
            self::begin($task);
            $picture = $keep->fromFile(
                $task->file(),
                $task->title,
                $task->alt,
                static fn(int $sizes) => self::step($task, $sizes),
            );
            self::end($task, TaskState::Done, '', $picture->id);
        } catch (TaskCancelled) {
            self::end($task, TaskState::Cancelled, 'Called off. Nothing was added.');
        } catch (UnusablePicture $e) {
            self::end($task, TaskState::Failed, $e->getMessage());
        } finally {
            @unlink($task->file());
        }
    }

    /** Whatever else ends it, a limit of time included. */
    public function failed(?\Throwable $e): void
    {
        $task = Task::query()->withoutGlobalScope('store')->find($this->task);
        if ($task !== null && ! $task->state->isOver()) {
            self::end($task, TaskState::Failed, "“{$task->title}” could not be taken in. Make it smaller, and try again.");
            @unlink($task->file());
        }
    }

    /** @throws TaskCancelled */
    private static function begin(Task $task): void
    {
        if (self::rows($task)->where('state', TaskState::Waiting->value)->update(['state' => TaskState::Running->value]) === 0) {
            throw new TaskCancelled();
        }
    }

    /** @throws TaskCancelled */
    private static function step(Task $task, int $sizes): void
    {
        $task->done++;
        // One more than there are sizes: reading the file was the first.
        if (self::rows($task)->where('state', TaskState::Running->value)->update(['done' => $task->done, 'total' => $sizes + 1]) === 0) {
            throw new TaskCancelled();
        }
    }

    private static function end(Task $task, TaskState $state, string $words, ?int $picture = null): void
    {
        self::rows($task)->update([
            'state' => $state->value,
            'words' => mb_substr($words, 0, 500),
            'picture_id' => $picture ?? $task->picture_id,
            ...$state === TaskState::Done ? ['done' => DB::raw('total')] : [],
        ]);
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Task> */
    private static function rows(Task $task): \Illuminate\Database\Eloquent\Builder
    {
        return Task::query()->withoutGlobalScope('store')->whereKey($task->id);
    }
}
