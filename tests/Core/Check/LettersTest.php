<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\Check;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\HeadingLevels;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LeftOverWords;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\SettingFinding;
use Ikat\Core\Check\ThinLetters;
use Ikat\Core\Type\MeasuredText;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Voice;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class LettersTest extends TestCase
{
    private const CSS = '.wear{background-color:var(--ground);color:var(--ink);font-size:var(--type-body-size)} '
        .'.small{font-size:var(--type-small-size);color:var(--soft)}';
    private const BODY = '<div class="wear scheme-daylight"><p>x</p><p class="small">y</p></div>';

    /** @return array<string, array<string, float|string>> key => what mends it */
    private static function found(Check $check, Inspection $input): array
    {
        $found = [...$check->run($input)];

        return array_combine(
            array_map(static fn(Finding $f): string => $f->key(), $found),
            array_map(static fn(Finding $f): array => $f instanceof SettingFinding ? $f->fix : [], $found),
        );
    }

    /** 7:1 is what WCAG 2.2, 1.4.6 asks; that thin strokes want it is common practice, no source. */
    public function testThinLettersWantMoreContrast(): void
    {
        $own = ['type.body.family' => 'inter', 'type.body.weight' => 300.0, 'scheme.daylight.ink' => '#6a6a6a'];
        $found = self::found(new ThinLetters(), Fixtures::input(self::CSS, self::BODY, $own));
        self::assertSame(['type.body.weight' => 400.0], $found['thin:body']);
        self::assertSame([], self::found(new ThinLetters(), Fixtures::input(self::CSS, self::BODY, [
            ...$own, ...$found['thin:body'], ...$found['thin:small'] ?? [],
        ])));
        self::assertArrayNotHasKey(
            'thin:body',
            self::found(new ThinLetters(), Fixtures::input(self::CSS, self::BODY, [...$own, 'scheme.daylight.ink' => '#202020'])),
            'dark enough',
        );
        self::assertSame([], self::found(new ThinLetters(), Fixtures::input(self::CSS, self::BODY, ['scheme.daylight.ink' => '#6a6a6a'])));
    }

    /** Letters that are all 0.6 of their size wide, so that lines can be counted by hand. */
    private static function breaks(): LineBreaks
    {
        return new LineBreaks(static function (SpokenFace $face, TextStyle $style, string $text, float $room): MeasuredText {
            $lines = [];
            foreach (explode(' ', $text) as $word) {
                $last = array_key_last($lines);
                $joined = $last === null ? $word : "$lines[$last] $word";
                if ($last !== null && mb_strlen($joined) * $style->size * 0.6 <= $room) {
                    $lines[$last] = $joined;
                } else {
                    $lines[] = $word;
                }
            }
            $lines = array_map(static fn(string $l): array => ['text' => $l, 'width' => mb_strlen($l) * $style->size * 0.6], $lines);

            return new MeasuredText(max(array_column($lines, 'width')), $lines, 0.0, 0.0, []);
        });
    }

    public function testAWordLeftOverIsFoundAndEveryWayMendsIt(): void
    {
        // 24 characters at 25 px take 360 px of 355.68; without the last word 15 do.
        $own = [
            'home.bands' => 'words-1', 'band.words-1.heading' => 'Paper lanterns outdoors.', 'band.words-1.level' => '2',
            'type.second.ends' => 'fall', 'type.second.size.phone' => 25.0,
        ];
        $input = static fn(array $more): Inspection => (new Inspection(Fixtures::look([...$own, ...$more]), Fixtures::theme()))
            ->with(self::breaks());
        self::assertSame(['word:second' => ['type.second.ends' => 'even']], self::found(new LeftOverWords(), $input([])));
        $ways = LeftOverWords::ways($input([]), Voice::Second);
        self::assertSame(
            [['Paper lanterns', 'outdoors.'], ['Paper lanterns', 'outdoors.'], ['Paper lanterns outdoors.']],
            array_column($ways, 'lines'),
        );
        self::assertSame(['type.second.size.phone' => 24.7], $ways[2]['changes']);
        self::assertEqualsWithDelta(24 * 24.7 * 0.6, $ways[2]['widest'], 1e-9);
        foreach (array_slice($ways, 1) as $way) {
            self::assertSame([], self::found(new LeftOverWords(), $input($way['changes'])));
        }
        self::assertSame([], self::found(new LeftOverWords(), $input(['band.words-1.heading' => 'Paper lanterns'])), 'one line');
        self::assertSame(
            [],
            self::found(new LeftOverWords(), $input(['band.words-1.heading' => 'Paper lanterns for my garden wall'])),
            'two words',
        );
        self::assertSame([], self::found(new LeftOverWords(), new Inspection(Fixtures::look($own), Fixtures::theme())), 'no fonts');
    }

    public function testEvenedOutLinesAreAsNarrowAsTheyCanBe(): void
    {
        $look = Fixtures::look(['type.second.size.phone' => 25.0]);
        $even = self::breaks()->evened($look, Voice::Second, 'One two three four five six', 390, 355.68);
        self::assertSame(['One two three', 'four five six'], array_column($even->lines ?? [], 'text'));
        self::assertSame(13 * 25 * 0.6, $even?->width);
    }

    public function testALevelLeftOutIsFoundAndMended(): void
    {
        $own = [
            'home.bands' => 'lead-1,words-1,columns-1,words-2', 'band.lead-1.heading' => 'A', 'band.words-1.heading' => 'B',
            'band.columns-1.heading' => 'C', 'band.words-2.heading' => 'D',
        ];
        $found = static fn(array $more): array => self::found(
            new HeadingLevels(),
            new Inspection(Fixtures::look([...$own, ...$more]), Fixtures::theme()),
        );
        self::assertSame([], $found([]));
        foreach ([
            [['band.words-1.level' => '3'], ['level:words-1' => ['band.words-1.level' => '2']]],
            [['band.columns-1.level' => '1'], ['level:columns-1' => ['band.columns-1.level' => '2']]],
            [['band.words-2.level' => '3'], []],
            [['band.words-1.level' => '3', 'band.words-1.show' => false], []],
            [['band.words-1.level' => '3', 'band.words-1.heading' => ''], []],
        ] as [$more, $expected]) {
            self::assertSame($expected, $found($more));
            self::assertSame([], $found(array_merge($more, ...array_values($expected))));
        }
    }
}
