<?php

declare(strict_types=1);

namespace Tests\Core\Store;

use Ikat\Core\Store\Cell\AddressCell;
use Ikat\Core\Store\Cell\BoxCell;
use Ikat\Core\Store\Cell\CellType;
use Ikat\Core\Store\Cell\ChoiceCell;
use Ikat\Core\Store\Cell\CodeCell;
use Ikat\Core\Store\Cell\CurrencyCell;
use Ikat\Core\Store\Cell\DayCell;
use Ikat\Core\Store\Cell\DiscountCell;
use Ikat\Core\Store\Cell\DocumentCell;
use Ikat\Core\Store\Cell\FactsCell;
use Ikat\Core\Store\Cell\MomentCell;
use Ikat\Core\Store\Cell\MoneyCell;
use Ikat\Core\Store\Cell\PicturesCell;
use Ikat\Core\Store\Cell\PlacesCell;
use Ikat\Core\Store\Cell\RecordCell;
use Ikat\Core\Store\Cell\SwatchesCell;
use Ikat\Core\Store\Cell\SwitchCell;
use Ikat\Core\Store\Cell\TargetCell;
use Ikat\Core\Store\Cell\TextCell;
use Ikat\Core\Store\Cell\WebCell;
use Ikat\Core\Store\Cell\WholeCell;
use Ikat\Core\Store\Cell\ZoneCell;
use Ikat\Core\Store\Column;
use Ikat\Core\Store\Names;
use Ikat\Core\Store\UnreadableCell;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CellsTest extends TestCase
{
    /** @return iterable<string, array{CellType, string, mixed, string}> what is typed, kept, and written */
    public static function readable(): iterable
    {
        $money = new MoneyCell();
        foreach ([
            '12.50' => 1250, '12,50' => 1250, '12' => 1200, '12.5' => 1250, '$12.50' => 1250, '12,50 €' => 1250, 'USD 1,234.50' => 123450,
            '1.234,50' => 123450, '1,234' => 123400, '1 234,5' => 123450, '1’234.50' => 123450, "1\u{202F}234,50" => 123450, '0' => 0,
            '1,234,567.89' => 123456789, '10000000' => 1_000_000_000, '0.05' => 5,
        ] as $typed => $cents) {
            yield "money $typed" => [$money, (string) $typed, $cents, sprintf('%d.%02d', intdiv($cents, 100), $cents % 100)];
        }
        yield 'whole' => [new WholeCell(), '1,200', 1200, '1200'];
        yield 'less than nothing' => [new WholeCell(-10, 10), '-3', -3, '-3'];
        yield 'a part of a picture' => [new BoxCell(), '12, 8, 88,96', '12 8 88 96', '12 8 88 96'];
        yield 'no part of a picture' => [new BoxCell(), '', '', ''];
        yield 'yes' => [new SwitchCell(), 'Y', true, 'yes'];
        yield 'no' => [new SwitchCell(), '0', false, 'no'];
        yield 'choice by its words' => [new ChoiceCell(['main' => 'the main menu']), 'The Main Menu', 'main', 'the main menu'];
        yield 'day' => [new DayCell(), '2028-02-29', '2028-02-29', '2028-02-29'];
        yield 'line' => [new TextCell(20), "Harbor \t lantern", 'Harbor lantern', 'Harbor lantern'];
        yield 'lines' => [new TextCell(20, true), "a\r\nb", "a\nb", "a\nb"];
        yield 'address' => [new AddressCell('/product/'), 'Crème brûlée, 6 in', 'creme-brulee-6-in', 'creme-brulee-6-in'];
        yield 'address in another script' => [new AddressCell('/page/'), 'Фонарь', 'fonar', 'fonar'];
        yield 'share' => [new DiscountCell(), '15 %', ['kind' => 'percent', 'value' => 15], '15%'];
        yield 'sum' => [new DiscountCell(), '5', ['kind' => 'amount', 'value' => 500], '5.00'];
        yield 'code' => [new CodeCell(), 'lantern 10', 'LANTERN10', 'LANTERN10'];
        yield 'target' => [new TargetCell(), '/category/candles?sort=low', '/category/candles?sort=low', '/category/candles?sort=low'];
        yield 'target on the web' => [new TargetCell(), 'blog.example/light', 'https://blog.example/light', 'https://blog.example/light'];
        yield 'target with a question' => [new TargetCell(), 'https://blog.example/?a=1&b=2', 'https://blog.example/?a=1&b=2',
            'https://blog.example/?a=1&b=2'];
        yield 'document' => [new DocumentCell(), '/files/1/document-0a.pdf', '/files/1/document-0a.pdf', '/files/1/document-0a.pdf'];
        yield 'facts' => [new FactsCell(), "Made: by hand\n\nOf: paper: mulberry", ['Made' => 'by hand', 'Of' => 'paper: mulberry'],
            "Made: by hand\nOf: paper: mulberry"];
        yield 'swatches' => [new SwatchesCell(), "Indigo: #3C4A8C\n\nRose: rebeccapurple", ['Indigo' => '#3c4a8c', 'Rose' => '#663399'],
            "Indigo: #3c4a8c\nRose: #663399"];
        yield 'address on the web' => [new WebCell(), 'films.example/lantern', 'https://films.example/lantern',
            'https://films.example/lantern'];
        yield 'record' => [new RecordCell('categories'), 'candles', 7, 'Candles'];
        yield 'pictures' => [new PicturesCell(), 'lead, lead-2;lead', [1, 2], 'lead lead-2'];
        yield 'countries' => [new PlacesCell(true), 'us, CA', ['US', 'CA'], 'US CA'];
        yield 'languages' => [new PlacesCell(false), 'EN fr', ['en', 'fr'], 'en fr'];
        yield 'time zone' => [new ZoneCell(), 'america/new york', 'America/New_York', 'America/New_York'];
        // The store's own clock, in summer and in winter.
        $moment = new MomentCell(new \DateTimeZone('America/New_York'));
        yield 'winter' => [$moment, '2027-01-15 18:00', '2027-01-15 23:00:00', '2027-01-15 18:00'];
        yield 'summer' => [$moment, '2027-07-15T18:00', '2027-07-15 22:00:00', '2027-07-15 18:00'];
        yield 'a day alone' => [$moment, '2027-07-15', '2027-07-15 04:00:00', '2027-07-15 00:00'];
    }

    #[DataProvider('readable')]
    public function testWhatIsTypedIsWrittenSoThatItIsReadAgain(CellType $type, string $typed, mixed $value, string $written): void
    {
        self::assertSame($value, $type->read($typed, self::names()));
        self::assertSame($written, $type->write($type->read($typed, self::names()), self::names()));
        self::assertSame($value, $type->read($written, self::names()));
    }

    /** @return iterable<array{CellType, string, string}> */
    public static function unreadable(): iterable
    {
        $money = new MoneyCell();
        yield [$money, '12,5O', 'no sum of money'];
        yield [$money, '1,234,56', 'no sum of money'];
        yield [$money, '1,234.567', 'no sum of money'];
        yield [$money, '1.234', 'can be read in two ways. Write 1234 or 1.23.'];
        yield [$money, '-3', 'less than nothing'];
        yield [$money, '10000000.01', 'more than fits'];
        yield [$money, '99999999999999999999', 'more than fits'];
        yield [new WholeCell(), '3.5', 'no whole number'];
        yield [new BoxCell(), '12 8 88', 'in percent'];
        yield [new BoxCell(), '88 8 12 96', 'left of the right one'];
        yield [new BoxCell(), '0 0 120 96', 'between 0 and 100'];
        yield [new WholeCell(), '-1', 'from 0 to 999,999'];
        yield [new SwitchCell(), 'maybe', 'yes or no'];
        yield [new ChoiceCell(['main' => 'the main menu']), 'side', 'It can be the main menu.'];
        yield [new DayCell(), '2027-02-29', 'as year, month and day'];
        yield [new DayCell(), '3/1/2027', 'as year, month and day'];
        yield [new MomentCell(new \DateTimeZone('UTC')), '2027-01-01 24:00', 'Write the moment as'];
        yield [new TextCell(5), 'lantern', '7 characters, and 5 fit: shorten it by 2.'];
        yield [new AddressCell('/page/'), '!?', 'letters from a to z'];
        yield [new DiscountCell(), '120%', 'from 1% to 100%'];
        yield [new DiscountCell(), '0', 'like 10%, a sum'];
        yield [new CodeCell(), 'Ü', '2 to 32 letters'];
        yield [new TargetCell(), 'javascript:alert(1)', 'or one on the web'];
        yield [new TargetCell(), 'data:text/html,hello', 'or one on the web'];
        yield [new TargetCell(), 'https://', 'or one on the web'];
        yield [new TargetCell(), 'https://elsewhere.example/"onclick', 'or one on the web'];
        yield [new TargetCell(), '/page/a b', 'or one on the web'];
        yield [new DocumentCell(), '/shop-files/1/page.html', 'no file of the shop'];
        yield [new SwatchesCell(), 'Indigo', 'needs a value, a colon and its color'];
        yield [new SwatchesCell(), "Rose: red\nIndigo: blueish", 'Line 2: “blueish” is no color'];
        yield [new SwatchesCell(), "Rose: red\nRose: blue", 'stands there twice'];
        yield [new WebCell(), '/product/lantern', 'Write an address on the web'];
        yield [new WebCell(), 'javascript:alert(1)', 'Write an address on the web'];
        yield [new DocumentCell(), 'https://elsewhere.example/a.pdf', 'no file of the shop'];
        yield [new DocumentCell(), '/shop-files/../a.pdf', 'no file of the shop'];
        yield [new TargetCell(), '//elsewhere.example', 'beginning with a slash'];
        yield [new FactsCell(), 'Made by hand', 'Line 1 needs a name, a colon'];
        yield [new FactsCell(), "Made: a\nMade: b", 'stands there twice'];
        yield [new RecordCell('categories'), 'tents', 'Nothing here is called'];
        yield [new PicturesCell(), 'nobody', 'no picture called'];
        yield [new PlacesCell(true), 'US QQ', '“QQ” is no country'];
        yield [new PlacesCell(false), 'english', 'is no language'];
        yield [new ZoneCell(), 'Mars', 'continent and city'];
        yield [new CurrencyCell(), 'JPY', 'counted in hundredths'];
    }

    #[DataProvider('unreadable')]
    public function testWhatCannotBeReadSaysWhatWouldBe(CellType $type, string $typed, string $words): void
    {
        $this->expectException(UnreadableCell::class);
        $this->expectExceptionMessage($words);
        $type->read($typed, self::names());
    }

    /** Digits after the point and names as ICU has them (CLDR supplemental currency data). */
    public function testEveryCurrencyIsOneThatIsCountedInHundredths(): void
    {
        $names = \ResourceBundle::create('en', 'ICUDATA-curr')?->get('Currencies');
        foreach (CurrencyCell::CODES as $code) {
            $format = new \NumberFormatter('en', \NumberFormatter::CURRENCY);
            $format->setTextAttribute(\NumberFormatter::CURRENCY_CODE, $code);
            self::assertNotNull($names?->get($code), "$code is a currency");
            self::assertContains($format->getAttribute(\NumberFormatter::FRACTION_DIGITS), [0, 2], $code);
        }
        self::assertSame('EUR', (new CurrencyCell())->read('eur', self::names()));
    }

    public function testNothingIsNothingWhereItMayBe(): void
    {
        self::assertNull((new Column('was', 'price before', new MoneyCell()))->read('  ', self::names()));
        self::assertSame('', (new Column('note', 'note', new TextCell(10)))->read('', self::names()));
        $this->expectExceptionMessage('The price cannot be empty.');
        (new Column('price', 'price', new MoneyCell(), true))->read(' ', self::names());
    }

    private static function names(): Names
    {
        return new class implements Names {
            private const IDS = ['candles' => 7, 'Candles' => 7, 'lead' => 1, 'lead-2' => 2];

            public function idOf(string $kind, string $called): ?int
            {
                return self::IDS[$called] ?? null;
            }

            public function nameOf(string $kind, int $id): string
            {
                return [7 => 'Candles', 1 => 'lead', 2 => 'lead-2'][$id] ?? '';
            }
        };
    }
}
