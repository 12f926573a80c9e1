<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Models\CurrentStore;
use App\Models\Picture;
use App\Pictures\KeepPicture;
use App\Pictures\Originals;
use App\Pictures\PictureFiles;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Encodes pictures of products anew, one after the other; what is done when it is called off stays done. */
final class LightenPictures implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 600;

    /** @param list<int> $pictures ids */
    public function __construct(private readonly int $task, private readonly array $pictures) {}

    public function handle(KeepPicture $keep, Originals $originals, PictureFiles $files, CurrentStore $store): void
    {
        $run = TaskRun::begin($this->task);
        if ($run === null) {
            return;
        }
        $store->is($run->task()->store_id);
        $done = $before = $after = 0;
        $state = TaskState::Done;
        try {
            foreach ($this->pictures as $id) {
                $run->step(count($this->pictures));
                $picture = Picture::query()->find($id);
                if ($picture !== null && PictureFiles::canBeLighter($picture)) {
                    $was = array_sum($files->bytes($picture));
                    if ($keep->encodeAnew($picture, $originals)) {
                        [$done, $before, $after] = [$done + 1, $before + $was, $after + array_sum($files->bytes($picture))];
                    }
                }
            }
        } catch (TaskCancelled) {
            $state = TaskState::Cancelled;
        }
        $run->end($state, sprintf(
            '%s%s lighter: %s kB instead of %s. Each has its earlier file still.',
            $state === TaskState::Cancelled ? 'Called off. ' : '',
            $done === 1 ? '1 picture is' : "$done pictures are",
            number_format($after / 1000),
            number_format($before / 1000),
        ));
    }

    /** Whatever else ends it, a limit of time included. */
    public function failed(?\Throwable $e): void
    {
        TaskRun::fail($this->task, '“%s” was not done to the end. What is done stays; try again for the others.');
    }
}
