<?php

declare(strict_types=1);

namespace App\Workbench\Fonts;

use App\Fonts\FamilyHistory;
use App\Fonts\FontFiles;
use App\Fonts\OwnFonts;
use App\Http\TypedRequest;
use App\Models\OwnFont;
use App\Workbench\Shell\Bench;
use App\Workbench\Shell\Sheet;
use App\Workbench\Shell\WindowPlace;
use Ikat\Core\Check\LeftOverWords;
use Ikat\Core\Check\ShopWords;
use Ikat\Core\Check\TextColumns;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Reach\TextColumn;
use Ikat\Core\Setting\Alias;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\SizeRule;
use Ikat\Core\Type\FontLicense;
use Ikat\Core\Type\LineLength;
use Ikat\Core\Type\PageFonts;
use Ikat\Core\Type\Pairing;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextMeasure;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\UnreadableFont;
use Ikat\Core\Type\Voice;
use Illuminate\Support\Facades\Cache;

/** A voice that is open, what it is set in, the families it might be set in, and how the shop's own words break. */
final class FontsPanel extends SampledPanel
{
    /** Screens that words are broken on, px. */
    public const SCREENS = [320, 390, 480, 640];

    private const PAIRS = 3;

    /** That measured lines are kept. */
    private const SECONDS = 86_400;

    public readonly Voice $voice;

    public readonly FamilyShelf $shelf;

    /** A column of text that the window shows, by page and number, and the device; empty for none. */
    public readonly string $column;

    private ?ScreenTable $screens = null;

    /** @var ?list<array{font: OwnFont, license: FontLicense, uses: list<string>}> */
    private ?array $ownFonts = null;

    /** @var ?list<array{words: string, lines: list<string>, widest: float, room: float, changes: array<string, float|string>}> */
    private ?array $ways = null;

    /** @var ?array<int, list<string>> */
    private ?array $broken = null;

    public function __construct(
        Bench $bench,
        TypedRequest $request,
        private readonly FontFiles $files,
        FamilyHistory $history,
        private readonly OwnFonts $own,
    ) {
        parent::__construct($bench, $request);
        $this->voice = Voice::tryFrom($request->word('open_voice')) ?? Voice::Heading;
        $this->shelf = new FamilyShelf($this->voice, $this->face($this->voice), $own->set(), $history, $bench->look, $request);
        $column = $request->word('open_column');
        $this->column = preg_match('/^[a-z]+-\d{1,5}-(phone|tablet|desktop)$/D', $column) ? $column : '';
    }

    /** Measures what is kept, before anything is shown. */
    public function prepare(): void
    {
        $this->broken();
        $this->screens();
        $this->ways();
        $this->columns();
    }

    /** What becomes of the longest words on each screen, in the open voice where it is one of headings. */
    public function screens(): ScreenTable
    {
        return $this->screens ??= ScreenTable::of($this->look(), $this->readVoice(), $this->samples(), $this->files);
    }

    public function readVoice(): Voice
    {
        return $this->voice->isHeading() ? $this->voice : Voice::Heading;
    }

    public function view(): string
    {
        return 'workbench.fonts.panel';
    }

    public function sheet(): Sheet
    {
        return new Sheet(
            'workbench.fonts.staff',
            'Voices',
            'each word at its real size; its thread is its size as the screen widens',
            382,
            false,
        );
    }

    public function state(): array
    {
        return array_filter([
            'open_voice' => $this->voice->value,
            ...$this->shelf->state(),
            'open_column' => $this->voice === Voice::Body ? $this->column : '',
        ], static fn(string $value): bool => $value !== '');
    }

    /** The column of text that was asked for, or the first place of the shop that the voice's size reaches. */
    public function shows(): ?WindowPlace
    {
        if ($this->voice === Voice::Body && $this->column !== '') {
            [$page, $number, $device] = explode('-', $this->column);

            return new WindowPlace($page, '', (int) $number, device: $device);
        }
        $places = $this->bench->places($this->voice->path('family'));
        $page = isset($places['home']) ? 'home' : array_key_first($places);

        return $page === null ? null : new WindowPlace($page, '', $places[$page][0], alike: array_keys($places));
    }

    /**
     * Address of the step with what is open, but for some of it.
     *
     * @param array<string, string> $other
     */
    public function address(array $other): string
    {
        return $this->bench->address('fonts?'.http_build_query(array_filter([...$this->state(), ...$other])));
    }

    public function face(Voice $voice): SpokenFace
    {
        return SpokenFace::of($this->look(), $voice);
    }

    /** @return array{phone: float, desktop: float} px */
    public function sizes(Voice $voice): array
    {
        return [
            'phone' => (float) $this->look()->value($voice->path('size.phone')),
            'desktop' => (float) $this->look()->value($voice->path('size.desktop')),
        ];
    }

    public function staff(): StaffDrawing
    {
        return new StaffDrawing(array_combine(
            array_map(static fn(Voice $v): string => $v->value, Voice::cases()),
            array_map($this->sizes(...), Voice::cases()),
        ));
    }

    /**
     * How many files of letters a page in Latin takes, and their bytes.
     *
     * @return array{families: int, bytes: int}
     */
    public function weightOfAll(): array
    {
        $files = [];
        foreach (Voice::cases() as $voice) {
            $face = $this->face($voice);
            $files[$face->address()] = $face->bytes();
        }

        return ['families' => count($files), 'bytes' => array_sum($files)];
    }

    /** Characters of a line in each column of text; null for voices that are not running text. */
    public function columns(): ?TextColumns
    {
        return $this->voice === Voice::Body ? $this->bench->inspection()->get(TextColumns::class) : null;
    }

    /**
     * The columns whose lines are too short or too long, each on the screen where it is so most, with what helps; and for those that
     * nothing helps how small letters would have to be.
     *
     * @return array{helped: list<array{column: TextColumn, screen: int, changes: non-empty-array<string, float>}>, sizes: list<float>} px
     */
    public function shortOrLong(): array
    {
        $columns = $this->columns();
        $found = ['helped' => [], 'sizes' => []];
        foreach ($columns->columns ?? [] as $column) {
            $out = array_filter(
                array_keys(TextColumns::SCREENS),
                static fn(int $screen): bool => $columns->judged($column, $screen) !== 0,
            );
            usort($out, static fn(int $a, int $b): int => $columns->characters($column, $a) <=> $columns->characters($column, $b));
            if ($out === []) {
                continue;
            }
            ['changes' => $changes, 'size' => $size] = $columns->way($column, $out[0]);
            if ($changes !== []) {
                $found['helped'][] = ['column' => $column, 'screen' => $out[0], 'changes' => $changes];
            } elseif ($size !== null) {
                $found['sizes'][] = $size;
            }
        }

        return $found;
    }

    /** Which files of letters each kind of page fetches. */
    public function pageFonts(): PageFonts
    {
        return PageFonts::of(
            $this->look(),
            array_combine(
                array_map(static fn(Voice $v): string => $v->value, Voice::cases()),
                array_map(fn(Voice $v): array => array_keys($this->bench->places($v->path('family'))), Voice::cases()),
            ),
            $this->bench->inspection()->get(ShopWords::class)->words,
        );
    }

    /** @return list<array{font: OwnFont, license: FontLicense, uses: list<string>}> with what speaks in each */
    public function ownFonts(): array
    {
        return $this->ownFonts ??= $this->own->withUses($this->bench->look, $this->look());
    }

    /** In how many places the voice shows. */
    public function places(): int
    {
        return array_sum(array_map(count(...), $this->bench->places($this->voice->path('family'))));
    }

    /**
     * Ways to keep a word of the open voice's headings from being left over on a phone.
     *
     * @return list<array{words: string, lines: list<string>, widest: float, room: float, changes: array<string, float|string>}>
     */
    public function ways(): array
    {
        return $this->ways ??= $this->voice->hasLines() ? LeftOverWords::ways($this->bench->inspection(), $this->voice) : [];
    }

    /** @return array<string, Setting> what => the open voice's settings */
    public function settings(): array
    {
        $all = [];
        foreach (['family', 'weight', 'style', 'size.phone', 'size.desktop', 'spacing', 'leading', 'case', 'ends', 'measure'] as $what) {
            $path = $this->voice->path($what);
            if ($this->bench->catalog()->has($path)) {
                $all[$what] = $this->bench->setting($path);
            }
        }

        return $all;
    }

    /**
     * What the open voice follows, link by link.
     *
     * @return array<string, array{words: string, value: bool|float|string}> path => what it follows in words, and the value
     *     it keeps when it is cut loose
     */
    public function chains(): array
    {
        $found = [];
        foreach ($this->settings() as $setting) {
            $at = $this->look()->at($setting->path);
            $words = $at->chain !== []
                ? implode(', which follows ', array_map(fn(string $p): string => $this->bench->setting($p)->label, $at->chain))
                : ($at->isRuled() ? $setting->rule?->inWords((float) $this->look()->value(SizeRule::FROM[1])) : null);
            if ($words !== null) {
                $found[$setting->path] = ['words' => $words, 'value' => $at->value];
            }
        }

        return $found;
    }

    /**
     * Settings of the open voice that follow nothing now, and once did.
     *
     * @return array<string, string> path => what they would follow again, in words
     */
    public function cutChains(): array
    {
        $found = [];
        foreach ($this->settings() as $setting) {
            $isOwn = $this->bench->isOwn($setting->path) && $this->look()->at($setting->path)->chain === [];
            $target = is_string($setting->default) ? Alias::target($setting->default) : null;
            if ($isOwn && ($target !== null || $setting->rule !== null)) {
                $found[$setting->path] = $target === null ? 'the type scale' : $this->bench->setting($target)->label;
            }
        }

        return $found;
    }

    public function pairNow(): Pairing
    {
        [$heading, $body] = [$this->face(Voice::Heading), $this->face(Voice::Body)];

        return new Pairing($heading->family, $heading->weight, $body->family, $body->weight);
    }

    /** @return list<Pairing> */
    public function pairs(): array
    {
        return Pairing::near($this->pairNow(), self::PAIRS);
    }

    /** @return array<string, string|float> */
    public function taking(Pairing $pair): array
    {
        return [
            'type.heading.family' => $pair->heading->key, 'type.heading.weight' => (float) $pair->headingWeight,
            'type.body.family' => $pair->body->key, 'type.body.weight' => (float) $pair->bodyWeight,
        ];
    }

    /**
     * How the words of the open voice that take the most lines break, screen by screen; nothing where the fonts were not unpacked.
     *
     * @return array<int, list<string>> width of the screen, px => lines
     */
    public function broken(): array
    {
        return $this->broken ??= $this->measuredOrKept();
    }

    /** @return array<int, list<string>> */
    private function measuredOrKept(): array
    {
        $sizes = $this->sizes($this->voice);
        $texts = $this->voice->isHeading() ? $this->samples()->headings : $this->samples()->products;
        $face = $this->face($this->voice);
        $styles = array_map(
            fn(int $screen): TextStyle => TextStyle::of(
                $this->look(),
                $this->voice,
                TypeScale::at($sizes['phone'], $sizes['desktop'], $screen),
            ),
            array_combine(self::SCREENS, self::SCREENS),
        );

        // What is measured is kept by what it is measured on.
        return Cache::remember(
            'lines '.hash('xxh128', serialize([$face->family->key, $face->isItalic, $styles, $texts])),
            self::SECONDS,
            fn(): array => $this->measured($face, $styles, $texts),
        );
    }

    /**
     * @param array<int, TextStyle> $styles screen => style
     * @param list<string> $texts
     *
     * @return array<int, list<string>>
     */
    private function measured(SpokenFace $face, array $styles, array $texts): array
    {
        $found = [];
        try {
            $letters = $this->files->face($face->family, $face->isItalic);
            foreach ($styles as $screen => $style) {
                $found[$screen] = [];
                foreach ($texts as $text) {
                    $lines = (new TextMeasure())->measure($letters, $style, $text, LineLength::frame($screen))->lines;
                    $found[$screen] = count($lines) > count($found[$screen]) ? array_column($lines, 'text') : $found[$screen];
                }
            }
        } catch (UnreadableFont) {
            return [];
        }

        return $found;
    }

    /** Px that the main menu takes in one row; null where the fonts were not unpacked. */
    public function menuWidth(): ?float
    {
        $style = TextStyle::of($this->look(), Voice::Menu, $this->sizes(Voice::Menu)['desktop']);
        try {
            $face = $this->face(Voice::Menu);
            $letters = $this->files->face($face->family, $face->isItalic);
            $measure = new TextMeasure();
            $widths = array_map(static fn(string $label): float => $measure->width($letters, $style, $label), $this->samples()->menu);
        } catch (UnreadableFont) {
            return null;
        }

        return array_sum($widths) + (float) $this->look()->value('header.menu.gap') * max(0, count($widths) - 1);
    }
}
