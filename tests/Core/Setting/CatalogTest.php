<?php

declare(strict_types=1);

namespace Tests\Core\Setting;

use Ikat\Core\Grid\CardLines;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SettingCatalog;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ColorType;
use Ikat\Core\Setting\UnacceptableValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class CatalogTest extends TestCase
{
    public function testEveryDefaultAndEveryThemeValueIsAcceptable(): void
    {
        $catalog = Fixtures::catalog();
        $theme = Fixtures::theme();
        $layers = [$catalog->defaults(), $theme->values, ...array_map(static fn($s): array => $s->values, array_values($theme->starters))];
        foreach ($layers as $values) {
            foreach ($values as $path => $value) {
                self::assertSame(
                    is_string($value) && $catalog->get($path)->type instanceof ColorType && Alias::target($value) === null
                        ? strtolower($value)
                        : $value,
                    $catalog->normalize($path, $value),
                    $path,
                );
            }
        }
    }

    public function testEveryConditionNamesASettingAndAValueItCanHave(): void
    {
        $catalog = Fixtures::catalog();
        $seen = 0;
        foreach ($catalog->all() as $setting) {
            foreach ($setting->appliesWhen === null ? [] : $setting->appliesWhen->values as $value) {
                self::assertSame($value, $catalog->normalize($setting->appliesWhen->path, $value), $setting->path);
                self::assertStringContainsString(
                    $catalog->get($setting->appliesWhen->path)->label,
                    $setting->appliesWhen->inWords($catalog),
                );
                $seen++;
            }
        }
        self::assertGreaterThan(100, $seen);
    }

    public function testEveryStepHasSettings(): void
    {
        foreach ((new \ReflectionClass(StepKey::class))->getConstants() as $step) {
            self::assertNotSame([], Fixtures::catalog()->inStep($step), $step);
        }
    }

    public function testTwoSettingsCannotShareAName(): void
    {
        $this->expectException(\LogicException::class);
        SettingCatalog::of([Setting::color('a.b', 'A', 'page', '#000'), Setting::color('a-b', 'B', 'page', '#000')]);
    }

    #[DataProvider('acceptable')]
    public function testNormalizes(string $path, mixed $written, bool|float|string $kept): void
    {
        self::assertSame($kept, Fixtures::catalog()->normalize($path, $written));
    }

    /** @return iterable<array{string, mixed, bool|float|string}> */
    public static function acceptable(): iterable
    {
        yield ['brand.main', 'rgb(44 43 118)', '#2c2b76'];
        yield ['brand.main', '{brand.warm}', '{brand.warm}'];
        yield ['brand.main', 'oklch(0.7 0.3 150)', '#00c248'];
        yield ['header.logo.size.desktop', '40 px', 40.0];
        yield ['header.logo.size.desktop', '40', 40.0];
        yield ['utility.show', 'on', true];
        yield ['utility.show', '', false];
        yield ['header.menu.place', 'below', 'below'];
        yield ['message.message-1.text', "  Hello\r\nthere\x07 ", "Hello\nthere"];
    }

    #[DataProvider('unacceptable')]
    public function testRefusesAndSaysWhatToDo(string $path, mixed $written, string $words): void
    {
        try {
            Fixtures::catalog()->normalize($path, $written);
            self::fail('The value was accepted.');
        } catch (UnacceptableValue $e) {
            self::assertStringContainsString($words, $e->getMessage());
            self::assertStringStartsWith(Fixtures::catalog()->get($path)->label, $e->getMessage());
        }
    }

    /** @return iterable<array{string, mixed, string}> */
    public static function unacceptable(): iterable
    {
        yield ['brand.main', 'blurple', '"blurple" is not a color'];
        yield ['brand.main', 4, 'written as text'];
        yield ['brand.main', '{brand.none}', 'there is no such setting'];
        yield ['brand.main', '{header.logo.size.desktop}', 'which is a length'];
        yield ['header.logo.size.desktop', '500', 'from 16 to 96 px'];
        yield ['header.logo.size.desktop', 'big', 'is not a number'];
        yield ['header.logo.size.desktop', 'INF', 'is not a number'];
        yield ['header.menu.place', 'sideways', 'start, middle, end'];
        yield ['utility.show', 'maybe', 'neither on nor off'];
        yield ['message.message-1.text', str_repeat('x', 121), 'Shorten it by 1'];
        yield ['message.message-1.text', "\xff", 'not readable text'];
    }

    public function testSaysValuesInWords(): void
    {
        $catalog = Fixtures::catalog();
        self::assertSame('40 px', $catalog->get('header.logo.size.desktop')->describe(40.0));
        self::assertSame('second row, in the middle', $catalog->get('header.menu.place')->describe('below'));
        self::assertSame('off', $catalog->get('utility.show')->describe(false));
        self::assertSame('follows brand.warm', $catalog->get('brand.main')->describe('{brand.warm}'));
    }

    /** When there is one thing more to put in order, what a merchant put in order stays so. */
    public function testAnOrderFromBeforeThereWasMoreStays(): void
    {
        $look = Fixtures::look(['card.order' => 'price,name', 'card.label.order' => 'new,new']);
        self::assertSame('price,name', $look->text('card.order'));
        self::assertSame(['price', 'name', 'note', 'rating', 'button'], CardLines::of($look->text('card.order')));
        self::assertNotSame('new,new', $look->text('card.label.order'), 'said twice, it is no order');
        self::assertFalse(Fixtures::catalog()->get('card.order')->accepts('price,lines'));
    }
}
