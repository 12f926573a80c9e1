<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Setting\SizeRule;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\Voice;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class SizeRuleTest extends TestCase
{
    public function testASizeFollowsTheTypeScaleUntilItIsSet(): void
    {
        $look = Fixtures::look(['type.base' => 18.0, 'type.scale' => 1.2]);
        self::assertSame(round(18 * 1.2 ** 5, 2), $look->value('type.heading.size.desktop'));
        self::assertTrue($look->at('type.heading.size.desktop')->isRuled());
        self::assertSame('the rule of the type scale', $look->at('type.heading.size.desktop')->layer->kind->inWords('of the type scale'));
        $own = Fixtures::look(['type.base' => 18.0, 'type.heading.size.desktop' => 60.0]);
        self::assertSame(60.0, $own->value('type.heading.size.desktop'));
        self::assertFalse($own->at('type.heading.size.desktop')->isRuled());
        self::assertSame(18.0, $own->value('type.body.size.phone'), 'the other end of the text follows it');
    }

    /** What only follows is no change of its own: a release tells the text size alone. */
    public function testWhatIsReckonedIsNoChange(): void
    {
        $live = Fixtures::look([])->values();
        self::assertSame(['type.body.size.phone', 'type.base'], array_keys(Fixtures::look(['type.base' => 17.0])->changedSince($live)));
    }

    public function testItIsToldInWords(): void
    {
        self::assertSame('text size × 1.26, five times', (new SizeRule(5, false))->inWords(1.26));
        self::assertSame('text size × 1.3, once, eased for a phone', (new SizeRule(1, true))->inWords(1.3));
        self::assertSame('the text size', (new SizeRule(0, true))->inWords(1.3));
        self::assertSame('a step under the text size', (new SizeRule(-1, true))->inWords(1.3));
    }

    public function testASheetHasEachVoiceBetweenItsEnds(): void
    {
        $compiled = LookCompiler::compile(Fixtures::look(['type.menu.style' => 'italic', 'type.menu.family' => 'lora']), Fixtures::theme());
        foreach (Voice::cases() as $voice) {
            self::assertStringContainsString("--type-$voice->value-size:clamp(", $compiled->css);
        }
        self::assertStringContainsString('1rem / 16', $compiled->css);
        self::assertSame(
            ['type.heading.size.phone', 'type.heading.size.desktop', 'type.base', 'type.scale'],
            $compiled->derived['--type-heading-size'],
        );
        // Only what is spoken in italic comes in italic.
        self::assertStringContainsString('/fonts/lora-latin-italic.woff2', $compiled->css);
        self::assertStringNotContainsString('karla-latin-italic', $compiled->css);
        // A family without an italic is not spoken in one, whatever is set.
        $none = Fixtures::look(['type.heading.family' => 'gloock', 'type.heading.style' => 'italic', 'type.heading.weight' => 700.0]);
        $face = SpokenFace::of($none, Voice::Heading);
        self::assertSame([false, 400, '/fonts/gloock-latin.woff2'], [$face->isItalic, $face->weight, $face->address()]);
        self::assertStringNotContainsString('italic.woff2', LookCompiler::compile($none, Fixtures::theme())->css);
        self::assertSame([30.0, 40.0, 50.0], array_map(static fn(int $w): float => TypeScale::at(30, 50, $w), [200, 835, 2000]));
    }
}
