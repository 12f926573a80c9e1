<?php

declare(strict_types=1);

namespace Tests\Core\Find;

use Ikat\Core\Find\SearchRank;
use Ikat\Core\Find\SearchTerms;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SearchTermsTest extends TestCase
{
    /** As the index finds them: each word asked for is the beginning of a term. */
    private static function finds(string $asked, string $terms): bool
    {
        $question = SearchTerms::question($asked);
        foreach ($question === null ? ['+nothing*'] : explode(' ', $question) as $word) {
            if (preg_match('/(^| )'.preg_quote(trim($word, '+*'), '/').'/', $terms) !== 1) {
                return false;
            }
        }

        return true;
    }

    #[DataProvider('questions')]
    public function testPartsOfWordsAreFound(string $asked, bool $isFound): void
    {
        self::assertSame(
            $isFound,
            self::finds(
                $asked,
                SearchTerms::index('Heron folding lantern', 'Mulberry paper, 14 in', 'Folded by hand from one sheet for the porch.'),
            ),
        );
    }

    /** @return iterable<string, array{string, bool}> */
    public static function questions(): iterable
    {
        yield 'a word' => ['lantern', true];
        yield 'its beginning' => ['LANT', true];
        yield 'its middle' => ['ante', true];
        yield 'its end' => ['tern', true];
        yield 'of the note' => ['berry', true];
        yield 'of the text, from its beginning' => ['porc', true];
        yield 'two words in any order' => ['paper heron', true];
        yield 'one that is there and one that is not' => ['heron brass', false];
        yield 'what is in no index is passed over' => ['the heron', true];
        yield 'too short to be in an index' => ['he', false];
        yield 'signs that mean something to the index' => ['+lantern* -"heron"', true];
        yield 'nothing' => ['  ', false];
    }

    public function testAQuestionIsPlain(): void
    {
        self::assertSame('+café* +ünder*', SearchTerms::question('Café (ÜNDER) @5 ~x'));
        self::assertNull(SearchTerms::question("for the \xFF"));
        self::assertSame(6, substr_count((string) SearchTerms::question('one two three four five six seven eight'), '+'));
    }

    public function testTheBetterAnswerRanksHigher(): void
    {
        $rank = static fn(string $name, string $note): int => SearchRank::of('lantern paper', $name, $note);
        $ranks = [
            $rank('Paper lantern', ''), $rank('Paper lanterns', ''), $rank('Lantern', 'paper'), $rank('Lantern', 'newspaper'),
            $rank('Lantern', 'brass'), $rank('Lamp', 'paper'), $rank('Lamp', 'brass'),
        ];
        $sorted = $ranks;
        rsort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertSame(count($ranks), count(array_unique($ranks)));
        self::assertSame(0, end($ranks));
    }

    public function testTheNameCountsMore(): void
    {
        $terms = explode(' ', SearchTerms::index('Heron lantern', 'paper', 'lantern'));
        self::assertSame([2, 1], [count(array_keys($terms, 'heron', true)), count(array_keys($terms, 'paper', true))]);
    }
}
