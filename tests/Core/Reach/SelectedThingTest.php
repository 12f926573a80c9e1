<?php

declare(strict_types=1);

namespace Tests\Core\Reach;

use Ikat\Core\Reach\ReachIndex;
use Ikat\Core\Reach\SelectedThing;
use Ikat\Core\Setting\Setting;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** What a thing of a page is made of, and where it is opened. */
final class SelectedThingTest extends TestCase
{
    private const CSS = '.wear{background-color:var(--ground);color:var(--ink)} '
        .'h2{color:var(--heading);font-family:var(--type-heading-family)}
        .band{padding:var(--page-space)}';
    private const BODY = '<section class="band wear scheme-night"><h2>Lanterns</h2><p>Folded</p></section>';

    /** @param list<array{number: int, from: list<string>}> $chain */
    private function thing(array $chain): SelectedThing
    {
        $input = Fixtures::input(self::CSS, self::BODY);

        return SelectedThing::of($input->get(ReachIndex::class), 'page', $chain, 'band-lead-1', $input->look);
    }

    public function testItsOwnComesFirstThenWhatItTakesFromAroundIt(): void
    {
        $around = ['number' => 0, 'from' => ['band.lead-1.show', 'band.lead-1.scheme']];
        $heading = $this->thing([['number' => 1, 'from' => ['band.lead-1.heading', 'band.lead-1.level']], $around]);
        $paths = array_map(
            static fn(array $settings): array => array_map(static fn(Setting $s): string => $s->path, $settings),
            $heading->byKind,
        );
        self::assertSame(['words', 'color', 'font', 'space', 'part'], array_keys($paths));
        self::assertSame(['band.lead-1.heading'], $paths['words']);
        self::assertSame(['scheme.night.heading'], $paths['color']);
        self::assertSame(['type.heading.family'], $paths['font']);
        self::assertSame(['page.space'], $paths['space'], 'of the band around it');
        self::assertSame(['band.lead-1.level'], $paths['part']);
    }

    public function testItOpensInTheOpenStepFirst(): void
    {
        $chain = [['number' => 1, 'from' => ['band.lead-1.heading']], ['number' => 0, 'from' => ['band.lead-1.show']]];
        $heading = $this->thing($chain);
        self::assertSame('band.lead-1.heading', $heading->opensAt('pages')?->path);
        self::assertSame('scheme.night.heading', $heading->opensAt('colors')?->path);
        self::assertSame('type.heading.family', $heading->opensAt('fonts')?->path);
        self::assertSame('band.lead-1.heading', $heading->opensAt('checkout')?->path, 'nothing of it belongs there');
        // Words that say nothing of themselves are colored by what is around them.
        $words = $this->thing([['number' => 2, 'from' => []], ['number' => 0, 'from' => ['band.lead-1.show']]]);
        self::assertSame('scheme.night.ink', $words->opensAt('colors')?->path);
        self::assertSame('band.lead-1.show', $words->opensAt('pages')?->path, 'its part, and not the space of all pages');
    }

    public function testWhatTheIndexDoesNotKnowIsReadFromWhatItSays(): void
    {
        $thing = $this->thing([['number' => -1, 'from' => ['band.lead-1.kicker', 'no.such.setting']]]);
        self::assertSame('band.lead-1.kicker', $thing->opensAt('colors')?->path);
        self::assertNull($this->thing([['number' => -1, 'from' => []]])->opensAt('pages'));
    }
}
