<?php

declare(strict_types=1);

namespace Tests\Core\Contrast;

use Ikat\Core\Check\Severity;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Contrast\ContrastFixes;
use Ikat\Core\Contrast\Fix;
use Ikat\Core\Setting\StepKey;
use Ikat\Core\Setting\Type\ColorType;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Targets: WCAG 2.2, 1.4.3 and 1.4.11. */
final class PairContrastTest extends TestCase
{
    private const CSS = '.wear{background-color:var(--ground);color:var(--ink)} .r{color:var(--reduced)} .big{font-size:30px} '
        .'input{border:1px solid var(--field-line);background-color:var(--field);color:var(--field-ink)}';
    private const BODY = '<div class="wear scheme-daylight"><p class="r">$30</p><p>x</p><input></div>';

    /**
     * @param array<string, bool|float|string> $own
     *
     * @return list<ContrastFinding>
     */
    private function findings(array $own, string $body = self::BODY): array
    {
        return Fixtures::contrast(Fixtures::input(self::CSS, $body, $own));
    }

    public function testAFaintTextStopsAPublish(): void
    {
        [$finding] = $this->findings(['scheme.daylight.reduced' => '#d2691e']);
        self::assertSame(Severity::Stops, $finding->severity);
        self::assertSame('reduced price on background', $finding->title);
        self::assertSame(['page' => [1]], $finding->places);
        self::assertSame(4.5, $finding->target);
        self::assertStringContainsString('1.4.3', $finding->clause);
    }

    public function testLargeTextNeedsLess(): void
    {
        $large = '<div class="wear scheme-daylight"><p class="r big">$30</p></div>';
        $stops = fn(string $hex, string $body): array => array_values(array_filter(
            $this->findings(['scheme.daylight.reduced' => $hex], $body),
            static fn(ContrastFinding $f): bool => $f->severity === Severity::Stops,
        ));
        self::assertSame([4.5], array_column($stops('#d2691e', self::BODY), 'target'));
        self::assertSame([], $stops('#d2691e', $large), 'it has over 3');
        // The pair is still looked at: fainter, it is found, and by the lesser target.
        [$finding] = $stops('#eab98f', $large);
        $told = [$finding->title, $finding->target, $finding->places];
        self::assertSame(['reduced price on background, large', 3.0, ['page' => [1]]], $told);
    }

    public function testAFaintFieldEdgeShouldBeFixed(): void
    {
        [$finding] = $this->findings(['scheme.daylight.field-line' => '#e5dcc8']);
        self::assertSame([Severity::ShouldFix, 3.0], [$finding->severity, $finding->target]);
        self::assertStringContainsString('1.4.11', $finding->clause);
    }

    public function testAPairNoPartWearsIsOnlyWorthKnowing(): void
    {
        [$finding] = $this->findings(['scheme.kiln.reduced' => '#7c2c0c']);
        self::assertSame([Severity::Know, 0], [$finding->severity, $finding->placeCount()]);
    }

    public function testWhatOnlyASeasonWearsStopsAPublishToo(): void
    {
        $own = [
            'scheme.kiln.reduced' => '#7c2c0c', 'seasons' => 'season-1', 'season.season-1.name' => 'Frost',
            'season.season-1.starts' => '2027-01-01T00:00', 'season.season-1.from' => 'daylight', 'season.season-1.to' => 'kiln',
        ];
        [$finding] = $this->findings($own);
        self::assertSame([Severity::Stops, 'reduced price on background, while Frost runs'], [$finding->severity, $finding->title]);
        [$finding] = $this->findings([...$own, 'season.season-1.on' => false]);
        self::assertSame(Severity::Know, $finding->severity);
    }

    public function testARatioIsNeverRoundedUp(): void
    {
        self::assertSame('4.4', ContrastFinding::ratioText(4.4999));
        self::assertSame('4.5', ContrastFinding::ratioText(4.5));
    }

    public function testEveryFixReachesTheTargetAndTheLeastVisibleComesFirst(): void
    {
        $own = ['scheme.daylight.reduced' => '{brand.accent}'];
        $input = Fixtures::input(self::CSS, self::BODY, $own);
        $finding = Fixtures::contrast($input)[0];
        $fixes = ContrastFixes::for($finding, $input);
        self::assertGreaterThanOrEqual(3, count($fixes));
        $differences = array_map(static fn(Fix $f): float => $f->difference, $fixes);
        $sorted = $differences;
        sort($sorted);
        self::assertSame($sorted, $differences);
        foreach ($fixes as $fix) {
            self::assertGreaterThanOrEqual(4.5, $fix->ratio, $fix->title);
            $after = Fixtures::input(self::CSS, self::BODY, [...$own, ...$fix->changes]);
            self::assertNotContains(
                $finding->key,
                array_map(static fn(ContrastFinding $f): string => $f->key, Fixtures::contrast($after)),
                $fix->title,
            );
        }
    }

    /** The themes as shipped, in each of their starters, on a page that has every role. */
    public function testEveryShippedStarterIsReadableInEveryScheme(): void
    {
        [$css, $body] = Fixtures::everyRole();
        foreach (Fixtures::themes() as $theme) {
            $all = Fixtures::inEveryScheme($theme, $body);
            self::assertGreaterThanOrEqual(3, count($theme->starters));
            foreach (array_keys($theme->starters) as $starter) {
                $found = array_map(
                    static fn(ContrastFinding $f): string => "$theme->title $starter: $f->scheme $f->title "
                        .ContrastFinding::ratioText($f->measure),
                    Fixtures::contrast(Fixtures::input($css, $all, [], $starter, theme: $theme)),
                );
                self::assertSame([], $found);
            }
        }
    }

    public function testEveryColorSettingIsARole(): void
    {
        foreach (Fixtures::catalog()->all() as $setting) {
            if ($setting->type instanceof ColorType && $setting->step === StepKey::COLORS) {
                self::assertMatchesRegularExpression('/^(brand|scheme\.[a-z0-9]+)\.[a-z-]+$/', $setting->path);
            }
        }
    }
}
