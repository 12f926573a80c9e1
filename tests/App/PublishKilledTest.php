<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Looks\EditLook;
use App\Models\CurrentStore;
use App\Models\Look;
use App\Models\Release;
use App\Models\Storefront;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;

/** Kills a publishing process at every one of its writes: the live shop stays as it was, and the next publish works. */
final class PublishKilledTest extends TestCase
{
    public function createApplication()
    {
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    public function testTheLiveShopSurvivesEveryKill(): void
    {
        app(CurrentStore::class)->is(1);
        $look = Look::query()->findOrFail(1);
        $live = Storefront::query()->where('slug', 'wrenfold')->firstOrFail()->live_release_id;
        // A color no release has worn yet, so that there is a file to write.
        $color = sprintf('#9c3a%02x', $look->head % 256);
        app(EditLook::class)($look, ['brand.warm' => $color], $look->head, new Author('The test'));
        $used = Release::query()->pluck('look_css')->all();
        $before = Release::query()->where('author', 'The test')->count();
        $kills = 0;
        for ($n = 0; $n < 80; $n++) {
            // A file left by the last kill would spare this run its writes.
            array_map(
                unlink(...),
                array_filter(
                    glob(public_path(config('ikat.files').'/look-*')) ?: [],
                    static fn(string $f): bool => ! in_array(basename($f), $used, true),
                ),
            );
            $said = (string) shell_exec(PHP_BINARY.' '.escapeshellarg(__DIR__.'/publish-and-die.php').' '.$n.' 2>/dev/null');
            $storefront = Storefront::query()->where('slug', 'wrenfold')->firstOrFail();
            if ($said === 'published') {
                break;
            }
            $kills++;
            self::assertSame($live, $storefront->live_release_id, "killed at write $n");
            $release = Release::query()->findOrFail($live);
            foreach ([$release->theme_css, $release->look_css] as $file) {
                self::assertFileExists(public_path(config('ikat.files')."/$file"));
            }
        }
        self::assertGreaterThan(12, $kills, 'there were writes to be killed at');
        self::assertSame('published', $said);
        self::assertNotSame($live, $storefront->live_release_id);
        self::assertSame($color, $storefront->liveRelease->resolved['brand.warm']);
        self::assertSame(
            $before + 1,
            Release::query()->where('storefront_id', $storefront->id)->where('author', 'The test')->count(),
            'the killed ones left no half release',
        );
        // Whatever lies in the folder under a release's name is whole.
        foreach (glob(public_path(config('ikat.files').'/look-*.css')) ?: [] as $file) {
            self::assertSame(basename($file), 'look-'.substr(hash_file('sha256', $file), 0, 20).'.css');
        }
        DB::table('storefronts')->where('id', $storefront->id)->update(['live_release_id' => $live]);
    }
}
