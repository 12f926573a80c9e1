<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Picture;
use App\Pictures\PictureFiles;
use App\Tasks\LightenPictures;
use App\Tasks\Task;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use App\Tasks\TaskState;
use Illuminate\Support\Facades\Bus;

/** Pictures of products are encoded anew behind the pages. */
final class LightenTest extends AppTestCase
{
    private static function picture(string $name): Picture
    {
        return Picture::query()->where('name', $name)->firstOrFail();
    }

    public function testPicturesBecomeLighterAndKeepTheirEarlierFiles(): void
    {
        Bus::fake();
        $files = app(PictureFiles::class);
        $moth = self::picture('moth-paper-globe');
        self::assertTrue(PictureFiles::canBeLighter($moth));
        $was = $files->bytes($moth);
        $moth->update(['thing' => '10 20 80 90']);
        $task = app(Tasks::class)->lighten([$moth->id]);
        self::assertSame($task->id, app(Tasks::class)->lighten([$moth->id])->id, 'one goes on at a time');
        Bus::assertDispatchedTimes(LightenPictures::class, 1);

        $this->app->call([new LightenPictures($task->id, [$moth->id]), 'handle']);
        $moth->refresh();
        self::assertSame([TaskState::Done, 1, 1], [$task->refresh()->state, $task->done, $task->total]);
        self::assertStringContainsString('1 picture is lighter', $task->words);
        self::assertFalse(PictureFiles::canBeLighter($moth));
        self::assertSame('10 20 80 90', $moth->thing, 'it is the same picture');
        self::assertSame(array_keys($was), array_keys($files->bytes($moth)));
        self::assertLessThan(array_sum($was), array_sum($files->bytes($moth)));
        self::assertSame([], app(Tasks::class)->underWay(TaskKind::Lighten)->all());
    }

    public function testWhatIsCalledOffEndsAtItsNextStepAndKeepsWhatIsDone(): void
    {
        Bus::fake();
        $task = app(Tasks::class)->lighten([1, 2]);
        app(Tasks::class)->cancel($task);
        $this->app->call([new LightenPictures($task->id, [1, 2]), 'handle']);
        self::assertSame([TaskState::Cancelled, 0, 'Called off.'], [$task->refresh()->state, $task->done, $task->words]);
        self::assertSame('Called off.', app(Tasks::class)->lastWords(TaskKind::Lighten));
        self::assertNull(app(Tasks::class)->lastWords(TaskKind::Take));
    }

    public function testAViewerBeginsNothing(): void
    {
        $this->actingAs($this->person('ines'))->post("/workbench/looks/{$this->look()->id}/products/lighten")->assertForbidden();
        self::assertSame(0, Task::query()->count());
    }

    public function testWhatAPhoneLoadsIsMeasuredByEncoding(): void
    {
        $files = app(PictureFiles::class);
        $heavy = Picture::query()->where('width', '>=', 2000)->where('base', 'like', '/pictures/%')->firstOrFail();
        ['now' => $now, 'then' => $then] = $files->lighter($heavy);
        self::assertGreaterThan(1_000_000, $now);
        self::assertLessThan(60_000, $then);
        self::assertSame($now, $files->bytes($heavy)[$heavy->widths[0]]);
    }
}
