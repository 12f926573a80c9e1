<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Grid\PictureSizes;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Image\SrcsetChoice;
use PHPUnit\Framework\TestCase;

final class PictureSizesTest extends TestCase
{
    /** What is written says on every screen what was reckoned there, in 40 shelves. */
    public function testWhatIsWrittenIsWhatWasReckoned(): void
    {
        mt_srand(15);
        for ($i = 0; $i < 40; $i++) {
            $sizes = new PictureSizes(new ShelfSolver(new ShelfLook(
                ['phone' => mt_rand(1, 3), 'tablet' => mt_rand(2, 4), 'desktop' => mt_rand(2, 6)],
                2 * mt_rand(2, 32),
                10 * mt_rand(90, 160),
                8 * mt_rand(0, 3),
                24,
                ['leave', 'more'][$i % 2],
                mt_rand(50, 200) / 100,
                array_keys(ShelfLook::ARRANGED)[$i % 3],
            )));
            $own = $i % 3 === 1 ? mt_rand(50, 200) / 100 : null;
            $written = $sizes->attribute($own);
            for ($screen = 320; $screen <= 2560; $screen += 7) {
                self::assertEqualsWithDelta($sizes->at($screen, $own), self::read($written, $screen), 1.5, "$screen px: $written");
            }
        }
    }

    /** What a list of sizes says on a screen. Source: HTML, 4.8.4.2.2. */
    private static function read(string $sizes, int $screen): float
    {
        foreach (explode(', ', $sizes) as $size) {
            preg_match('/^(?:\(max-width: (\d+)px\) )?(?:calc\((-?[\d.]+)vw ([+-]) ([\d.]+)px\)|([\d.]+)px)$/', $size, $m);
            self::assertNotEmpty($m, $size);
            if ($m[1] === '' || $screen <= (int) $m[1]) {
                return isset($m[5]) ? (float) $m[5] : $screen * (float) $m[2] / 100 + ($m[3] === '+' ? 1 : -1) * (float) $m[4];
            }
        }
        self::fail("Nothing is said of $screen px.");
    }

    public function testTheLeastFileThatIsDenseEnoughIsLoaded(): void
    {
        $files = [320, 640, 960];
        self::assertSame(320, SrcsetChoice::of($files, 300, 1));
        self::assertSame(640, SrcsetChoice::of($files, 321, 1));
        self::assertSame([320, 640], [SrcsetChoice::of($files, 160, 2), SrcsetChoice::of($files, 171, 2)]);
        self::assertSame(640, SrcsetChoice::of($files, 240, 2));
        self::assertSame(960, SrcsetChoice::of($files, 2000, 2));
        self::assertSame(500, SrcsetChoice::of([500], 20, 1));
    }
}
