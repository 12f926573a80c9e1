<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Support\Facades\Artisan;

final class ConsoleTest extends AppTestCase
{
    /**
     * @param array<string, mixed> $arguments
     *
     * @return array{int, array<string, mixed>}
     */
    private function ask(string $command, array $arguments): array
    {
        $code = Artisan::call($command, [...$arguments, '--json' => true]);

        return [$code, json_decode(Artisan::output(), true, 16, JSON_THROW_ON_ERROR)];
    }

    public function testColorsAreInspectedComparedAndMended(): void
    {
        [$code, $answer] = $this->ask('color:inspect', ['color' => '#2c2b76']);
        self::assertSame([0, '#2c2b76', true], [$code, $answer['hex'], $answer['in_gamut']]);
        self::assertSame(['hex', 'srgb', 'oklch', 'oklab', 'lab', 'luminance', 'in_gamut'], array_slice(array_keys($answer), 0, 7));
        [, $answer] = $this->ask('color:contrast', ['ink' => '#777', 'ground' => 'white']);
        self::assertSame(['text' => false, 'large_text' => true, 'non_text' => true], $answer['passes']);
        [, $answer] = $this->ask('color:difference', ['a' => 'red', 'b' => 'red']);
        self::assertEqualsWithDelta(0, $answer['ciede2000'], 1e-9);
        [, $answer] = $this->ask('color:fix', ['ink' => '#c54e12', 'ground' => '#f9f3e6', '--ratio' => '4.5']);
        self::assertEqualsCanonicalizing(['ink', 'ground'], array_column($answer['fixes'], 'change'));
        self::assertLessThanOrEqual($answer['fixes'][1]['ciede2000'], $answer['fixes'][0]['ciede2000'], 'the least visible first');
        self::assertGreaterThanOrEqual(4.5, $answer['fixes'][0]['ratio']);
    }

    public function testBadInputEndsWithOneAndAClearMessage(): void
    {
        foreach ([
            ['color:inspect', ['color' => 'nope']],
            ['color:contrast', ['ink' => '#fff']],
            ['color:fix', ['ink' => '#fff', 'ground' => '#eee', '--ratio' => '99']],
            ['look:reach', ['setting' => 'no.such']],
            ['look:resolve', ['--look' => '999']],
            ['font:fallback', ['font' => 'none']],
            ['type:measure', ['--text' => 'x', '--font' => 'none']],
            ['type:measure', ['--text' => 'x', '--size' => 'large']],
            ['type:scale', ['--base' => '400', '--ratio' => '1.2']],
            ['season:at', ['time' => 'soon']],
            ['header:solve', ['--width' => 'wide']],
            ['header:solve', ['--width' => '390', '--look' => '999']],
            ['grid:solve', ['--products' => 'many']],
            ['grid:solve', ['--products' => '14', '--columns' => 'four']],
            ['message:fit', ['text' => ' ']],
            ['promise:check', ['text' => 'Free shipping', '--store' => '999']],
        ] as [$command, $arguments]) {
            [$code, $answer] = $this->ask($command, $arguments);
            self::assertSame(1, $code);
            self::assertNotSame('', $answer['error']);
        }
    }

    public function testAStreamIsAnsweredLineByLine(): void
    {
        $run = proc_open([PHP_BINARY, base_path('artisan'), 'color:contrast', '--json'], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        fwrite($pipes[0], "#000\t#fff\nnope\t#fff\n#fff\nred\tblue\n");
        fclose($pipes[0]);
        $lines = explode("\n", trim((string) stream_get_contents($pipes[1])));
        self::assertSame(1, proc_close($run));
        self::assertCount(4, $lines);
        self::assertEqualsWithDelta(21, json_decode($lines[0], true)['ratio'], 1e-9);
        self::assertStringContainsString('nope', json_decode($lines[1], true)['error']);
        self::assertStringContainsString('tab', json_decode($lines[2], true)['error']);
        self::assertArrayHasKey('ratio', json_decode($lines[3], true));
    }

    public function testTextIsMeasured(): void
    {
        [, $one] = $this->ask('type:measure', ['--text' => 'Light for the long evenings', '--font' => 'gloock', '--size' => '32']);
        self::assertArrayNotHasKey('lines', $one);
        [, $two] = $this->ask(
            'type:measure',
            ['value' => 'Light for the long evenings', '--font' => 'gloock', '--size' => '32', '--width' => '300'],
        );
        self::assertSame(['Light for the long', 'evenings'], array_column($two['lines'], 'text'));
        self::assertGreaterThan($two['width'], $one['width']);
        self::assertSame(2 * $one['height'], $two['height']);
        [, $answer] = $this->ask('type:measure', ['--text' => 'Свет']);
        self::assertSame(['С', 'в', 'е', 'т'], $answer['missing']);
        [, $scale] = $this->ask('type:scale', ['--base' => '16', '--ratio' => '1.26']);
        self::assertSame([16.0, 25.4], [(float) $scale['sizes'][1]['desktop'], $scale['sizes'][3]['desktop']]);
        self::assertStringStartsWith('clamp(', $scale['sizes'][3]['clamp']);
    }

    public function testTheTopOfAPageIsReckonedAndItsPromisesLookedUp(): void
    {
        [$code, $desktop] = $this->ask('header:solve', ['--width' => '1280']);
        self::assertSame([0, 'shown', 1], [$code, $desktop['menu'], $desktop['rows']]);
        self::assertSame($desktop['fits_from'], (int) $desktop['folds_below'], 'it folds where it no longer fits');
        self::assertEqualsWithDelta($desktop['height'], array_sum(array_column($desktop['causes'], 'px')), 0.05);
        [, $phone] = $this->ask('header:solve', ['value' => '390']);
        self::assertSame('folded', $phone['menu']);
        [, $fit] = $this->ask('message:fit', ['text' => 'Lantern Night orders close Friday noon. Free shipping over $60']);
        self::assertSame([2, 1, 1], array_column($fit, 'lines'));
        self::assertSame(['lines', 'room_px', 'text_px'], array_keys($fit['phone']));
        [, $checked] = $this->ask('promise:check', ['text' => 'SUMMER5 for $5 off. Free shipping over $50', '--store' => 1]);
        self::assertSame([false, false], array_column($checked['promises'], 'true'));
        self::assertSame('SUMMER5 for $5 off. Free shipping over $60', $checked['promises'][1]['instead']);
    }

    public function testAShelfIsReckonedOnAScreen(): void
    {
        [$code, $answer] = $this->ask('grid:solve', ['--products' => '14', '--width' => '1280', '--columns' => '4']);
        self::assertSame(0, $code);
        self::assertEqualsWithDelta(274, $answer['card_width'], 0.2);
        self::assertSame([4, 4, 2], [$answer['columns'], $answer['rows'], $answer['left_over']]);
        [, $paged] = $this->ask('grid:solve', ['value' => '14', '--width' => '390', '--columns' => '2', '--count' => '6']);
        self::assertSame([3, 1, 0], [$paged['pages'], $paged['rows'], $paged['left_over']]);
    }

    public function testALookAnswersForItself(): void
    {
        $id = $this->look()->id;
        [, $answer] = $this->ask('look:resolve', ['setting' => 'scheme.night.link', '--look' => $id]);
        self::assertSame(['#f6c159', ['brand.accent']], [$answer['value'], $answer['follows']]);
        [, $answer] = $this->ask('look:reach', ['setting' => 'header.logo.size.desktop', '--look' => $id]);
        self::assertGreaterThan(10, $answer['places']);
        [, $answer] = $this->ask('look:check', ['--look' => $id]);
        $graver = array_filter($answer['findings'], static fn(array $f): bool => $f['severity'] !== 'know');
        self::assertSame(['Harbor lantern kit is sold for less than it costs'], array_column($graver, 'what'));
        [, $answer] = $this->ask('look:catalog', ['--look' => $id]);
        $paths = array_column($answer['settings'], null, 'path');
        self::assertSame(['path' => 'announcement.show', 'values' => [true]], $paths['announcement.turn']['applies_when']);
        self::assertSame(['lead', 'row', 'words', 'columns', 'newsletter', 'gallery', 'space', 'rule'], $paths['home.bands']['choices']);
        [, $answer] = $this->ask('font:fallback', ['font' => 'karla']);
        self::assertEqualsWithDelta(1.024, $answer['size_adjust'], 1e-3);
        $moment = $this->look()->ownChanges()->own['season.season-2.starts'];
        [, $answer] = $this->ask('season:at', ['time' => $moment, '--look' => $id]);
        self::assertSame(['Midwinter Lights'], array_column($answer['running'], 'name'));
        self::assertSame('Midwinter lights', $answer['shows']['band.lead-1.heading']['value']);
        self::assertStringContainsString('season Midwinter Lights', $answer['shows']['band.lead-1.heading']['why']);
        [, $answer] = $this->ask('look:compile', ['--look' => $id]);
        self::assertStringContainsString(':root{', $answer['css']);
        [, $answer] = $this->ask('release:publish', ['--look' => $id]);
        [, $list] = $this->ask('release:list', ['--look' => $id]);
        self::assertSame([$answer['release'], true], [$list['releases'][0]['release'], $list['releases'][0]['live']]);
        [$code, $answer] = $this->ask('release:restore', ['number' => 1, '--look' => $id]);
        self::assertSame([0, 1], [$code, $answer['release']]);
    }
}
