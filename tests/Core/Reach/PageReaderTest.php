<?php

declare(strict_types=1);

namespace Tests\Core\Reach;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Reach\ReachIndex;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class PageReaderTest extends TestCase
{
    private const CSS = '.wear{background-color:var(--ground);color:var(--ink)} .loud{color:var(--action)} p.loud{color:var(--heading)}
        .tall{padding:var(--header-space-top)}
            .h:hover{color:var(--link)} input{border:1px solid var(--field-line);background-color:var(--field);color:var(--field-ink)}
        .turns:hover{background-color:var(--quiet-hover)} .turns:hover .late{color:var(--reduced)} .late:hover{color:var(--price)}
        .m::after{color:var(--rating)} @media (max-width: 700px){.wide{gap:var(--grid-gap)}}';

    /** @param array<string, bool|float|string> $own */
    private function read(string $body, array $own = []): Inspection
    {
        return Fixtures::input(self::CSS, $body, $own);
    }

    /** @return array<string, list<int>> */
    private function places(Inspection $input, string $path): array
    {
        return $input->get(ReachIndex::class)->placesOf($path, $input->look, $input->get(CompiledLook::class));
    }

    public function testFindsTheElementsARuleStyles(): void
    {
        $input = $this->read('<div class="wear scheme-night"><p>a</p><p class="tall">b</p></div><div class="wear scheme-daylight"></div>');
        self::assertSame(['page' => [0]], $this->places($input, 'scheme.night.ink'));
        self::assertSame(['page' => [3]], $this->places($input, 'scheme.daylight.ground'));
        self::assertSame(['page' => [2]], $this->places($input, 'header.space.top'));
    }

    public function testFollowsAliasesAndDerivedColors(): void
    {
        $input = $this->read('<div class="wear scheme-night"></div><b class="scheme-daylight"><i class="loud">x</i></b>');
        self::assertSame(['page' => [0, 2]], $this->places($input, 'brand.main'), 'night ground and daylight action both follow indigo');
    }

    public function testTheWinningRuleCountsAndTheLoserIsCovered(): void
    {
        $input = $this->read('<div class="wear scheme-kiln"><p class="loud">x</p></div>');
        self::assertSame(['page' => [1]], $this->places($input, 'scheme.kiln.heading'));
        self::assertSame([], $this->places($input, 'scheme.kiln.action'));
        self::assertStringContainsString(
            'covered: on page “Kiln: heading” decides',
            (string) $input->get(ReachIndex::class)->whyNowhere('scheme.kiln.action', $input->look, $input->get(CompiledLook::class)),
        );
    }

    public function testAnInkShowsOnlyWhereSomethingIsWrittenWithIt(): void
    {
        $loud = $this->read('<div class="wear scheme-night"><p class="loud">x</p></div>');
        self::assertSame([], $this->places($loud, 'scheme.night.ink'), 'the only words have an ink of their own');
        self::assertSame(
            ['page' => [0]],
            $this->places($this->read('<div class="wear scheme-night"><p>x</p></div>'), 'scheme.night.ink'),
            'a child without one inherits it',
        );
    }

    public function testSaysWhyASettingShowsNowhere(): void
    {
        $input = $this->read('<div class="wear scheme-night">words</div>', ['utility.show' => false]);
        $why = static fn(string $path): string => (string) $input
            ->get(ReachIndex::class)
            ->whyNowhere($path, $input->look, $input->get(CompiledLook::class));
        self::assertStringStartsWith('hidden: it shows when “Show the utility strip” is on', $why('utility.words.text'));
        self::assertSame('no part of the shop has this color scheme', $why('scheme.kiln.ink'));
        self::assertSame('the parts with this color scheme have nothing in this role', $why('scheme.night.rating'));
        self::assertSame('nothing on these pages uses it', $why('grid.gap'));
        self::assertNull($input->get(ReachIndex::class)->whyNowhere('scheme.night.ink', $input->look, $input->get(CompiledLook::class)));
    }

    public function testStatesMediaAndGeneratedContentCount(): void
    {
        $input = $this->read('<div class="scheme-night"><a class="h">x</a><i class="m"></i><u class="wide"></u></div>');
        self::assertSame([], $this->places($input, 'scheme.night.link'), 'a link pointed at is not seen while nobody points');
        self::assertSame(
            ['page' => [1]],
            $input->get(ReachIndex::class)->latentPlacesOf('scheme.night.link', $input->look, $input->get(CompiledLook::class)),
        );
        self::assertStringContainsString(
            'only when something is opened, pointed at or focused, in 1 place',
            (string) $input->get(ReachIndex::class)->whyNowhere('scheme.night.link', $input->look, $input->get(CompiledLook::class)),
        );
        self::assertSame(['page' => [2]], $this->places($input, 'scheme.night.rating'));
        self::assertSame(['page' => [3]], $this->places($input, 'grid.gap'));
    }

    public function testWordsAndPartsAreFoundByTheirMarks(): void
    {
        $input = $this->read('<header data-part="header"><b data-from="header.logo.name">W</b></header>');
        self::assertSame(['page' => [1]], $this->places($input, 'header.logo.name'));
        self::assertSame(['page' => [0]], $this->places($input, 'header.menu.place'));
    }

    public function testPairsAreInksOnTheNearestGround(): void
    {
        $input = $this
            ->read('<div class="wear scheme-night"><p>a</p><a class="h">b</a><input name="x"><button disabled '
                .'class="loud">no</button></div>');
        $pairs = array_map(
            static fn($p): string => "$p->ink on $p->ground, $p->kind $p->state",
            array_values($input->get(ReachIndex::class)->pairs),
        );
        sort($pairs);
        self::assertSame([
            '--scheme-night-action on --scheme-night-ground, text disabled',
            '--scheme-night-field-ink on --scheme-night-field, text plain',
            '--scheme-night-field-line on --scheme-night-ground, control plain',
            '--scheme-night-ink on --scheme-night-ground, text plain',
            '--scheme-night-link on --scheme-night-ground, text hover',
        ], $pairs);
    }

    public function testStatesOfAnElementTurnWhatIsInIt(): void
    {
        $input = $this
            ->read('<div class="wear scheme-night"><a class="turns"><b>on the turned ground</b><i class="wear">on its own</i><u '
                .'class="late">turned twice</u></a></div>');
        $pairs = array_map(
            static fn($p): string => "$p->ink on $p->ground at ".implode(',', $p->places['page']),
            array_values(array_filter($input->get(ReachIndex::class)->pairs, static fn($p): bool => $p->state === 'hover')),
        );
        sort($pairs);
        self::assertSame([
            '--scheme-night-ink on --scheme-night-quiet-hover at 2',
            // Of two rules the more specific one wins, wherever it stands.
            '--scheme-night-reduced on --scheme-night-quiet-hover at 4',
        ], $pairs);
    }
}
