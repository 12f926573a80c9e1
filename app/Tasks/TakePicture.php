<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Models\CurrentStore;
use App\Pictures\KeepPicture;
use App\Pictures\UnusablePicture;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Turns a very large picture into the files pages use, a size at a time. */
final class TakePicture implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 120;

    public function __construct(private readonly int $task) {}

    public function handle(KeepPicture $keep, CurrentStore $store): void
    {
        $run = TaskRun::begin($this->task);
        if ($run === null) {
            return;
        }
        $task = $run->task();
        $store->is($task->store_id);
        try {
            // One more than there are sizes: reading the file was the first.
            $picture = $keep->fromFile($task->file(), $task->title, $task->alt, static fn(int $sizes) => $run->step($sizes + 1));
            $run->end(TaskState::Done, '', $picture->id);
        } catch (TaskCancelled) {
            $run->end(TaskState::Cancelled, 'Called off. Nothing was added.');
        } catch (UnusablePicture $e) {
            $run->end(TaskState::Failed, $e->getMessage());
        } finally {
            @unlink($task->file());
        }
    }

    /** Whatever else ends it, a limit of time included. */
    public function failed(?\Throwable $e): void
    {
        @unlink(TaskRun::fail($this->task, '“%s” could not be taken in. Make it smaller, and try again.')?->file() ?? '');
    }
}
