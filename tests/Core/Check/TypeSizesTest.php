<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\SettingFinding;
use Ikat\Core\Check\TypeSizes;
use Ikat\Core\Compile\TypeScale;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class TypeSizesTest extends TestCase
{
    /**
     * @param array<string, bool|float|string> $own
     *
     * @return array<string, array<string, float|string>> key => what mends it
     */
    private static function found(array $own): array
    {
        $findings = [...(new TypeSizes())->run(new Inspection(Fixtures::look($own), Fixtures::theme()))];

        return array_combine(
            array_map(static fn(Finding $f): string => $f->key(), $findings),
            array_map(static fn(Finding $f): array => $f instanceof SettingFinding ? $f->fix : [], $findings),
        );
    }

    public function testWhatIsHardToReadIsFoundAndItsFixMendsIt(): void
    {
        self::assertSame([], self::found([]));
        $cases = [
            'type:text-size' => ['type.body.size.phone' => 14.0],
            'type:text-leading' => ['type.leading' => 1.3],
            'type:text-capitals' => ['type.body.case' => 'capitals'],
            'type:line-long' => ['type.measure' => 44.0],
            'type:line-short' => ['type.base' => 19.0],
            'type:weights:Karla' => ['type.menu.weight' => 500.0, 'type.third.weight' => 800.0, 'type.price.weight' => 600.0],
            'type:zoom:heading' => ['type.heading.size.phone' => 20.0, 'type.heading.size.desktop' => 70.0],
        ];
        foreach ($cases as $key => $own) {
            $found = self::found($own);
            self::assertSame([$key], array_keys($found));
            self::assertSame([], self::found([...$own, ...$found[$key]]), "$key is mended");
        }
    }

    /**
     * WCAG 2.2, 1.4.4: at the most that may pass, zoom gets letters to twice their size somewhere up to the 500 % of browsers (from
     * memory);
     * a little more, and there are windows where it does not.
     */
    public function testTheBoundIsWhereZoomStillReachesTwiceTheSize(): void
    {
        $reaches = static function (float $phone, float $desktop): bool {
            $at = static fn(float $width): float => TypeScale::at($phone, $desktop, $width);
            foreach (range(320, 2560, 20) as $window) {
                $most = max(array_map(static fn(int $zoom): float => $zoom / 100 * $at($window / ($zoom / 100)), range(100, 500, 10)));
                if ($window / 5 <= 390 && $most < 2 * $at($window) - 1e-9) {
                    return false;
                }
            }

            return true;
        };
        self::assertTrue($reaches(20, 50));
        self::assertFalse($reaches(20, 52));
    }

    public function testWideLettersAreToldWhereNoSizeMendsThem(): void
    {
        self::assertSame(['type:line-short' => []], self::found(['type.body.family' => 'unbounded', 'type.measure' => 44.0]));
        self::assertSame(
            ['type:line-short' => ['type.measure' => 21.0]],
            self::found(['type.measure' => 20.0]),
            'a narrow column is no fault of the letters',
        );
    }

    public function testManyFamiliesAreTold(): void
    {
        $found = self::found(['type.menu.family' => 'lora', 'type.price.family' => 'asap']);
        self::assertSame(['type:families' => []], $found);
    }
}
