<?php

declare(strict_types=1);

namespace Tests\Core\Language;

use Ikat\Core\Language\Dictionary;
use Ikat\Core\Language\ShippedWords;
use Ikat\Core\Language\ShopLanguage;
use Ikat\Core\Setting\Catalog\WordSettings;
use PHPUnit\Framework\TestCase;

final class DictionaryTest extends TestCase
{
    public function testWhatTheMerchantSaysComesBeforeWhatShipsAndTheFirstLanguageAfterBoth(): void
    {
        $german = Dictionary::of(new ShopLanguage('de'), false, ['Total' => 'Summe', 'Lamp kits' => 'Bausätze', 'Candles' => '']);
        self::assertSame('Summe', $german->say('Total'));
        self::assertSame('Bausätze', $german->say('Lamp kits'));
        self::assertSame('Entfernen', $german->say('Remove'));
        self::assertSame('Candles', $german->say('Candles'), 'nothing said is nothing');
        self::assertSame('Wicks & oil', $german->say('Wicks & oil'));
        self::assertTrue($german->knows('Remove'));
        self::assertFalse($german->knows('Candles'));
    }

    public function testTheFirstLanguageIsNotSaidOtherwiseByTheMerchant(): void
    {
        $first = Dictionary::of(new ShopLanguage('de'), true, ['Total' => 'Summe']);
        self::assertSame('Gesamt', $first->say('Total'), 'a shop whose first language is German says the shipped words in it');
        self::assertSame('Total', Dictionary::plain()->say('Total'));
        self::assertTrue(Dictionary::plain()->isEmpty());
    }

    public function testWhatStandsInWordsIsPutThereOnce(): void
    {
        $german = Dictionary::of(new ShopLanguage('de'), false);
        self::assertSame('Seite 2 von 5', $german->say('Page :page of :last', ['page' => 2, 'last' => 5]));
        self::assertSame(':last zieht 3 ab.', $german->say(':code takes :amount off.', ['code' => ':last', 'amount' => 3]));
    }

    public function testWordsOfAnotherLanguageLeadToTheirOriginals(): void
    {
        $german = Dictionary::of(new ShopLanguage('de'), false, ['Moon globe' => 'Mondkugel', 'Moon lamp' => 'Mondlampe']);
        self::assertSame(['Moon globe', 'Moon lamp'], $german->originalsWith('MOND', 5));
        self::assertSame(['Moon globe'], $german->originalsWith('mond', 1));
        self::assertSame([], $german->originalsWith(' ', 5));
    }

    public function testItIsKnownByWhatItSays(): void
    {
        $of = static fn(string $said): string => Dictionary::of(new ShopLanguage('de'), false, ['Moon globe' => $said])->key();
        self::assertSame($of('Mondkugel'), $of('Mondkugel'));
        self::assertNotSame($of('Mondkugel'), $of('Mondlicht'));
        self::assertSame(19, strlen(Dictionary::known('de', str_repeat('long ', 5000))));
    }

    /** The original words of every setting of words ship in every language Ikat speaks. */
    public function testEveryWordOfCartAndCheckoutShips(): void
    {
        $known = array_flip(ShippedWords::all());
        foreach (WordSettings::all() as $setting) {
            self::assertArrayHasKey((string) $setting->default, $known, $setting->path);
        }
        self::assertSame([], ShippedWords::in('en'));
        foreach (['de', 'fr', 'es'] as $language) {
            self::assertNotContains('', ShippedWords::in($language));
        }
    }

    /** Against the "layout" of every language of the Unicode CLDR, as ICU carries it. */
    public function testScriptsThatRunFromRightToLeftAreThoseOfTheUnicodeConsortium(): void
    {
        $right = 0;
        foreach (\ResourceBundle::getLocales('') ?: [] as $locale) {
            if (strlen($locale) !== 2) {
                continue;
            }
            $layout = \ResourceBundle::create($locale, 'ICUDATA')?->get('layout');
            $isRight = $layout instanceof \ResourceBundle && $layout->get('characters') === 'right-to-left';
            self::assertSame($isRight, (new ShopLanguage($locale))->isRightToLeft(), $locale);
            $right += (int) $isRight;
        }
        self::assertGreaterThan(5, $right);
        self::assertSame(['Deutsch', 'German'], [(new ShopLanguage('de'))->ownName(), (new ShopLanguage('de'))->name()]);
    }
}
