<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Ikat\Core\Color\SeenDifference;
use PHPUnit\Framework\TestCase;

final class SeenDifferenceTest extends TestCase
{
    public function testADifferenceIsSaidInWords(): void
    {
        self::assertSame('hardly seen', SeenDifference::inWords(0.0));
        self::assertSame('hardly seen', SeenDifference::inWords(2.29));
        self::assertSame('seen side by side', SeenDifference::inWords(2.3));
        self::assertSame('clearly different', SeenDifference::inWords(17.5));
    }
}
