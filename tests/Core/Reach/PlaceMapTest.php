<?php

declare(strict_types=1);

namespace Tests\Core\Reach;

use Ikat\Core\Reach\PlaceMap;
use PHPUnit\Framework\TestCase;

/** Places are kept as text and read when they are asked for; what is read is what was kept. */
final class PlaceMapTest extends TestCase
{
    private const PLACES = [
        '--brand-main' => ['home' => [0, 7, 4], 'cart-refused' => [12]],
        'every page' => ['home' => [1]],
    ];

    public function testWhatIsKeptIsRead(): void
    {
        $kept = unserialize(serialize(new PlaceMap(self::PLACES)));
        self::assertInstanceOf(PlaceMap::class, $kept);
        self::assertSame(['home' => [0, 7, 4], 'cart-refused' => [12]], $kept->of('--brand-main'));
        self::assertSame(self::PLACES, unserialize(serialize(new PlaceMap(self::PLACES)))->all());
        self::assertSame(serialize(new PlaceMap(self::PLACES)), serialize($kept), 'and is kept again as it was');
    }

    public function testWhatIsNotThereIsInNoPlace(): void
    {
        foreach ([new PlaceMap(self::PLACES), unserialize(serialize(new PlaceMap(self::PLACES)))] as $map) {
            self::assertSame([], $map->of('--brand-none'));
            self::assertFalse($map->has('--brand-none'));
            self::assertTrue($map->has('every page'));
            self::assertEqualsCanonicalizing(array_keys(self::PLACES), array_keys($map->all()));
        }
    }
}
