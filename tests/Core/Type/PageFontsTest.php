<?php

declare(strict_types=1);

namespace Tests\Core\Type;

use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\PageFonts;
use Ikat\Core\Type\WordsInUse;
use PHPUnit\Framework\TestCase;
use Tests\Core\Fixtures;

final class PageFontsTest extends TestCase
{
    /** What a page fetches: the families of the voices it shows, and of those the files its letters are in. */
    public function testAPageFetchesWhatItShows(): void
    {
        $bytes = static fn(string $key, string $part = 'latin'): int => FontShelf::get($key)->bytes[$part];
        $pages = ['heading' => ['home', 'checkout'], 'body' => ['home', 'checkout', 'letter'], 'price' => ['home']];
        $look = Fixtures::look(['type.price.family' => 'literata', 'type.small.family' => 'lora']);
        $fonts = PageFonts::of($look, $pages, WordsInUse::in([[['body'], 'Łódź'], [['price'], 'Ж 5']]));
        self::assertSame([
            'home' => [
                'Gloock' => $bytes('gloock'), 'Karla' => $bytes('karla'), 'Karla, more Latin' => $bytes('karla', 'latin-ext'),
                'Literata' => $bytes('literata'), 'Literata, Cyrillic' => $bytes('literata', 'cyrillic'),
            ],
            'checkout' => [
                'Gloock' => $bytes('gloock'), 'Karla' => $bytes('karla'), 'Karla, more Latin' => $bytes('karla', 'latin-ext'),
            ],
            'letter' => ['Karla' => $bytes('karla'), 'Karla, more Latin' => $bytes('karla', 'latin-ext')],
        ], $fonts->files);
        self::assertSame([['home'], ['checkout'], ['letter']], array_column($fonts->groups(), 'pages'));
        self::assertSame(array_map(array_sum(...), array_values($fonts->files)), array_column($fonts->groups(), 'bytes'));
        self::assertSame(
            [['Prices in Karla', 1], ['First heading, second heading in Karla', 2]],
            array_map(static fn(array $s): array => [$s['words'], $s['pages']], array_slice($fonts->savings, 0, 2)),
        );
    }

    /** What is said to be saved is: with the changes made, so many bytes less are fetched. */
    public function testWhatIsSaidToBeSavedIs(): void
    {
        $pages = ['heading' => ['home'], 'second' => ['home'], 'body' => ['home'], 'menu' => ['home'], 'label' => ['home']];
        $own = ['type.menu.family' => 'literata', 'type.label.style' => 'italic', 'type.label.family' => 'karla'];
        $words = WordsInUse::in([]);
        $before = PageFonts::of(Fixtures::look($own), $pages, $words);
        self::assertCount(3, $before->savings);
        foreach ($before->savings as $saving) {
            $after = PageFonts::of(Fixtures::look([...$own, ...$saving['changes']]), $pages, $words);
            self::assertSame($saving['bytes'], array_sum($before->files['home']) - array_sum($after->files['home']), $saving['words']);
        }
    }
}
