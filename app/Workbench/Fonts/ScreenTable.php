<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Fonts\FontFiles;
use App\Storeroom\ShopSamples;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Type\LineLength;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\UnreadableFont;
use Ikat\Core\Type\Voice;
use Illuminate\Support\Facades\Cache;

/** What becomes of the shop's longest words, screen by screen: a marker on the staff reads it off. */
final readonly class ScreenTable
{
    /** Px between two screens. */
    public const STEP = 10;

    /** That it is kept. */
    private const SECONDS = 86_400;

    /**
     * @param array{heading: string, name: string} $texts the longest of the shop
     * @param array{heading: list<list<float>>, name: list<list<float>>} $lines by screen: of each line the share of the page's width
     *     that it takes
     * @param list<int> $menu by screen: px that the main menu takes in one row
     * @param list<int> $room by screen: px of the page's width
     * @param list<int> $characters by screen: of a line of text
     */
    private function __construct(
        public array $texts,
        public array $lines,
        public array $menu,
        public array $room,
        public array $characters,
    ) {}

    /** @param Voice $voice that the longest words are set in */
    public static function of(ResolvedLook $look, Voice $voice, ShopSamples $samples, FontFiles $files): self
    {
        $screens = range(StaffDrawing::NARROWEST, StaffDrawing::WIDEST, self::STEP);
        $page = (float) $look->value('page.width');
        $length = LineLength::of($look);
        [$styles, $menu] = [self::styles($look, $voice, $screens), TextStyle::of($look, Voice::Menu, 100.0)];
        [$face, $menuFace] = [SpokenFace::of($look, $voice), SpokenFace::of($look, Voice::Menu)];
        $made = [$face, $menuFace, $styles, $menu, $samples->headings, $samples->products, $samples->menu, $page];
        // What is measured is kept by what it is measured on.
        [$texts, $lines, $row] = Cache::remember(
            'screens '.hash('xxh128', serialize($made)),
            self::SECONDS,
            static fn(): array => self::measured($files, $face, $styles, $menuFace, $menu, $samples, $page),
        );
        $gaps = (float) $look->value('header.menu.gap') * max(0, count($samples->menu) - 1);

        return new self(
            $texts,
            $lines,
            array_map(static fn(int $s): int => (int) ceil($row * self::size($look, Voice::Menu, $s) / 100 + $gaps), $screens),
            array_map(static fn(int $s): int => (int) floor(LineLength::frame($s, $page)), $screens),
            array_map(static fn(int $s): int => (int) round($length->characters($s)), $screens),
        );
    }

    /** @return array<string, mixed> for the script of the marker */
    public function data(): array
    {
        return [
            'from' => StaffDrawing::NARROWEST, 'step' => self::STEP, ...$this->lines, 'menu' => $this->menu, 'room' => $this->room,
            'characters' => $this->characters,
        ];
    }

    /**
     * The screen from which on a line of text holds too many characters.
     *
     * @return ?int px; null where none does
     */
    public function tooLongFrom(): ?int
    {
        $long = array_key_first(array_filter($this->characters, static fn(int $n): bool => $n > LineLength::MOST));

        return $long === null ? null : self::screen($long);
    }

    public static function screen(int $at): int
    {
        return StaffDrawing::NARROWEST + $at * self::STEP;
    }

    private static function size(ResolvedLook $look, Voice $voice, int $screen): float
    {
        return TypeScale::at((float) $look->value($voice->path('size.phone')), (float) $look->value($voice->path('size.desktop')), $screen);
    }

    /**
     * @param list<int> $screens
     *
     * @return array<int, TextStyle> by screen
     */
    private static function styles(ResolvedLook $look, Voice $voice, array $screens): array
    {
        return array_combine(
            $screens,
            array_map(static fn(int $s): TextStyle => TextStyle::of($look, $voice, self::size($look, $voice, $s)), $screens),
        );
    }

    /**
     * @param array<int, TextStyle> $styles by screen
     *
     * @return array{array{heading: string, name: string}, array{heading: list<list<float>>, name: list<list<float>>}, float} longest
     *     texts, their lines, and the menu's words at 100 px
     */
    private static function measured(
        FontFiles $files,
        SpokenFace $face,
        array $styles,
        SpokenFace $menuFace,
        TextStyle $menu,
        ShopSamples $samples,
        float $page,
    ): array {
        $measure = new TextMeasure();
        try {
            $letters = $files->face($face->family, $face->isItalic);
            $menuLetters = $files->face($menuFace->family, $menuFace->isItalic);
        } catch (UnreadableFont) {
            return [['heading' => '', 'name' => ''], ['heading' => [], 'name' => []], 0.0];
        }
        $texts = $lines = [];
        foreach (['heading' => $samples->headings, 'name' => $samples->products] as $what => $all) {
            $widths = array_map(static fn(string $text): float => $measure->width($letters, $styles[StaffDrawing::NARROWEST], $text), $all);
            $texts[$what] = $all[array_search(max($widths), $widths, true)];
            $lines[$what] = [];
            foreach ($styles as $screen => $style) {
                $room = LineLength::frame($screen, $page);
                $lines[$what][] = array_map(
                    static fn(array $line): float => round($line['width'] / $room, 3),
                    $measure->measure($letters, $style, $texts[$what], $room)->lines,
                );
            }
        }
        $row = array_sum(array_map(static fn(string $label): float => $measure->width($menuLetters, $menu, $label), $samples->menu));

        return [$texts, $lines, $row];
    }
}
