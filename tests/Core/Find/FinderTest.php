<?php

declare(strict_types=1);

namespace Tests\Core\Find;

use Ikat\Core\Find\Entry;
use Ikat\Core\Find\Finder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FinderTest extends TestCase
{
    #[DataProvider('questions')]
    public function testFinds(string $asked, ?string $first): void
    {
        $entries = [
            new Entry('setting', 'Announcement', '#1', 'message top bar'),
            new Entry('setting', 'Announcement letters', '#2', 'font size'),
            new Entry('setting', 'Logo size', '#3', 'height big'),
            new Entry('setting', 'Daylight: action', '#4', 'button buy'),
            new Entry('page', 'Checkout', 'page:checkout', 'paying'),
        ];
        self::assertSame($first, (Finder::find($asked, $entries)[0] ?? null)?->target);
    }

    /** @return iterable<array{string, ?string}> */
    public static function questions(): iterable
    {
        yield ['announcement', '#1'];
        yield ['annoucement', '#1'];
        yield ['announcment letters', '#2'];
        yield ['size logo', '#3'];
        yield ['button', '#4'];
        yield ['buton', '#4'];
        yield ['check', 'page:checkout'];
        yield ['anouncement lettres', '#2'];
        yield ['lgoo size', '#3'];
        yield ['make the logo bigger', '#3'];
        yield ['where is the logo', '#3'];
        yield ['the', null];
        yield ['zebra', null];
        yield ['logo zebra', null];
        yield ['', null];
        yield ["\xff", null];
    }
}
