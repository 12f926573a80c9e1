<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Database\Transaction;
use App\Pictures\PictureReader;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\UploadedFile;

/** Decides what is too heavy for an answer to wait for, and keeps account of what is under way. */
final class Tasks
{
    /** Pixels from which a picture is taken in behind the pages. */
    public const HEAVY = 16_000_000;

    /** Of one store at a time. */
    private const MOST_WAITING = 20;
    private const KEPT_DAYS = 2;

    public static function isHeavy(UploadedFile $file): bool
    {
        $pixels = $file->isValid() ? PictureReader::pixels($file->getPathname()) : 0;

        // What is over every bound is refused at once, and need not wait for that.
        return $pixels > self::HEAVY && $pixels <= PictureReader::MOST_PIXELS;
    }

    /** @return ?Task null when too much is waiting already */
    public function take(UploadedFile $file, string $alt): ?Task
    {
        $this->sweep();
        if (Task::query()->whereIn('state', [TaskState::Waiting, TaskState::Running])->count() >= self::MOST_WAITING) {
            return null;
        }
        $task = Transaction::run(static fn(): Task => Task::query()->create([
            'title' => mb_substr(mb_scrub($file->getClientOriginalName()), 0, 120),
            'alt' => $alt,
            'state' => TaskState::Waiting,
        ]));
        $file->move(dirname($task->file()), basename($task->file()));
        TakePicture::dispatch($task->id);

        return $task;
    }

    /**
     * Encodes pictures anew.
     *
     * @param list<int> $pictures ids
     *
     * @return Task the one that is under way already, if there is one
     */
    public function lighten(array $pictures): Task
    {
        $this->sweep();
        $task = $this->underWay(TaskKind::Lighten)->first();
        if ($task !== null) {
            return $task;
        }
        $made = Transaction::run(static fn(): Task => Task::query()->create([
            'kind' => TaskKind::Lighten, 'title' => 'Making pictures lighter', 'alt' => '', 'state' => TaskState::Waiting,
        ]));
        LightenPictures::dispatch($made->id, $pictures);

        return $made;
    }

    /** @return Collection<int, Task> what is not over yet */
    public function underWay(TaskKind $kind = TaskKind::Take): Collection
    {
        return Task::query()->where('kind', $kind)->whereIn('state', [TaskState::Waiting, TaskState::Running])->orderBy('id')->get();
    }

    /** How the last of a kind ended; null where none did lately. */
    public function lastWords(TaskKind $kind): ?string
    {
        $last = Task::query()->where('kind', $kind)->orderByDesc('id')->first();

        return $last !== null && $last->state->isOver() ? $last->words : null;
    }

    /** What has not begun is over at once; what runs ends at its next step. */
    public function cancel(Task $task): void
    {
        $changed = Task::query()
            ->whereKey($task->id)
            ->whereIn('state', [TaskState::Waiting, TaskState::Running])
            ->update([
                'state' => TaskState::Cancelled,
                'words' => $task->kind === TaskKind::Take ? 'Called off. Nothing was added.' : 'Called off.',
            ]);
        if ($changed === 1 && $task->state === TaskState::Waiting) {
            @unlink($task->file());
        }
    }

    private function sweep(): void
    {
        /** @var Collection<int, Task> $old */
        $old = Task::query()->where('created_at', '<', now()->subDays(self::KEPT_DAYS))->limit(100)->get();
        foreach ($old as $task) {
            @unlink($task->file());
            $task->delete();
        }
    }
}
