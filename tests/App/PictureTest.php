<?php

declare(strict_types=1);

namespace Tests\App;

use App\Looks\Author;
use App\Looks\EditLook;
use App\Models\Picture;
use App\Pictures\Originals;
use App\Pictures\PictureIntake;
use App\Publishing\PublishLook;
use App\Tasks\TakePicture;
use App\Tasks\Task;
use App\Tasks\TaskState;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** One library for all uploads. */
final class PictureTest extends AppTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/ikat-pictures-'.bin2hex(random_bytes(4));
        $this->app->instance(
            PictureIntake::class,
            new PictureIntake($this->folder, '/library', new Originals("$this->folder/originals", $this->folder)),
        );
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*/*") ?: []);
        parent::tearDown();
    }

    private static function file(string $name, string $bytes): UploadedFile
    {
        $path = tempnam(sys_get_temp_dir(), 'up');
        file_put_contents($path, $bytes);

        return new UploadedFile($path, $name, null, null, true);
    }

    private static function png(int $width, int $height, int $red = 40): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagefilledrectangle($image, 0, 0, $width, $height, imagecolorallocate($image, $red, 60, 120));
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** @param array<string, mixed> $fields */
    private function library(string $rest, array $fields, string $who = 'tobias'): TestResponse
    {
        return $this->actingAs($this->person($who))->post(
            "/workbench/looks/{$this->look()->id}/pictures$rest",
            $fields,
            ['HX-Request' => 'true'],
        );
    }

    /** @param array<string, mixed> $fields */
    private function storeroom(string $rest, array $fields): TestResponse
    {
        return $this->actingAs($this->person('tobias'))->post(
            "/workbench/looks/{$this->look()->id}/storeroom$rest",
            $fields,
            ['HX-Request' => 'true'],
        );
    }

    private function upload(string $name = 'Harbor at Dawn.png', int $width = 1400, int $height = 700): Picture
    {
        $this->library('', ['file' => self::file($name, self::png($width, $height)), 'alt' => 'The harbor at dawn'])->assertOk();

        return Picture::query()->latest('id')->firstOrFail();
    }

    public function testAnUploadIsEncodedAnewInSizesForEachDevice(): void
    {
        $picture = $this->upload();
        self::assertSame(
            ['harbor-at-dawn', 'The harbor at dawn', 1400, 700],
            [$picture->name, $picture->alt, $picture->width, $picture->height],
        );
        self::assertSame([320, 640, 960, 1280, 1400], $picture->widths);
        self::assertSame(['avif'], $picture->formats);
        foreach ($picture->widths as $width) {
            foreach (['webp', 'avif'] as $format) {
                $size = getimagesize($this->folder.substr($picture->base, strlen('/library'))."-$width.$format");
                self::assertSame([$width, intdiv($width, 2)], [$size[0], $size[1]], "$width $format");
            }
        }
        self::assertSame('harbor-at-dawn-2', $this->upload()->name, 'a second one of the same name does not overwrite it');
    }

    public function testItShowsInTheShopWithItsSizesAndItsWords(): void
    {
        $picture = $this->upload();
        foreach (['alt' => 'Harbor, early', 'focus_x' => '20', 'focus_y' => '80'] as $column => $value) {
            $this->storeroom(
                '/cells',
                ['open_kind' => 'pictures', 'record' => $picture->id, 'column' => $column, 'value' => $value],
            )->assertOk();
        }
        $this->edit(['path' => 'band.words-1.picture', 'value' => $picture->name])->assertOk();
        $page = (string) $this->get("/preview/{$this->look()->id}/now".self::SHOP.'/')->getContent();
        self::assertStringContainsString('<source type="image/avif"', $page);
        self::assertMatchesRegularExpression(
            '/<img\s[^>]*class="fx-20 fy-80"[^>]* src="[^"]+-1400.webp" srcset="[^"]+-320.webp 320w, [^"]+" sizes="[^"]+"\s+alt="Harbor, '
                .'early" width="1400" height="700"\\s+loading="lazy"/',
            $page,
        );
    }

    public function testReplacingShowsEverywhereAtOnceButNeverInARelease(): void
    {
        $picture = $this->upload();
        $look = $this->look();
        app(EditLook::class)(
            $look,
            ['band.words-1.picture' => $picture->name, 'block.about-1.show' => true],
            $look->head,
            new Author('Maren'),
        );
        app(PublishLook::class)($this->look(), 'Maren', null);
        $old = $picture->base;
        $this->storeroom("/pictures/$picture->id/file", [
            'open_kind' => 'pictures', 'open_record' => $picture->id, 'file' => self::file('other.png', self::png(800, 800, 200)),
        ])->assertOk()->assertSee('Bring the earlier file back');
        $picture->refresh();
        self::assertNotSame($old, $picture->base);
        $preview = "/preview/{$this->look()->id}/now".self::SHOP.'/';
        $this->get($preview)->assertSee("$picture->base-800.webp", false);
        $this->get(self::SHOP.'/')->assertSee("$old-1400.webp", false)->assertDontSee($picture->base, false);
        $this->storeroom("/pictures/$picture->id/back", [])->assertOk();
        $this->get($preview)->assertSee("$old-1400.webp", false);
        $this->storeroom("/pictures/$picture->id/back", [])->assertOk();
        $this->get($preview)->assertSee("$picture->base-800.webp", false);
    }

    #[DataProvider('unusable')]
    public function testWhatIsNoPictureIsRefusedInWords(string $name, string $bytes, string $words): void
    {
        $count = Picture::query()->count();
        $this->library('', ['file' => self::file($name, $bytes), 'alt' => 'x'])->assertStatus(422)->assertSee($words);
        self::assertSame($count, Picture::query()->count());
        self::assertSame([], glob("$this->folder/*/*") ?: [], 'nothing was written');
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function unusable(): iterable
    {
        yield 'a script named as a picture' => ['evil.png', '<?php system($_GET["c"]);', 'not a picture Ikat can use'];
        yield 'SVG' => ['logo.svg', '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>', 'nothing of it can be used'];
        yield 'half a file' => ['half.jpg', substr(self::png(300, 300), 0, 60), 'is broken'];
        // A header that claims 30,000 by 30,000 pixels: refused before anything is unfolded.
        yield 'a bomb' => [
            'bomb.png',
            "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 30000, 30000, 8, 2, 0, 0, 0).pack(
                'N',
                crc32('IHDR'.pack('NNCCCCC', 30000, 30000, 8, 2, 0, 0, 0)),
            ),
            '30000 by 30000',
        ];
    }

    public function testWordsAreAskedForAndRolesAreKept(): void
    {
        $file = static fn(): UploadedFile => self::file('a.png', self::png(10, 10));
        $this->library('', ['file' => $file(), 'alt' => ''])->assertStatus(422)->assertSee('what the picture shows');
        $this->library('', ['alt' => 'x'])->assertStatus(422)->assertSee('Choose a file first');
        $this->library('', ['file' => $file(), 'alt' => 'x'], 'ines')->assertForbidden();
    }

    public function testAPictureOfAnotherStoreIsNotThere(): void
    {
        $other = \App\Models\Store::query()->create(['name' => 'Other', 'time_zone' => 'UTC', 'currency' => 'EUR']);
        $id = \Illuminate\Support\Facades\DB::table('pictures')->insertGetId([
            'store_id' => $other->id, 'name' => 'theirs', 'alt' => 'Theirs', 'width' => 1, 'height' => 1, 'widths' => '[1]', 'bytes' => 1,
            'base' => '/x',
        ]);
        $this->storeroom("/pictures/$id/file", ['file' => self::file('a.png', self::png(40, 40))])->assertNotFound();
        $this->storeroom(
            '/cells',
            ['open_kind' => 'pictures', 'record' => $id, 'column' => 'alt', 'value' => 'Mine now'],
        )->assertStatus(422);
        $this->actingAs($this->person('maren'))
            ->get("/workbench/looks/{$this->look()->id}/pictures?open=$id")
            ->assertOk()
            ->assertDontSee('Theirs');
    }

    /** A camera's note which way up a picture was taken: Exif 2.32, tag 0x0112, value 6 is a quarter turn. */
    public function testAPictureTakenOnItsSideStandsUpright(): void
    {
        $image = imagecreatetruecolor(400, 200);
        imagefilledrectangle($image, 0, 0, 199, 199, imagecolorallocate($image, 250, 30, 30));
        ob_start();
        imagejpeg($image, null, 95);
        $jpeg = (string) ob_get_clean();
        $exif = "Exif\0\0II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, 6, 0).pack('V', 0);
        $turned = substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
        $this->library('', ['file' => self::file('side.jpg', $turned), 'alt' => 'On its side'])->assertOk();
        $picture = Picture::query()->latest('id')->firstOrFail();
        self::assertSame([200, 400], [$picture->width, $picture->height]);
        $shown = imagecreatefromwebp($this->folder.substr($picture->base, strlen('/library')).'-200.webp');
        self::assertGreaterThan(200, imagecolorsforindex($shown, imagecolorat($shown, 100, 50))['red'], 'the red left half is on top');
        self::assertLessThan(60, imagecolorsforindex($shown, imagecolorat($shown, 100, 350))['red']);
    }

    public function testWhatTheFileCarriedBesidesThePictureIsGone(): void
    {
        $png = self::png(40, 30);
        $note = 'tEXtComment'."\0".'taken at 44.1 N, 70.2 W';
        $chunk = pack('N', strlen($note) - 4).$note.pack('N', crc32($note));
        $this->library('', ['file' => self::file('note.png', substr($png, 0, 33).$chunk.substr($png, 33)), 'alt' => 'Noted'])->assertOk();
        foreach (glob("$this->folder/*/*") ?: [] as $file) {
            self::assertStringNotContainsString('44.1 N', (string) file_get_contents($file));
        }
    }

    public function testAVeryLargePictureIsTakenInBehindThePages(): void
    {
        $this->library('', ['file' => self::file('Wide.png', self::png(5000, 3400)), 'alt' => 'A wide view'])->assertOk();
        $task = Task::query()->latest('id')->firstOrFail();
        self::assertSame([TaskState::Done, 6, 6], [$task->state, $task->done, $task->total]);
        $picture = Picture::query()->findOrFail($task->picture_id);
        self::assertSame(
            ['wide', 'A wide view', [320, 640, 960, 1280, 1920], 1305],
            [$picture->name, $picture->alt, $picture->widths, $picture->height],
        );
        self::assertFileDoesNotExist($task->file());
        $this->actingAs($this->person('tobias'))
            ->get("/workbench/looks/{$this->look()->id}/tasks/$task->id")
            ->assertOk()
            ->assertSee('is in the library');
    }

    public function testHeavyWorkCanBeCalledOff(): void
    {
        config(['queue.default' => 'database']);
        $this->library(
            '',
            ['file' => self::file('Wide.png', self::png(5000, 3400)), 'alt' => 'A wide view'],
        )->assertOk()->assertSee('Call it off');
        $task = Task::query()->latest('id')->firstOrFail();
        $before = Picture::query()->count();
        $this->actingAs($this->person('ines'))->post("/workbench/looks/{$this->look()->id}/tasks/$task->id/cancel")->assertForbidden();
        $this->actingAs($this->person('tobias'))
            ->post("/workbench/looks/{$this->look()->id}/tasks/$task->id/cancel")
            ->assertOk()
            ->assertSee('Called off');
        self::assertFileDoesNotExist($task->file());
        $this->app->call([new TakePicture($task->id), 'handle']);
        self::assertSame([$before, TaskState::Cancelled], [Picture::query()->count(), $task->refresh()->state]);
    }

    public function testWorkThatRunsEndsAtItsNextStepWhenItIsCalledOff(): void
    {
        $task = Task::query()->create(['title' => 'a.png', 'alt' => 'A', 'state' => TaskState::Waiting]);
        @mkdir(dirname($task->file()), 0o700, true);
        file_put_contents($task->file(), self::png(700, 400));
        $steps = 0;
        Task::query()->getConnection()->listen(static function ($query) use (&$steps, $task): void {
            if (str_starts_with($query->sql, 'update `tasks` set `done`') && ++$steps === 2) {
                Task::query()->whereKey($task->id)->update(['state' => TaskState::Cancelled]);
            }
        });
        $before = Picture::query()->count();
        $this->app->call([new TakePicture($task->id), 'handle']);
        self::assertSame(
            [$before, TaskState::Cancelled, 3],
            [Picture::query()->count(), $task->refresh()->state, $steps],
            'the third step finds it called off',
        );
    }
}
