<?php

declare(strict_types=1);

namespace Tests\Core\Setting;

use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Setting\Catalog\Shapes;
use Ikat\Core\Setting\Type\ChoiceType;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class ShapesTest extends TestCase
{
    public function testEveryShapeSaysAllAndIsTaken(): void
    {
        $catalog = Fixtures::catalog();
        $paths = [
            ...array_keys(array_filter($catalog->all(), static fn(string $p): bool => str_starts_with($p, 'shape.'), ARRAY_FILTER_USE_KEY)),
            'checkout.field',
        ];
        $compiled = [];
        foreach (Shapes::ALL as $key => [, , $values]) {
            self::assertEqualsCanonicalizing($paths, array_keys($values), "$key leaves nothing as it was");
            foreach ($values as $path => $value) {
                self::assertSame($value, $catalog->normalize($path, $value), "$key $path");
            }
            $compiled[] = LookCompiler::compile(Fixtures::look($values), Fixtures::theme())->hash;
        }
        self::assertCount(count(Shapes::ALL), array_unique($compiled), 'no two are one');
    }

    public function testWhatPointingDoesIsOneThing(): void
    {
        $type = Fixtures::catalog()->get('shape.pointed')->type;
        self::assertInstanceOf(ChoiceType::class, $type);
        foreach (array_keys($type->choices) as $key) {
            $pointed = Shapes::pointed((string) $key);
            $compiled = LookCompiler::compile(Fixtures::look(['shape.pointed' => $key]), Fixtures::theme());
            foreach ($pointed as $what => $value) {
                self::assertStringContainsString("--shape-pointed-$what:$value;", $compiled->css.';');
                self::assertSame(['shape.pointed'], $compiled->derived["--shape-pointed-$what"]);
            }
            self::assertLessThanOrEqual(1, count(array_diff($pointed, ['none', '0px'])), 'beside its color');
        }
    }
}
