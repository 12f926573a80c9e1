<?php

declare(strict_types=1);

namespace Tests\Core\Image;

use Ikat\Core\Image\FoundObject;
use Ikat\Core\Image\ObjectFinder;
use PHPUnit\Framework\TestCase;

final class ObjectFinderTest extends TestCase
{
    private const OPAQUE = 0xFF000000;

    /** Share by which a side may be off: pictures are looked at in steps. */
    private const NEAR = 0.02;

    private static function isDisc(int $x, int $y, int $cx, int $cy, int $r): bool
    {
        return ($x - $cx) ** 2 + ($y - $cy) ** 2 <= $r * $r;
    }

    /** @param array{float, float, float, float} $box */
    private static function assertStandsAt(array $box, FoundObject $found): void
    {
        self::assertTrue($found->isFound);
        foreach (['left', 'top', 'right', 'bottom'] as $i => $side) {
            self::assertEqualsWithDelta($box[$i], $found->$side, self::NEAR, $side);
        }
    }

    public function testAThingOnNothingIsWhatIsOpaque(): void
    {
        $disc = static fn(int $x, int $y): int => self::isDisc($x, $y, 60, 50, 30) ? 0xFFCC3300 : 0;
        $found = ObjectFinder::find(new Painted(200, 100, $disc));
        self::assertSame(FoundObject::CLEAR, $found->ground);
        self::assertTrue($found->isCutOut());
        self::assertStandsAt([0.15, 0.2, 0.45, 0.8], $found);
    }

    public function testOfAFlatGroundAllElseIsTheThingEvenWhereItHasTheColorOfTheGround(): void
    {
        // A white ring on white: what is within it belongs to it.
        $found = ObjectFinder::find(new Painted(160, 160, static fn(int $x, int $y): int => self::OPAQUE | match (true) {
            self::isDisc($x, $y, 80, 90, 30) => 0xFFFFFF,
            self::isDisc($x, $y, 80, 90, 40) => 0x223355,
            default => 0xFDFEFC,
        }));
        self::assertSame(FoundObject::FLAT, $found->ground);
        self::assertStandsAt([0.25, 0.3125, 0.75, 0.8125], $found);
    }

    public function testInASceneTheThingIsFoundOverAGroundThatGetsLighter(): void
    {
        $found = ObjectFinder::find(new Painted(180, 150, static function (int $x, int $y): int {
            $light = 60 + intdiv($x, 3) + intdiv($y, 2);

            return self::OPAQUE | (self::isDisc($x, $y, 110, 60, 36) ? 0xF2C14E : $light << 16 | $light << 8 | min(255, $light + 30));
        }));
        self::assertSame([FoundObject::SCENE, null], [$found->ground, $found->color]);
        self::assertStandsAt([74 / 180, 24 / 150, 146 / 180, 96 / 150], $found);
    }

    public function testOfAChainAllLinksBelongToTheThing(): void
    {
        $found = ObjectFinder::find(new Painted(180, 90, static fn(int $x, int $y): int => self::OPAQUE | match (true) {
            self::isDisc($x, $y, 40, 45, 12), self::isDisc($x, $y, 90, 45, 12), self::isDisc($x, $y, 140, 45, 12) => 0xF7E3A1,
            default => 0x20 + intdiv($y, 3) << 16 | 0x2038,
        }));
        self::assertStandsAt([28 / 180, 33 / 90, 152 / 180, 57 / 90], $found);
    }

    public function testWhereNothingStandsOutThePictureIsTheThing(): void
    {
        foreach ([static fn(): int => 0xFF808080, static fn(): int => 0, static fn(int $x): int => self::OPAQUE | $x] as $argb) {
            $found = ObjectFinder::find(new Painted(90, 60, $argb));
            self::assertSame([false, 0.0, 0.0, 1.0, 1.0], [$found->isFound, $found->left, $found->top, $found->right, $found->bottom]);
        }
        self::assertFalse(ObjectFinder::find(new Painted(1, 1, static fn(): int => 0xFF000000))->isFound);
    }

    public function testWhatIsSaidByHandStandsAndSidesStayApart(): void
    {
        $found = FoundObject::whole(FoundObject::FLAT, '#ffffff')->corrected(0.4, 0.9, 0.3, 2.0);
        self::assertSame([0.4, 0.42, 0.9, 1.0], [$found->left, $found->right, $found->top, $found->bottom]);
        self::assertTrue($found->isByHand);
        self::assertEquals($found, FoundObject::fromArray($found->toArray()));
    }
}
