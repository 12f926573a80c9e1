<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Setting\Catalog\HeaderSettings;
use Ikat\Core\Setting\Catalog\LogoSettings;
use Ikat\Core\Type\Voice;

/**
 * The parts of a header, each as wide and tall as the shop's stylesheet makes it on a screen. All lengths in px.
 *
 * @phpstan-type Part array{
 *     width: float, height: float,
 *     blocks: list<array{words: string, x: float, width: float, y?: float, height?: float}>
 * }
 */
final class HeaderParts
{
    /** Width and height that a finger needs at least (WCAG 2.2, 2.5.8 asks for 24). */
    public const TARGET = 44.0;

    /** The widest of the narrowest phones, and the share of its size that a logo has on them. */
    public const NARROW = 359;
    private const SHRUNK = 0.8;

    /** Share of the screen that a logo takes at most beside the rest. */
    private const LOGO = 0.4;

    /** Px that parts of a px may make. */
    private const SLACK = 0.02;

    private const CHEVRON = [28.0, 36.0];
    private const SECOND_GAP = 16.0;
    private const MARK_GAP = 6.0;
    private const ICON = 25.0;

    /** Width of a field of countries or languages, and of the space after it. */
    private const CHOOSER = 158.0;

    /** Voices whose sizes a part's depends on. */
    private const VOICES = [
        'menu' => [Voice::Menu, Voice::Label], 'second' => [Voice::Label], 'button' => [Voice::Button], 'chooser' => [Voice::Body],
        'icons' => [Voice::Small],
    ];

    /** @var array<string, float> what the logo needs so that no word of it breaks, by its size */
    private array $needs = [];

    /** @var array<string, Part> by what each depends on */
    private array $parts = [];

    /** @var array<string, list<array{text: SizedText, mark: ?SizedText, below: bool}>> words of the menus that are shown */
    private array $words = [];

    /** @var array<string, SizedText> by what they are */
    private array $texts = [];

    public function __construct(private readonly TopLook $look, private readonly TopContents $contents, private readonly TopText $text)
    {
        foreach (['menu' => 'header.menu.main', 'second' => 'header.menu.second'] as $part => $path) {
            $this->words[$part] = $this->entries($look->text($path));
        }
        $this->texts = [
            'name' => $this->logoName(),
            'line' => $text->weighing(Voice::Body, 600, $look->words('header.logo.line'), 0.2, true),
            'button' => $text->of(Voice::Button, $look->words('header.button.text')),
            'go' => $text->of(Voice::Body, $look->dictionary->say('Go')),
        ];
        foreach (HeaderSettings::ICON_WORDS as $icon => $words) {
            $this->texts["icon $icon"] = $text->of(Voice::Small, $look->dictionary->say($words));
        }
    }

    /**
     * Most sizes stay the same over many widths: a part is reckoned once for each of them.
     *
     * @return Part
     */
    public function of(string $name, float $screen, float $low): array
    {
        if ($name === 'logo') {
            return $this->squeezesLogo($screen) ? $this->logo($screen, $low, self::LOGO * $screen) : $this->wholeLogo($screen, $low);
        }
        $key = implode(' ', [$name, $screen <= HeaderSolver::PHONE, ...array_map(
            fn(Voice $voice): float => $this->text->size($voice, $screen),
            self::VOICES[$name] ?? [],
        )]);

        return $this->parts[$key] ??= $this->reckon($name, $screen);
    }

    /** @return Part */
    private function reckon(string $name, float $screen): array
    {
        return match ($name) {
            'menu' => $this->menu($screen, INF, 'start'),
            'second' => $this->second($screen),
            'button' => $this->box(
                $this->texts['button']->width($this->text->size(Voice::Button, $screen)) + 24
                    + 2 * ($this->look->number('shape.inset.across') - 4),
                $this->texts['button']->words,
            ),
            'search' => $this->box($this->look->number('header.search.width') + self::TARGET, 'Search'),
            'chooser' => $this->chooser($screen),
            default => $this->icons($screen, false),
        };
    }

    /** @return Part */
    private function chooser(float $screen): array
    {
        $fields = array_keys(array_filter(['Country' => $this->contents->countries > 1, 'Language' => $this->contents->languages > 1]));

        return $fields === [] ? ['width' => 0.0, 'height' => 0.0, 'blocks' => []] : $this->box(
            self::CHOOSER * count($fields) + $this->texts['go']->width($this->text->size(Voice::Body, $screen)),
            implode(', ', $fields),
        );
    }

    /** @return Part */
    private function box(float $width, string $words): array
    {
        return ['width' => $width, 'height' => self::TARGET, 'blocks' => [['words' => $words, 'x' => 0.0, 'width' => $width]]];
    }

    /** Whether the logo is wider than its share of a screen beside the rest: its words take more lines there, its picture is smaller. */
    public function squeezesLogo(float $screen): bool
    {
        return $this->wholeLogo($screen, 1.0)['width'] > self::LOGO * $screen + self::SLACK;
    }

    /** Whether a word of the logo breaks within itself in so much room, as beside a folded menu. */
    public function breaksLogo(float $screen, float $room): bool
    {
        $key = self::logoSize($screen).($screen <= self::NARROW ? ' narrow' : '');
        $needs = $this->needs[$key] ??= $this->contents->logo === null ? $this->longest($screen) : 0.0;

        return $needs > $room + self::SLACK;
    }

    /** What the logo needs at least so that none of its words breaks. */
    private function longest(float $screen): float
    {
        ['size' => $size, 'small' => $small, 'free' => $free] = $this->logoRoom($screen, 1.0, 0.0);

        return max($this->texts['name']->word($size), $this->texts['line']->word($small)) - $free;
    }

    /** @return Part the logo in as much room as it wants */
    private function wholeLogo(float $screen, float $low): array
    {
        $key = implode(' ', ['whole', self::logoSize($screen), $screen <= self::NARROW, $low]);

        return $this->parts[$key] ??= $this->logo($screen, $low, INF);
    }

    /** @return array{size: float, small: float, sign: float, free: float} sizes of its letters, its sign, and what is left for its words */
    private function logoRoom(float $screen, float $low, float $room): array
    {
        $size = $low * ($screen <= self::NARROW ? self::SHRUNK : 1.0) * $this->look->number(self::logoSize($screen));
        $sign = $this->contents->logo === null && $this->look->on('header.logo.sign') ? 1.56 * $size : 0.0;

        return [
            'size' => $size, 'small' => max(0.4 * $size, 11.0), 'sign' => $sign,
            'free' => $room - $sign - 2 * $this->look->number('header.logo.clear'),
        ];
    }

    /**
     * @param float $room it may take
     *
     * @return Part
     */
    public function logo(float $screen, float $low, float $room): array
    {
        ['size' => $size, 'small' => $small, 'sign' => $sign, 'free' => $free] = $this->logoRoom($screen, $low, $room);
        $clear = $this->look->number('header.logo.clear');
        if ($this->contents->logo !== null) {
            $tall = LogoSettings::PICTURE_HEIGHT * $size;
            $plate = $this->look->text('header.logo.plate') === 'none' ? [0.0, 0.0] : [20.0, 10.0];
            $width = min($tall * $this->contents->logo[0] / max(1.0, $this->contents->logo[1]) + $plate[0] + 2 * $clear, $room);
            $height = $tall + $plate[1] + 2 * $clear;
        } else {
            $lines = [$this->texts['name']->lines($size, $free), $this->texts['line']->lines($small, $free)];
            $words = max($this->texts['name']->width($size), $this->texts['line']->width($small));
            $width = $sign + min($words, max(0.0, $free)) + 2 * $clear;
            $height = max($sign > 0 ? 1.55 * $size : 0.0, 1.15 * $size * $lines[0] + 1.4 * $small * $lines[1]) + 2 * $clear;
        }

        return [
            'width' => $width, 'height' => max(self::TARGET, $height),
            'blocks' => [['words' => $this->look->text('header.logo.name'), 'x' => 0.0, 'width' => $width]],
        ];
    }

    private function logoName(): SizedText
    {
        return $this->text->weighing(
            Voice::Heading,
            (int) $this->look->number('type.heading.weight'),
            $this->look->text('header.logo.name'),
            0.0,
            false,
        );
    }

    public static function logoSize(float $screen): string
    {
        return 'header.logo.size.'.match (true) {
            $screen <= HeaderSolver::PHONE => 'phone',
            $screen <= HeaderSolver::TABLET => 'tablet',
            default => 'desktop',
        };
    }

    /**
     * @param float $room it may take; INF for as much as it wants
     * @param string $place it stands in, to which its lines are set
     *
     * @return array{
     *     width: float, height: float, lines: int, over: float,
     *     blocks: list<array{words: string, x: float, width: float, y: float, height: float}>
     * }
     */
    public function menu(float $screen, float $room, string $place): array
    {
        $size = $this->text->size(Voice::Menu, $screen);
        $widths = $heights = [];
        foreach ($this->words['menu'] as $word) {
            [$widths[], $heights[]] = $this->word($word, $screen, $size, 16.0);
        }
        $gap = $this->look->number('header.menu.gap');
        $lines = Lines::of($widths, $gap, $room);
        $height = $widest = 0.0;
        $blocks = [];
        $taken = $room === INF ? array_sum($widths) + max(0, count($widths) - 1) * $gap : $room;
        foreach ($lines as $line) {
            $width = array_sum(array_map(static fn(int $i): float => $widths[$i], $line)) + (count($line) - 1) * $gap;
            $widest = max($widest, $width);
            $x = match ($place) {
                'start' => 0.0,
                'middle' => ($taken - $width) / 2,
                default => $taken - $width,
            };
            $tall = max(array_map(static fn(int $i): float => $heights[$i], $line));
            foreach ($line as $i) {
                $blocks[] = [
                    'words' => $this->words['menu'][$i]['text']->words,
                    'x' => $x,
                    'y' => $height,
                    'width' => $widths[$i],
                    'height' => $tall,
                ];
                $x += $widths[$i] + $gap;
            }
            $height += $tall;
        }

        return [
            'width' => $taken, 'height' => $height, 'blocks' => $blocks, 'lines' => count($lines),
            'over' => max(0.0, $widest - $taken - self::SLACK),
        ];
    }

    /** @return Part */
    private function second(float $screen): array
    {
        $size = TypeScale::small($this->look->number('type.base'), $this->look->number('type.scale'), -1);
        $x = $height = 0.0;
        $blocks = [];
        foreach ($this->words['second'] as $word) {
            [$width, $tall] = $this->word($word, $screen, $size, 12.0);
            $blocks[] = ['words' => $word['text']->words, 'x' => $x, 'width' => $width];
            $x += $width + self::SECOND_GAP;
            $height = max($height, $tall);
        }

        return ['width' => max(0.0, $x - self::SECOND_GAP), 'height' => $height, 'blocks' => $blocks];
    }

    /**
     * @param array{text: SizedText, mark: ?SizedText, below: bool} $word
     * @param float $padding above and below together
     *
     * @return array{float, float} its width and height
     */
    private function word(array $word, float $screen, float $size, float $padding): array
    {
        $width = $word['text']->width($size);
        $height = $this->text->line(Voice::Menu, $size);
        if ($word['mark'] !== null) {
            $label = $this->text->size(Voice::Label, $screen);
            $width += self::MARK_GAP + $word['mark']->width($label) + ($screen <= HeaderSolver::PHONE ? 12.0 : 20.0);
            $height = max($height, $this->text->line(Voice::Label, $label) + 4);
        }

        return $word['below']
            ? [$width + self::CHEVRON[0], max($height + $padding, self::CHEVRON[1])]
            : [$width, $height + $padding];
    }

    /** @return Part */
    public function icons(float $screen, bool $isFolded): array
    {
        $words = $isFolded ? 'none' : $this->look->text('header.icons.words');
        $size = $this->text->size(Voice::Small, $screen);
        $gap = $screen <= HeaderSolver::PHONE ? 0.0 : 8.0;
        $x = 0.0;
        $height = self::TARGET;
        $blocks = [];
        foreach ($this->look->icons() as $icon => ['isBeside' => $isBeside, 'staysFolded' => $staysFolded]) {
            if (! ($isFolded ? $staysFolded : $isBeside)) {
                continue;
            }
            $text = $this->texts["icon $icon"];
            $width = match ($words) {
                'beside' => self::ICON + 18 + $text->width($size),
                'under' => max(self::TARGET, $text->width($size) + 8),
                default => self::TARGET,
            };
            $height = max($height, $words === 'under' ? self::ICON + $this->text->line(Voice::Small, $size) + 4 : 0.0);
            $blocks[] = ['words' => $text->words, 'x' => $x, 'width' => $width];
            $x += $width + $gap;
        }

        return ['width' => max(0.0, $x - $gap), 'height' => $blocks === [] ? 0.0 : $height, 'blocks' => $blocks];
    }

    /** @return list<array{text: SizedText, mark: ?SizedText, below: bool}> */
    private function entries(string $menu): array
    {
        return array_map(fn(array $word): array => [
            'text' => $this->text->of(Voice::Menu, $this->look->dictionary->say($word['label'])),
            'mark' => $word['mark'] === '' ? null : $this->text->of(Voice::Label, $this->look->dictionary->say($word['mark'])),
            'below' => $word['below'] > 0,
        ], $this->contents->menus[$menu] ?? []);
    }
}
