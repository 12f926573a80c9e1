<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

use Ikat\Core\Look\ResolvedLook;

/** Which files of letters each kind of page fetches, and what would be saved. */
final readonly class PageFonts
{
    private const PARTS = [
        'latin-ext' => 'more Latin', 'vietnamese' => 'Vietnamese', 'greek' => 'Greek', 'greek-ext' => 'more Greek',
        'cyrillic' => 'Cyrillic', 'cyrillic-ext' => 'more Cyrillic',
    ];

    /**
     * @param array<string, array<string, int>> $files page => what is fetched in words ("Karla italic, Greek") => bytes
     * @param list<array{words: string, bytes: int, pages: int, changes: array<string, float|string>}> $savings each with the kinds of page
     *     that fetch so many bytes less, the largest first
     */
    private function __construct(public array $files, public array $savings) {}

    /**
     * @param array<string, list<string>> $pages voice => kinds of page that show it
     * @param WordsInUse $words of the whole shop: a page may have fewer of the letters, and fetch less
     */
    public static function of(ResolvedLook $look, array $pages, WordsInUse $words): self
    {
        $files = $spoken = [];
        foreach (Voice::cases() as $voice) {
            $face = SpokenFace::of($look, $voice);
            $spoken[$face->family->key.($face->isItalic ? ' italic' : '')][] = $voice;
        }
        foreach ($spoken as $voices) {
            $fetched = self::filesOf(SpokenFace::of($look, $voices[0]), $voices, $words);
            foreach (self::pagesOf($voices, $pages) as $page) {
                $files[$page] = [...$files[$page] ?? [], ...$fetched];
            }
        }

        return new self($files, self::savingsIn($look, $spoken, $pages, $words));
    }

    /** @return list<array{pages: list<string>, files: array<string, int>, bytes: int}> pages that fetch the same, most pages first */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->files as $page => $files) {
            ksort($files);
            $key = implode('|', array_keys($files));
            $groups[$key] ??= ['pages' => [], 'files' => $files, 'bytes' => array_sum($files)];
            $groups[$key]['pages'][] = $page;
        }
        usort($groups, static fn(array $a, array $b): int => [count($b['pages']), $b['bytes']] <=> [count($a['pages']), $a['bytes']]);

        return $groups;
    }

    /**
     * @param non-empty-list<Voice> $voices
     * @param array<string, list<string>> $pages voice => kinds of page
     *
     * @return list<string> kinds of page that show any of them
     */
    private static function pagesOf(array $voices, array $pages): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn(Voice $v): array => $pages[$v->value] ?? [], $voices))));
    }

    /**
     * @param list<Voice> $voices that speak in it
     *
     * @return array<string, int> in words => bytes
     */
    private static function filesOf(SpokenFace $face, array $voices, WordsInUse $words): array
    {
        $name = $face->family->name.($face->isItalic ? ' italic' : '');
        $files = [$name => $face->bytes()];
        $ranges = array_map(UnicodeRange::of(...), array_intersect_key(FontShelf::RANGES, array_flip($face->family->parts)));
        foreach ($voices as $voice) {
            foreach (array_keys($words->characters[$voice->wordsAre()->value]) as $character) {
                // Of two files that are for a character the first is taken.
                foreach ($ranges as $part => $range) {
                    if ($range->has(mb_ord((string) $character))) {
                        $bytes = $face->family->bytes[$face->isItalic ? "$part-italic" : $part] ?? null;
                        if ($part !== 'latin' && $bytes !== null) {
                            $files[$name.', '.self::PARTS[$part]] = $bytes;
                        }
                        break;
                    }
                }
            }
        }

        return $files;
    }

    /**
     * @param array<string, non-empty-list<Voice>> $spoken family, italic or not => voices
     * @param array<string, list<string>> $pages
     *
     * @return list<array{words: string, bytes: int, pages: int, changes: array<string, float|string>}>
     */
    private static function savingsIn(ResolvedLook $look, array $spoken, array $pages, WordsInUse $words): array
    {
        $body = SpokenFace::of($look, Voice::Body)->family;
        $savings = [];
        foreach ($spoken as $voices) {
            $face = SpokenFace::of($look, $voices[0]);
            $isOther = $face->family->key !== $body->key;
            if (! $isOther && ! $face->isItalic) {
                continue;
            }
            $changes = [];
            foreach ($voices as $voice) {
                $what = $isOther ? 'family' : 'style';
                $changes[$voice->path($what)] = $isOther ? $body->key : 'upright';
                if ($isOther) {
                    $changes[$voice->path('weight')] = (float) $body->nearestWeight(SpokenFace::of($look, $voice)->weight);
                }
            }
            $called = implode(', ', array_map(static fn(Voice $v): string => mb_strtolower($v->label()), $voices));
            $savings[] = [
                'words' => ucfirst($called).($isOther ? " in $body->name" : ' upright'),
                'bytes' => array_sum(self::filesOf($face, $voices, $words)),
                'pages' => count(self::pagesOf($voices, $pages)),
                'changes' => $changes,
            ];
        }
        usort($savings, static fn(array $a, array $b): int => $b['bytes'] * $b['pages'] <=> $a['bytes'] * $a['pages']);

        return $savings;
    }
}
