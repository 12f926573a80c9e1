<?php

declare(strict_types=1);

namespace Tests\Core\Type;

use Ikat\Core\Type\LineLength;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Against Chromium: tests/Browser/type.test.mjs. 45 to 75 characters: common practice, no source. */
final class LineLengthTest extends TestCase
{
    public function testAPageKeepsItsEdgesFree(): void
    {
        // clamp(16px, 4.4vw, 56px) at either side.
        self::assertSame([288.0, 355.68, 1168.0], array_map(
            static fn(float $screen): float => round(LineLength::frame($screen), 2),
            [320.0, 390.0, 1280.0],
        ));
        self::assertSame(1000.0, LineLength::frame(1800, 1000));
    }

    public function testALineHoldsWhatItsColumnHasRoomFor(): void
    {
        // Karla: 457 thousandths of the em a character.
        $length = LineLength::of(Fixtures::look(['type.measure' => 33.0]));
        self::assertSame([355.68, 528.0], [round($length->column(390), 2), $length->column(1280)]);
        self::assertEqualsWithDelta(355.68 / 16 / 0.457, $length->characters(390), 0.1);
        self::assertEqualsWithDelta(33 / 0.457, $length->characters(1280), 0.1);
        $spaced = LineLength::of(Fixtures::look(['type.body.spacing' => 0.1]));
        self::assertEqualsWithDelta(33 / 0.557, $spaced->characters(1280), 0.1, 'space between letters counts');
    }

    public function testTheWayBackLeadsToTheSameNumber(): void
    {
        foreach (['karla', 'eb-garamond', 'jetbrains-mono'] as $family) {
            $own = ['type.body.family' => $family];
            foreach ([45.0, 60.0, 75.0] as $characters) {
                $measure = LineLength::of(Fixtures::look($own))->measureOf($characters);
                if ($measure >= 20 && $measure <= 60) {
                    $wide = LineLength::of(Fixtures::look([...$own, 'type.measure' => $measure]));
                    self::assertEqualsWithDelta($characters, $wide->characters(1280), 1e-9);
                }
            }
            $size = LineLength::of(Fixtures::look($own))->sizeOf(45, 390);
            if ($size >= 14 && $size <= 20) {
                self::assertEqualsWithDelta(45, LineLength::of(Fixtures::look([...$own, 'type.base' => $size]))->characters(390), 1e-9);
            }
        }
    }
}
