<?php

declare(strict_types=1);

namespace App\Storeroom;

use App\Looks\Author;
use App\Models\CurrentStore;
use App\Models\Store;
use App\Models\User;
use Ikat\Core\Store\RefusedChange;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks a large file through, or takes it in, behind the pages. */
final class HandleStoreFile implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 900;

    public function __construct(private readonly int $file) {}

    public function handle(TakeIn $take, CurrentStore $current): void
    {
        $file = StoreFile::query()->withoutGlobalScope('store')->find($this->file);
        if ($file === null || ! $file->state->isUnderWay()) {
            return;
        }
        $current->is($file->store_id);
        self::run($take, $file, Store::query()->findOrFail($file->store_id));
    }

    /** Looks it through or takes it in, as its state says, and tells how that ended. */
    public static function run(TakeIn $take, StoreFile $file, Store $store): void
    {
        $isTaking = $file->state === StoreFileState::Taking;
        try {
            if ($isTaking) {
                $user = User::query()->find($file->user_id);
                $take->take($file, $store, $user === null ? new Author('Ikat') : Author::of($user));
            } else {
                $take->look($file, $store);
            }
        } catch (CalledOff) {
            $file->update($isTaking
                ? ['state' => StoreFileState::Ready, 'words' => 'Called off. Nothing was written.']
                : ['state' => StoreFileState::Failed, 'words' => 'Called off. Nothing was written.']);
        } catch (RefusedChange $e) {
            $state = $file->outlook === null ? StoreFileState::Failed : StoreFileState::Ready;
            $file->update(['state' => $state, 'words' => $e->getMessage()]);
        }
    }

    /** Whatever else ends it, a limit of time included. */
    public function failed(?\Throwable $e): void
    {
        StoreFile::query()->withoutGlobalScope('store')->whereKey($this->file)->update([
            'state' => StoreFileState::Failed->value,
            'words' => 'It could not be gone through to its end. Nothing was written. Split it and try again.',
        ]);
    }
}
