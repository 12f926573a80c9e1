<?php

declare(strict_types=1);

namespace Tests\Core\Contrast;

use Ikat\Core\Contrast\CoverCrop;
use Ikat\Core\Contrast\HeaderOnPicture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Worked by hand from "object-fit: cover" and "object-position" (CSS Images 3, 5.5). */
final class CoverCropTest extends TestCase
{
    /**
     * @param list<float> $crop
     * @param list<float> $box
     * @param ?list<float> $shares left, top, right, bottom
     */
    #[DataProvider('crops')]
    public function testABoxOfTheFrameLiesOverItsPartOfThePicture(array $crop, array $box, ?array $shares): void
    {
        $under = (new CoverCrop(...$crop))->under(...$box);
        self::assertEqualsWithDelta($shares, $under === null ? null : array_values($under), 1e-9);
    }

    public function testWhereNobodyCanMeasureItsWordsAHeaderMayLieOverTheUpperFifth(): void
    {
        $places = HeaderOnPicture::places(null, true, 500.0, [1600, 900, 50, 50], [10, 10]);
        self::assertSame(range(0, 19), array_keys($places));
    }

    /** @return iterable<string, array{list<float>, list<float>, ?list<float>}> */
    public static function crops(): iterable
    {
        yield 'as wide and as high' => [[1000, 500, 1000, 500, 50, 50], [100, 50, 200, 100], [0.1, 0.1, 0.3, 0.3]];
        // 1000 x 500 in 500 x 500: it is shown as large as it is, and 250 px are cut off on either side.
        yield 'cut at the sides' => [[1000, 500, 500, 500, 50, 50], [0, 0, 500, 50], [0.25, 0.0, 0.75, 0.1]];
        yield 'kept in sight at the left' => [[1000, 500, 500, 500, 0, 50], [0, 0, 500, 50], [0.0, 0.0, 0.5, 0.1]];
        yield 'and at the right' => [[1000, 500, 500, 500, 100, 50], [0, 0, 500, 50], [0.5, 0.0, 1.0, 0.1]];
        // 1000 x 500 in 2000 x 500: twice as large, and 250 px of 1000 are cut off above and below.
        yield 'cut above and below' => [[1000, 500, 2000, 500, 50, 50], [0, 0, 2000, 100], [0.0, 0.25, 1.0, 0.35]];
        yield 'partly outside' => [[1000, 500, 1000, 500, 50, 50], [-100, 0, 200, 50], [0.0, 0.0, 0.1, 0.1]];
        yield 'outside' => [[1000, 500, 1000, 500, 50, 50], [-300, 0, 200, 50], null];
    }
}
