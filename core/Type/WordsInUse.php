<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** Which characters the words of a shop are made of, voice by voice, with some of the words each stands in. */
final readonly class WordsInUse
{
    /** Texts that are named for a character. */
    private const EXAMPLES = 3;

    /** Characters of a word that says too little alone. */
    private const SHORT = 3;

    /** What is no letter of a text font's: pictures of one character, which come with the device, and what is never seen. */
    private const LEFT_OUT = '/\p{Extended_Pictographic}|\p{C}|\p{Z}|\x{FE0F}|[\x{1F1E6}-\x{1F1FF}]/u';

    /** @param array<string, array<string, list<string>>> $characters voice => character => texts it stands in */
    private function __construct(public array $characters) {}

    /** @return list<string> the voices that words are told by: others set the words of one of them */
    private static function voices(): array
    {
        return array_values(array_unique(array_map(static fn(Voice $voice): string => $voice->wordsAre()->value, Voice::cases())));
    }

    /**
     * @param iterable<array{list<string>, string}> $texts each with the voices it is set in
     * @param list<string> $plain characters of ASCII to look for instead of all others: most texts are of those alone, and most fonts
     *     have them all
     */
    public static function in(iterable $texts, array $plain = []): self
    {
        $characters = array_fill_keys(self::voices(), []);
        $sought = $plain === [] ? '/[^\x00-\x7F]/' : '/['.preg_quote(implode('', $plain), '/').']/';
        foreach ($texts as [$voices, $text]) {
            if (preg_match($sought, $text) !== 1) {
                continue;
            }
            foreach (array_unique(mb_str_split(mb_scrub($text))) as $character) {
                $isPlain = strlen($character) === 1;
                if ($isPlain ? ! in_array($character, $plain, true) : $plain !== [] || preg_match(self::LEFT_OUT, $character) === 1) {
                    continue;
                }
                foreach ($voices as $voice) {
                    if (count($characters[$voice][$character] ?? []) < self::EXAMPLES) {
                        $characters[$voice][$character][] = self::around($text, $character);
                    }
                }
            }
        }

        return new self($characters);
    }

    /** @param array<string, array<string, list<string>>> $characters as they were once found */
    public static function kept(array $characters): self
    {
        return new self($characters);
    }

    public function and(self $other): self
    {
        $all = $this->characters;
        foreach ($other->characters as $voice => $characters) {
            foreach ($characters as $character => $texts) {
                $all[$voice][$character] = array_slice(array_unique([...$all[$voice][$character] ?? [], ...$texts]), 0, self::EXAMPLES);
            }
        }

        return new self($all);
    }

    /** The word a character stands in, without what is around it; with the next word where it is short. */
    private static function around(string $text, string $character): string
    {
        preg_match('/(\S*'.preg_quote($character, '/').'\S*)(?: \S+)?/u', mb_scrub($text), $m);
        [$both, $word] = [...$m, $character, $character];
        $word = (string) preg_replace('/^[\p{P}\p{S}]+|[\p{P}\p{S}]+$/u', '', $word);

        return mb_substr(mb_strlen($word) < self::SHORT ? $both : $word, 0, 40);
    }
}
