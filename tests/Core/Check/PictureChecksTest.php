<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\FrameCuts;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\SettingFinding;
use Ikat\Core\Grid\CardPicture;
use Ikat\Core\Grid\CardPictures;
use Ikat\Core\Grid\FramedPicture;
use Ikat\Core\Grid\LabelFacts;
use Ikat\Core\Image\FoundObject;
use Ikat\Core\Store\Price;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class PictureChecksTest extends TestCase
{
    /**
     * @param array<string, float|string|bool> $own
     *
     * @return list<SettingFinding>
     */
    private static function found(array $own): array
    {
        $labels = new LabelFacts(null, new Price(100), new \DateTimeImmutable('2020-01-01'), null, new \DateTimeImmutable('2026-12-01'));
        $inspection = (new Inspection(Fixtures::look($own), Fixtures::theme()))->with(new CardPictures([
            new CardPicture(1, 'Heron', '', 800, 800, new FramedPicture(1.0, new FoundObject(0.3, 0.3, 0.7, 0.7)), $labels),
            new CardPicture(2, 'Column', '', 400, 800, new FramedPicture(0.5, new FoundObject(0.1, 0.0, 0.9, 1.0)), $labels),
        ]));

        return iterator_to_array((new FrameCuts())->run($inspection), false);
    }

    public function testAFrameThatCutsIntoThingsIsToldWithTheOneThatLosesMost(): void
    {
        [$found] = self::found(['card.proportion' => 1.0]);
        self::assertSame(
            'The frame cuts into the thing on 1 picture, “Column” most: 50% of it is lost',
            $found->inWords(new Inspection(Fixtures::look(), Fixtures::theme())),
        );
        self::assertSame(['card.fit' => 'contain'], $found->fix);
        self::assertSame([], self::found(['card.proportion' => 0.5]), 'what is lost of the other is ground');
    }

    public function testWhereNothingIsCutOffNothingIsTold(): void
    {
        self::assertSame([], self::found(['card.proportion' => 1.0, 'card.fit' => 'contain']));
        self::assertSame([], self::found(['card.proportion' => 1.0, 'grid.arrange' => 'rows']));
    }
}
