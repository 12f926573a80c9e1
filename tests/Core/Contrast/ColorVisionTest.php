<?php

declare(strict_types=1);

namespace Tests\Core\Contrast;

use Ikat\Core\Check\Finding;
use Ikat\Core\Contrast\ColorVision;
use Ikat\Core\Palette\ColorCensus;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class ColorVisionTest extends TestCase
{
    /** @return list<string> */
    private static function keys(array $own): array
    {
        $input = Fixtures::input('', '<p></p>', $own);

        return array_map(static fn(Finding $f): string => $f->key(), iterator_to_array((new ColorVision())->run($input), false));
    }

    public function testTheShippedThemesKeepLabelsAndMessagesApart(): void
    {
        foreach (Fixtures::themes() as $theme) {
            foreach (array_keys($theme->starters) as $starter) {
                $input = Fixtures::input('', '<p></p>', [], $starter, theme: $theme);
                $messages = array_filter(
                    iterator_to_array((new ColorVision())->run($input), false),
                    static fn(Finding $f): bool => (bool) preg_match('/:(done|notice|problem)/', $f->key()),
                );
                self::assertSame([], array_map(static fn(Finding $f): string => "$theme->title $starter ".$f->key(), $messages));
            }
        }
    }

    public function testRedAndGreenOfOneLightnessAreAlikeWithoutGreenCones(): void
    {
        self::assertContains(
            'alike:daylight:done:problem',
            self::keys(['scheme.daylight.done' => '#d9e6c4', 'scheme.daylight.problem' => '#f0dcc4']),
        );
        self::assertNotContains(
            'alike:daylight:done:problem',
            self::keys(['scheme.daylight.done' => '#e4f7e3', 'scheme.daylight.problem' => '#e8c0b5']),
        );
    }

    public function testLinksWithoutALineNeedContrastToTheText(): void
    {
        $faint = ['scheme.daylight.link' => '#3a3550', 'scheme.daylight.ink' => '#20212b'];
        self::assertNotContains('link-like-ink:daylight', self::keys($faint), 'underlined, the line tells them');
        self::assertContains('link-like-ink:daylight', self::keys([...$faint, 'shape.underline' => 'pointed']));
    }

    public function testNearDuplicatesAreOfferedForMergingAndBrandColorsStay(): void
    {
        $near = ColorCensus::nearDuplicates(Fixtures::input(
            '',
            '<p></p>',
            ['scheme.daylight.quiet' => '#ebdfc6', 'scheme.night.line' => '#2e2d79'],
        ));
        self::assertSame(
            ['Mist' => ['scheme.daylight.quiet' => '{brand.mist}'], 'Main' => ['scheme.night.line' => '{brand.main}']],
            array_intersect_key(array_column($near, 'changes', 'to'), ['Mist' => 1, 'Main' => 1]),
        );
        foreach ($near as $pair) {
            self::assertLessThan(ColorCensus::NEAR, $pair['difference']);
        }
    }

    public function testColorsAreCountedForEachPage(): void
    {
        $css = '.wear{background-color:var(--ground);color:var(--ink)} a{color:var(--link)}';
        $pages = ColorCensus::pages(Fixtures::input(
            $css,
            '<div class="wear scheme-daylight">w <a href="#">x</a></div><div class="wear scheme-night">y</div>',
        ));
        // Paper, ink and second of the one; main and paper of the other.
        self::assertCount(4, $pages['page']['colors']);
        self::assertSame(['daylight' => 3, 'night' => 2], $pages['page']['schemes']);
    }
}
