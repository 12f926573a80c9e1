<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Ikat\Core\Check\Finding;
use Ikat\Core\Check\FontCoverage;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\MissingLetters;
use Ikat\Core\Check\ShopWords;
use Ikat\Core\Type\WordsInUse;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class MissingLettersTest extends TestCase
{
    /**
     * @param array<string, bool|float|string> $own
     * @param list<array{list<string>, string}> $goods texts of the store, with the voices they are set in
     * @param array<string, string> $has family => characters it has; all others have none
     *
     * @return list<Finding>
     */
    private static function findings(array $own, array $goods, array $has): array
    {
        $look = Fixtures::look($own);
        $input = new Inspection($look, Fixtures::theme(), [
            ShopWords::class => static fn(): ShopWords => new ShopWords(
                ShopWords::ofLook($look)->and(WordsInUse::in($goods)),
                static fn(array $characters): WordsInUse => WordsInUse::in($goods, $characters),
            ),
            FontCoverage::class => static fn(): FontCoverage => new FontCoverage(static fn(string $family): array => array_flip(
                array_map(mb_ord(...), mb_str_split($has[$family] ?? '–’·×—…“”')),
            )),
        ]);

        return [...(new MissingLetters())->run($input)];
    }

    public function testWhatAFontLacksIsNamedWithTheWordsItStandsInAndTheFamiliesThatHaveIt(): void
    {
        $plain = '–’·×—…“”é';
        $found = self::findings(
            ['type.heading.family' => 'gloock', 'type.body.family' => 'karla'],
            [[['heading', 'body'], 'Stará lucerna z papíru'], [['body'], 'Papír a sklo']],
            ['gloock' => $plain, 'karla' => "{$plain}áí", 'lora' => "{$plain}áíě", 'bitter' => "{$plain}áí"],
        );
        self::assertSame(['letters:gloock'], array_map(static fn(Finding $f): string => $f->key(), $found));
        self::assertSame('type.heading.family', $found[0]->path());
        $words = $found[0]->inWords(new Inspection(Fixtures::look(), Fixtures::theme()));
        self::assertStringContainsString('Gloock has no á (in “Stará”), í (in “papíru”)', $words);
        self::assertSame('Lora, Bitter, Karla: each has all of your shop’s letters.', $found[0]->measured());
    }

    public function testAVoiceThatFollowsAnotherIsToldWithIt(): void
    {
        $found = self::findings([], [[['menu', 'body'], 'Ωώ'], [['price'], '₿ 10']], ['gloock' => '–’·×—…“”', 'karla' => '–’·×—…“”']);
        self::assertCount(1, $found, 'menu, text and prices are all set in Karla');
        self::assertStringContainsString(
            'Karla has no Ω, ώ (in “Ωώ”), ₿ (in “₿ 10”)',
            $found[0]->inWords(new Inspection(Fixtures::look(), Fixtures::theme())),
        );
        self::assertStringContainsString('No family of the shelf', $found[0]->measured());
    }

    public function testPicturesOfOneCharacterAndPlainLettersAreNotAskedFor(): void
    {
        self::assertSame([], WordsInUse::in([[['body'], 'Lanterns 🏮 ✨ &  all']])->characters['body']);
        $kept = WordsInUse::in([[['body'], 'Très'], [['body'], 'belle'], [['body'], 'père et mère, très près']]);
        self::assertSame(['è'], array_keys($kept->characters['body']));
        self::assertCount(2, $kept->characters['body']['è']);
        $plain = WordsInUse::in([[['body'], 'Papír a sklo'], [['body'], 'A [lamp]']], ['P', ']', 'q']);
        self::assertSame(['P' => ['Papír'], ']' => ['lamp']], $plain->characters['body']);
    }
}
