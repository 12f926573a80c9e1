<?php

declare(strict_types=1);

use App\Models\CurrentStore;
use App\Models\Look;
use App\Publishing\PublishLook;
// Publishes look 1 and kills itself at the Nth write: php publish-and-die.php N. Prints "published" when N never came.
use Illuminate\Support\Facades\DB;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
$left = (int) $argv[1];
$die = static function () use (&$left): void {
    if (--$left < 0) {
        posix_kill(posix_getpid(), SIGKILL);
    }
};

// Every statement the publish sends, begin and commit included, and every release file before and after it is in place.
DB::connection()->beforeExecuting(static fn() => $die());
DB::connection()->getEventDispatcher()->listen(
    [Illuminate\Database\Events\TransactionBeginning::class, Illuminate\Database\Events\TransactionCommitting::class],
    static fn() => $die(),
);
app()->bind(App\Looks\ReleaseFiles::class, static fn() => new class (
    public_path((string) config('ikat.files')),
    $die,
) extends App\Looks\ReleaseFiles {
    public function __construct(string $folder, private readonly Closure $die)
    {
        parent::__construct($folder);
    }

    protected function step(): void
    {
        ($this->die)();
    }
});
app(CurrentStore::class)->is(1);
app(PublishLook::class)(Look::query()->with('storefront')->findOrFail(1), 'The test', null);
echo 'published';
