<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Setting\StepKey;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\Voice;

/** Characters of the shop's words that the font they are set in does not have: a browser sets them in another one, amid the word. */
final class MissingLetters implements Check
{
    /** Characters and families that are named; of more the number is. */
    private const NAMED = 4;

    public function run(Inspection $input): iterable
    {
        $words = $input->get(ShopWords::class)->words;
        $fonts = $input->get(FontCoverage::class);
        $families = [];
        foreach (Voice::cases() as $voice) {
            $families[$input->look->text($voice->path('family'))][] = $voice;
        }
        foreach ($families as $family => $voices) {
            $texts = [];
            foreach ($voices as $voice) {
                $texts += $words->characters[$voice->wordsAre()->value];
            }
            $characters = array_map(strval(...), array_keys($texts));
            $missing = $fonts->lacking((string) $family, $characters);
            if ($missing === []) {
                continue;
            }
            $have = array_filter(
                array_keys(FontShelf::all()),
                static fn(string $other): bool => $other !== $family && $fonts->lacking($other, $characters) === [],
            );
            yield new SettingFinding(
                "letters:$family",
                Severity::ShouldFix,
                StepKey::FONTS,
                $voices[0]->path('family'),
                sprintf('%s has no %s', FontShelf::get((string) $family)->name, self::inTheirWords($missing, $texts)),
                $have === []
                    ? 'No family of the shelf has all of your shop’s letters. Choose one that has those of most words.'
                    : sprintf('%s: each has all of your shop’s letters.', self::named(array_map(
                        static fn(string $key): string => FontShelf::get($key)->name,
                        array_values($have),
                    ))),
            );
        }
    }

    /**
     * "Ф, о (in “Фонарь”), χ (in “χάρτινο”)": letters of the same words together.
     *
     * @param list<string> $missing
     * @param array<string, list<string>> $texts character => texts it stands in
     */
    private static function inTheirWords(array $missing, array $texts): string
    {
        $together = [];
        foreach ($missing as $character) {
            $together[$texts[$character][0]][] = $character;
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
