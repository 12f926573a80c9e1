<?php

declare(strict_types=1);

namespace Tests\Core\Setting;

use Ikat\Core\Setting\SettingPath;
use PHPUnit\Framework\TestCase;

final class SettingPathTest extends TestCase
{
    public function testASettingOfOneDeviceSaysWhich(): void
    {
        self::assertSame('phone', SettingPath::of('grid.columns.phone')->device());
        self::assertSame('tablet', SettingPath::of('header.logo.size.tablet')->device());
        self::assertNull(SettingPath::of('header.logo.size')->device());
        self::assertNull(SettingPath::of('utility.phone.text')->device(), 'a telephone is no device');
    }
}
