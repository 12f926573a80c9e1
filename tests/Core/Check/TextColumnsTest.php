<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\TextColumns;
use Ikat\Core\Reach\MatchedPage;
use Ikat\Core\Reach\Stylesheet;
use Ikat\Core\Reach\TextLayout;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

/** Characters of a line: 45 to 75 read with ease (common practice, no source). A column that shares the page with another one. */
final class TextColumnsTest extends TestCase
{
    private const CSS = 'body { font-family: var(--type-body-family); font-size: var(--type-body-size); } '
        .'.frame { max-width: var(--page-width); } .side { display: grid; } p { max-width: var(--type-measure); } ';

    /** @param array<string, bool|float|string> $own */
    private static function columns(array $own, string $tracks): TextColumns
    {
        $look = Fixtures::look($own);
        $text = '<section><p>Paper is folded wet and dries on a frame of split bamboo.</p></section>';
        $page = MatchedPage::of(
            Stylesheet::parse(self::CSS.".side { grid-template-columns: $tracks; }"),
            "<body><div class=\"frame\"><div class=\"side\">$text<i></i></div></div></body>",
        );

        return (new Inspection($look, Fixtures::theme(), [
            TextLayout::class => static fn(): TextLayout => TextLayout::of(['home' => $page]),
        ]))->get(TextColumns::class);
    }

    public function testAColumnIsJudgedOnEachScreen(): void
    {
        $columns = self::columns([], '1fr 1fr');
        [$column] = $columns->columns;
        self::assertSame([-1, 0, 0], array_map(
            static fn(int $screen): int => $columns->judged($column, $screen),
            array_keys(TextColumns::SCREENS),
        ));
        self::assertSame(1, (static function (): int {
            $wide = self::columns(['type.measure' => 50.0], '1fr');

            return $wide->judged($wide->columns[0], 1280);
        })());
    }

    public function testALineThatIsTooLongIsHeldShorter(): void
    {
        $columns = self::columns(['type.measure' => 50.0], '1fr');
        $way = $columns->way($columns->columns[0], 1280);
        self::assertNull($way['size']);
        $mended = self::columns(['type.measure' => $way['changes']['type.measure']], '1fr');
        self::assertSame([0, 74], [$mended->judged($mended->columns[0], 1280), $mended->characters($mended->columns[0], 1280)]);
    }

    public function testLettersThatAreTooLargeForTheirColumnAreMadeSmaller(): void
    {
        $columns = self::columns(['type.body.size.phone' => 22.0], '1fr');
        $way = $columns->way($columns->columns[0], 390);
        self::assertGreaterThanOrEqual(16.0, $way['changes']['type.body.size.phone']);
        $mended = self::columns(['type.body.size.phone' => $way['changes']['type.body.size.phone']], '1fr');
        self::assertSame(0, $mended->judged($mended->columns[0], 390));
    }

    /** @return iterable<string, array{float}> page widths, on the steps of the setting and between them */
    public static function pages(): iterable
    {
        yield 'the narrowest' => [880.0];
        yield 'between two steps' => [881.0];
        yield 'just under a step' => [903.5];
        yield 'nearly wide enough' => [960.0];
    }

    #[DataProvider('pages')]
    public function testAPageThatIsTooNarrowIsMadeAsWideAsItMustBeAndNoWider(float $page): void
    {
        // A third of the page: letters would have to be too small.
        $own = ['page.width' => $page, 'type.base' => 16.0];
        $columns = self::columns($own, '1fr 2fr');
        $way = $columns->way($columns->columns[0], 1280);
        $wider = $way['changes']['page.width'];
        self::assertGreaterThan($page, $wider);
        $at = static function (float $width) use ($own): int {
            $columns = self::columns(['page.width' => $width] + $own, '1fr 2fr');

            return $columns->judged($columns->columns[0], 1280);
        };
        self::assertSame([0, -1], [$at($wider), $at(max($page, $wider - 8.0))]);
    }

    public function testWhereNothingHelpsItSaysHowSmallLettersWouldBe(): void
    {
        $columns = self::columns([], '1fr 9fr');
        $way = $columns->way($columns->columns[0], 1280);
        self::assertSame([], $way['changes']);
        self::assertLessThan(16.0, $way['size']);
    }
}
