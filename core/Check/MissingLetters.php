<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\FontFamily;
use Ikat\Core\Type\FontLikeness;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\UnicodeRange;
use Ikat\Core\Type\Voice;

/** Characters of the shop's words that the font they are set in does not have: a browser sets them in another one, amid the word. */
final class MissingLetters implements Check
{
    /** Characters and families that are named; of more the number is. */
    private const NAMED = 4;

    /** Characters of ASCII that are seen, from and to: the families that ship have them all, a store's own may not. */
    private const PLAIN = ['from' => 33, 'to' => 126];

    public function run(Inspection $input): iterable
    {
        $shop = $input->get(ShopWords::class);
        $fonts = $input->get(FontCoverage::class);
        $families = [];
        foreach (Voice::cases() as $voice) {
            $families[$input->look->text($voice->path('family'))][] = $voice;
        }
        foreach ($families as $family => $voices) {
            $lacked = SpokenFace::of($input->look, $voices[0])->family->isOwn() ? $fonts->lacking((string) $family, self::plain()) : [];
            $words = $lacked === [] ? $shop->words : $shop->words->and($shop->plain($lacked));
            $texts = [];
            foreach ($voices as $voice) {
                $texts += $words->characters[$voice->wordsAre()->value];
            }
            $characters = array_map(strval(...), array_keys($texts));
            $missing = $fonts->lacking((string) $family, $characters);
            if ($missing === []) {
                continue;
            }
            $face = SpokenFace::of($input->look, $voices[0]);
            $have = self::having($characters, $face, $fonts);
            yield new SettingFinding(
                "letters:$family",
                Severity::ShouldFix,
                StepKey::FONTS,
                $voices[0]->path('family'),
                sprintf('%s has no %s', $face->family->name, self::inTheirWords($missing, $texts)),
                $have === []
                    ? 'No family of the shelf has all of your shop’s letters. Choose one that has those of most words.'
                    : sprintf('%s: each has all of your shop’s letters.', self::named(array_map(
                        static fn(string $key): string => FontShelf::get($key)->name,
                        $have,
                    ))),
            );
        }
    }

    /** @return list<string> */
    private static function plain(): array
    {
        return array_map(static fn(int $code): string => (string) mb_chr($code), range(self::PLAIN['from'], self::PLAIN['to']));
    }

    /**
     * Families that have all of some characters, those most like the one in use first; fonts are read until enough have them.
     *
     * @param list<string> $characters
     *
     * @return list<string> keys
     */
    private static function having(array $characters, SpokenFace $face, FontCoverage $fonts): array
    {
        $ranges = array_map(UnicodeRange::of(...), FontShelf::RANGES);
        $isWithin = static fn(FontFamily $other, string $c): bool => array_filter(
            $other->parts,
            static fn(string $part): bool => $ranges[$part]->has(mb_ord($c)),
        ) !== [];
        $have = [];
        foreach (array_keys(FontLikeness::to($face->family, $face->weight)) as $key) {
            $other = FontShelf::all()[$key] ?? null;
            if (
                $other !== null
                && $key !== $face->family->key
                && array_filter($characters, static fn(string $c): bool => ! $isWithin($other, $c)) === []
                && $fonts->lacking($key, $characters) === []
            ) {
                $have[] = $key;
            }
            if (count($have) === self::NAMED) {
                break;
            }
        }

        return $have;
    }

    /**
     * "Ф, о (in “Фонарь”), χ (in “χάρτινο”, “χαρτί”)": letters of the same words together.
     *
     * @param list<string> $missing
     * @param array<string, list<string>> $texts character => texts it stands in
     */
    private static function inTheirWords(array $missing, array $texts): string
    {
        $together = [];
        foreach ($missing as $character) {
            $together[implode('”, “', $texts[$character])][] = $character;
        }

        return self::named(array_map(
            static fn(string $text, array $characters): string => self::named($characters)." (in “{$text}”)",
            array_map(strval(...), array_keys($together)),
            array_values($together),
        ));
    }

    /** @param list<string> $all */
    private static function named(array $all): string
    {
        $more = count($all) - self::NAMED;

        return implode(', ', array_slice($all, 0, self::NAMED)).($more > 0 ? sprintf(' and %d more', $more) : '');
    }
}
