<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use Ikat\Core\Grid\CardStand;
use Ikat\Core\Grid\PictureSizes;
use Ikat\Core\Grid\ShelfArranger;
use Ikat\Core\Grid\ShelfLook;
use Ikat\Core\Grid\ShelfSolver;
use PHPUnit\Framework\TestCase;

/** Widths by hand; against Chromium: ShelvesInChromiumTest. */
final class CardStandTest extends TestCase
{
    private const BESIDE = ['card.stand' => 'beside', 'grid.arrange' => 'tiles'];

    public function testWordsStandBesideThePictureWhereThereIsRoom(): void
    {
        $stand = CardStand::ofValues(self::BESIDE);
        // 42 of 100, and 14 px between.
        self::assertSame([true, 126.0, 160.0], [$stand->splits(300), $stand->picture(300), $stand->words(300)]);
        self::assertSame([false, 239.0, 239.0], [$stand->splits(239), $stand->picture(239), $stand->words(239)]);
        self::assertSame([108.0, 90.0, 198.0], [$stand->tall(300, 108, 90), $stand->tall(300, 60, 90), $stand->tall(200, 108, 82)]);
    }

    public function testPicturesInRowsAndColumnsAreAsWideAsTheirCards(): void
    {
        self::assertFalse(CardStand::ofValues([...self::BESIDE, 'grid.arrange' => 'rows'])->splits(300));
        self::assertFalse(CardStand::ofValues([...self::BESIDE, 'grid.arrange' => 'columns'])->splits(300));
        self::assertFalse(CardStand::ofValues([])->splits(300), 'a look of an earlier Ikat');
        $look = ShelfLook::ofValues(self::BESIDE);
        self::assertTrue($look->with(count: 9)->stand->splits(300));
        self::assertFalse($look->with(arrange: 'rows')->stand->splits(300), 'tried another way');
    }

    public function testSizesSayHowWideAPictureIsBesideItsWords(): void
    {
        $look = self::look();
        $sizes = new PictureSizes(new ShelfSolver($look));
        // 390 less 34.32 at the sides; a third of 1168 without two gaps.
        self::assertEqualsWithDelta(0.42 * 355.68, $sizes->at(390), 0.01);
        self::assertEqualsWithDelta(0.42 * (1168 - 48) / 3, $sizes->at(1400), 0.1);
        self::assertStringContainsString('vw', $sizes->attribute());
    }

    public function testACardIsAsTallAsTheTallerOfBoth(): void
    {
        $form = (new ShelfSolver(self::look()))->at(1400);
        $pictures = [];
        (new ShelfArranger($form, static function (int $n, float $width, float $picture) use (&$pictures): array {
            $pictures[] = $picture;

            return [100.0, 1];
        }, 2.0, 0.0))->place([1.0, 1.0]);
        self::assertEqualsWithDelta(0.42 * $form->card / 2, $pictures[0], 1e-9);
    }

    private static function look(): ShelfLook
    {
        $columns = ['phone' => 1, 'tablet' => 2, 'desktop' => 3];

        return new ShelfLook($columns, 24, 1168, 0, 24, 'leave', stand: CardStand::ofValues(self::BESIDE));
    }
}
