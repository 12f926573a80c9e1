<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Setting\Catalog\HeaderSettings;
use Ikat\Core\Setting\Catalog\LogoSettings;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Setting\Type\MenuType;
use Ikat\Core\Type\Voice;

/**
 * What the header of a look comes to on a screen of any width: how tall it is, what stands where, whether the menu fits. All lengths in px.
 *
 * It reckons as the shop's stylesheet lays out (themes/common.css, "top of every page"), with texts measured in the look's own fonts.
 *
 * @phpstan-import-type Row from Arrangement
 * @phpstan-import-type Block from HeaderForm
 * @phpstan-import-type Cause from HeaderForm
 * @phpstan-type Part array{
 *     width: float, height: float,
 *     blocks: list<array{words: string, x: float, width: float, y?: float, height?: float}>
 * }
 */
final class HeaderSolver implements Measurement
{
    /** Widths of screens it is asked for: the narrowest phone and a wide desktop. */
    public const NARROWEST = 320;
    public const WIDEST = 1920;

    /** Widest screens that count as a phone and as a tablet, as the stylesheets have them. */
    public const PHONE = 759;
    public const TABLET = 1023;

    /** Screens at which sizes begin to change otherwise: those of the stylesheets' media queries, and both ends of the sizes of type. */
    public const STRETCHES = [self::NARROWEST, self::NARROW + 1, TypeScale::NARROW, self::PHONE + 1, self::TABLET + 1, TypeScale::WIDE];

    /** Width and height of a phone that shares of a screen are told of (a common size; common practice, no source). */
    public const A_PHONE = [390, 844];

    /** Share of the screen that a logo takes at most beside the rest. */
    private const LOGO = 0.4;

    private const TARGET = 44.0;

    /** Px that parts of a px may make. */
    private const SLACK = 0.02;

    private const ROW_GAP = 8.0;
    private const GAP = 32.0;
    private const FOLDED_GAP = 12.0;
    private const CHEVRON = [28.0, 36.0];
    private const SECOND_GAP = 16.0;
    private const MARK_GAP = 6.0;
    private const ICON = 25.0;

    /** Width of the field of countries, and of the space before its button. */
    private const CHOOSER = 158.0;

    /** The widest of the narrowest phones, and the share of its size that a logo has on them. */
    private const NARROW = 359;
    private const SHRUNK = 0.8;

    /** Most padding above and below on a phone. */
    private const PHONE_SPACE = 10.0;

    /** Voices whose sizes a part's depends on. */
    private const VOICES = [
        'menu' => [Voice::Menu, Voice::Label], 'second' => [Voice::Label], 'button' => [Voice::Button], 'chooser' => [Voice::Body],
        'icons' => [Voice::Small],
    ];

    private readonly Arrangement $arrangement;

    /** @var array<string, Part> by what each depends on */
    private array $parts = [];

    /** @var array<string, list<array{text: SizedText, mark: ?SizedText, below: bool}>> words of the menus that are shown */
    private array $words = [];

    /** @var array<string, SizedText> by what they are */
    private array $texts = [];

    private ?int $fitsFrom = null;

    private ?float $foldsUpTo = null;

    private function __construct(private readonly TopLook $look, private readonly TopContents $contents, private readonly TopText $text)
    {
        $there = [];
        foreach (array_keys(Arrangement::PARTS) as $part) {
            if ($this->has($part)) {
                $there[$part] = $this->look->text(Arrangement::path($part));
            }
        }
        $this->arrangement = Arrangement::of($there, explode(',', $this->look->text('header.order')));
        foreach (['menu' => 'header.menu.main', 'second' => 'header.menu.second'] as $part => $path) {
            $this->words[$part] = $this->entries($this->look->text($path));
        }
        $this->texts = [
            'name' => $this->logoName(),
            'line' => $text->weighing(Voice::Body, 600, $this->look->text('header.logo.line'), 0.2, true),
            'button' => $text->of(Voice::Button, $this->look->text('header.button.text')),
            'go' => $text->of(Voice::Body, 'Go'),
        ];
        foreach (HeaderSettings::ICONS as $icon => $words) {
            $this->texts["icon $icon"] = $text->of(Voice::Small, HeaderSettings::ICON_WORDS[$icon]);
        }
    }

    /** @return self whose figures are those of texts without width where nobody has the fonts */
    public static function measure(Inspection $inspection): self
    {
        return self::of(TopLook::of($inspection->look), $inspection->get(TopContents::class), $inspection->get(LineBreaks::class));
    }

    public static function of(TopLook $look, TopContents $contents, LineBreaks $breaks): self
    {
        return new self($look, $contents, new TopText($look, $breaks));
    }

    /** Whether its figures are worth telling: somebody has the fonts. */
    public function isKnown(): bool
    {
        return $this->text->isKnown();
    }

    public function arrangement(): Arrangement
    {
        return $this->arrangement;
    }

    /** Whether a part of the header is there at all. */
    public function has(string $part): bool
    {
        return match ($part) {
            'menu' => $this->look->text('header.menu.place') !== Arrangement::FOLDED,
            'second' => $this->look->text('header.menu.second') !== MenuType::NONE,
            'button' => $this->look->on('header.button.show'),
            'search' => $this->look->text('header.search') === 'box',
            'chooser' => $this->look->on('header.chooser'),
            default => true,
        };
    }

    /** The widest screen on which the menu is folded away; INF where it always is. */
    public function foldsUpTo(): float
    {
        return $this->foldsUpTo ??= match (true) {
            $this->look->text('header.menu.place') === Arrangement::FOLDED => INF,
            $this->look->text('header.menu.folds') === 'at' => $this->look->number('header.menu.fold'),
            // Phones have no room to spare, even where a few words would fit.
            default => max((float) self::PHONE, ($this->fitsFrom() ?? INF) - 1),
        };
    }

    /** The same as a media query. */
    public function foldedOn(): string
    {
        return $this->foldsUpTo() === INF ? 'all' : sprintf('(max-width: %spx)', Setting::plainNumber($this->foldsUpTo()));
    }

    public function isFoldedAt(float $screen): bool
    {
        return $screen <= $this->foldsUpTo();
    }

    /** @param float $low share of its height it is shown in, once scrolled */
    public function at(float $screen, float $low = 1.0): HeaderForm
    {
        return $this->isFoldedAt($screen) ? $this->folded($screen, $low) : $this->wide($screen, $low);
    }

    /** The same, though the menu be folded away there. */
    public function wideAt(float $screen): HeaderForm
    {
        return $this->wide($screen, 1.0);
    }

    /** What stays where only the second row does: all of it where there is none, or where the menu is folded away. */
    public function secondRow(float $screen): float
    {
        $form = $this->at($screen);
        if ($form->isFolded || count($this->arrangement->rows) < 2) {
            return $form->height;
        }
        $above = 0.0;
        foreach ($form->causes as $cause) {
            if ($cause['what'] === 'between the rows') {
                return $form->height - $above - $cause['px'];
            }
            $above += $cause['px'];
        }

        return $form->height;
    }

    /** The narrowest screen from which on everything fits beside one another on every wider one; null where it never does. */
    public function fitsFrom(): ?int
    {
        $this->fitsFrom ??= $this->narrowestThatFits();

        return $this->fitsFrom > self::WIDEST ? null : $this->fitsFrom;
    }

    private function narrowestThatFits(): int
    {
        // Between two of these sizes grow slower than the room does, so what fits on a screen fits on all wider ones up to the next.
        $fits = self::WIDEST + 1;
        foreach (array_reverse(self::STRETCHES) as $begins) {
            if ($this->wide($begins, 1.0)->fits() && $this->wide($fits - 1, 1.0)->fits()) {
                $fits = $begins;

                continue;
            }
            [$least, $most] = [$begins, $fits];
            while ($most - $least > 1) {
                $middle = intdiv($least + $most, 2);
                [$least, $most] = $this->wide($middle, 1.0)->fits() ? [$least, $middle] : [$middle, $most];
            }

            return $most;
        }

        return $fits;
    }

    /** Room that the page leaves for what stands on it. */
    public function room(float $screen): float
    {
        $frame = min($screen, $this->look->number('page.width') + 112);

        return $frame - 2 * max(16.0, min(0.044 * $screen, 56.0));
    }

    private function wide(float $screen, float $low): HeaderForm
    {
        $room = $this->room($screen);
        $from = ($screen - $room) / 2;
        $top = $this->space('top', $screen, $low);
        $y = $top[0]['px'];
        $causes = $top;
        [$rows, $menuLines, $over, $free, $blocks] = [0, 0, 0.0, INF, []];
        foreach ($this->arrangement->rows as $number => $row) {
            if ($number > 0) {
                $causes[] = ['what' => 'between the rows', 'px' => self::ROW_GAP, 'path' => null];
                $y += self::ROW_GAP;
                $rule = self::border($this->look->number('header.row.rule'));
                if ($rule > 0) {
                    $causes[] = ['what' => 'rule between the rows', 'px' => $rule, 'path' => 'header.row.rule'];
                    $y += $rule;
                }
            }
            $set = $this->row($row, $room, $screen, $low);
            foreach ($set['blocks'] as $block) {
                $blocks[] = [...$block, 'x' => $block['x'] + $from, 'y' => $y + $set['height'] / 2 + $block['y']];
            }
            $causes[] = ['what' => $set['tallest'][0], 'px' => $set['height'], 'path' => $set['tallest'][1]];
            $y += $set['height'];
            $rows += max(1, $set['menuLines']);
            $menuLines = max($menuLines, $set['menuLines']);
            $over = max($over, $set['over']);
            $free = min($free, $set['free']);
        }
        $causes = [...$causes, ...$this->space('bottom', $screen, $low), ...$this->rule()];

        return new HeaderForm($screen, array_sum(array_column($causes, 'px')), $rows, false, $menuLines, $over, $free, $blocks, $causes);
    }

    /**
     * @param Row $row
     *
     * @return array{height: float, tallest: array{string, ?string}, menuLines: int, over: float, free: float, blocks: list<Block>}
     */
    private function row(array $row, float $room, float $screen, float $low): array
    {
        $parts = $wanted = [];
        foreach ($row as $place => $names) {
            $wanted[$place] = 0.0;
            foreach ($names as $name) {
                $parts[$name] = $this->part($name, $screen, $low);
                $wanted[$place] += $parts[$name]['width'];
            }
            $wanted[$place] += max(0, count($names) - 1) * self::GAP;
        }
        $soft = Arrangement::soft($row);
        $others = $soft === null ? 0.0 : $wanted[$soft] - $parts['menu']['width'];
        $least = $soft === null ? 0.0 : $others + max([0.0, ...array_column($parts['menu']['blocks'], 'width')]);
        $middle = $row['middle'] === [] ? null : $wanted['middle'];
        $shares = Shares::of($room, self::GAP, $wanted['start'], $middle, $wanted['end'], $soft, $least);
        $menuLines = 0;
        $over = $shares['over'];
        if ($soft !== null) {
            $left = max(0.0, $shares[$soft] - $others);
            $menu = $left >= $parts['menu']['width']
                ? [...$parts['menu'], 'lines' => $parts['menu']['blocks'] === [] ? 0 : 1, 'over' => 0.0]
                : $this->menu($screen, $left, $soft);
            $parts['menu'] = $menu;
            $menuLines = $menu['lines'];
            $over = max($over, $others - $shares[$soft], $menu['over']);
        }
        $blocks = [];
        $height = 0.0;
        $tallest = ['nothing', null];
        foreach ($row as $place => $names) {
            $widths = array_map(static fn(string $name): float => $parts[$name]['width'], $names);
            $width = array_sum($widths) + max(0, count($names) - 1) * self::GAP;
            $begin = match ($place) {
                'start' => 0.0,
                'middle' => $shares['start'] + self::GAP,
                'end' => $room + $shares['over'] - $shares['end'],
            };
            $x = $begin + match ($place) {
                'start' => 0.0,
                'middle' => max(0.0, ($shares['middle'] - $width) / 2),
                'end' => max(0.0, $shares['end'] - $width),
            };
            foreach ($names as $name) {
                $part = $parts[$name];
                foreach ($part['blocks'] as $block) {
                    $blocks[] = [
                        'part' => $name, 'words' => $block['words'], 'x' => $x + $block['x'], 'width' => $block['width'],
                        'y' => ($block['y'] ?? 0.0) - $part['height'] / 2, 'height' => $block['height'] ?? $part['height'],
                    ];
                }
                if ($part['height'] > $height) {
                    $height = $part['height'];
                    $tallest = $this->cause($name, $screen, $menuLines);
                }
                $x += $part['width'] + self::GAP;
            }
        }

        return [
            'height' => $height, 'tallest' => $tallest, 'menuLines' => $menuLines, 'over' => $over,
            'free' => $room - array_sum($wanted) - self::GAP * ($row['middle'] === [] ? 1 : 2), 'blocks' => $blocks,
        ];
    }

    private function folded(float $screen, float $low): HeaderForm
    {
        $room = $this->room($screen);
        $from = ($screen - $room) / 2;
        $top = $this->space('top', $screen, $low);
        $icons = $this->icons($screen, true);
        $place = $this->look->text('header.folded.logo');
        $isEnd = $this->look->text('header.folded.button') === 'end';
        $sides = $isEnd && $place !== 'start' ? [$icons['width'], self::TARGET] : [self::TARGET, $icons['width']];
        $gaps = $place === 'above' ? 0.0 : 2 * self::FOLDED_GAP;
        $logo = $this->logo($screen, $low, $place === 'above' ? $room : max(0.0, $room - array_sum($sides) - $gaps));
        $fold = ['part' => 'fold', 'words' => 'Menu', 'width' => self::TARGET, 'height' => self::TARGET];
        $sign = ['part' => 'logo', 'words' => $logo['blocks'][0]['words'], 'width' => $logo['width'], 'height' => $logo['height']];
        $y = $top[0]['px'];
        $causes = $top;
        $blocks = [];
        $row = max($place === 'above' ? 0.0 : $logo['height'], self::TARGET);
        if ($place === 'above') {
            $blocks[] = [...$sign, 'x' => $from + ($room - $logo['width']) / 2, 'y' => $y];
            $causes[] = ['what' => 'logo', 'px' => $logo['height'], 'path' => $this->logoSize($screen)];
            $causes[] = ['what' => 'between the rows', 'px' => self::ROW_GAP, 'path' => null];
            $y += $logo['height'] + self::ROW_GAP;
        } else {
            $shares = Shares::of($room, self::FOLDED_GAP, $sides[0], $logo['width'], $sides[1], null);
            $at = match (true) {
                $place === 'middle' => $shares['start'] + self::FOLDED_GAP,
                $isEnd => 0.0,
                default => self::TARGET + self::FOLDED_GAP,
            };
            $blocks[] = [...$sign, 'x' => $from + $at, 'y' => $y + ($row - $logo['height']) / 2];
        }
        $isFirst = ! $isEnd;
        $blocks[] = [...$fold, 'x' => $from + ($isFirst ? 0.0 : $room - self::TARGET), 'y' => $y + ($row - self::TARGET) / 2];
        $begin = match (true) {
            $isFirst => $room - $icons['width'],
            $place === 'start' => $room - self::TARGET - self::FOLDED_GAP - $icons['width'],
            default => 0.0,
        };
        foreach ($icons['blocks'] as $block) {
            $blocks[] = [
                'part' => 'icons', 'words' => $block['words'], 'x' => $from + $begin + $block['x'], 'y' => $y + ($row - self::TARGET) / 2,
                'width' => $block['width'], 'height' => self::TARGET,
            ];
        }
        $causes[] = $row > self::TARGET
            ? ['what' => 'logo', 'px' => $row, 'path' => $this->logoSize($screen)]
            : ['what' => 'room for a finger', 'px' => $row, 'path' => null];
        $rows = $place === 'above' ? 2 : 1;
        if ($this->has('search') && $this->look->text('header.folded.search') === 'box') {
            $blocks[] = [
                'part' => 'search', 'words' => 'Search', 'x' => $from, 'y' => $y + $row + self::ROW_GAP, 'width' => $room,
                'height' => self::TARGET,
            ];
            $causes[] = ['what' => 'search box', 'px' => self::ROW_GAP + self::TARGET, 'path' => 'header.folded.search'];
            $rows++;
        }
        usort($blocks, static fn(array $a, array $b): int => [$a['y'] + $a['height'] / 2, $a['x']] <=> [
            $b['y'] + $b['height'] / 2,
            $b['x'],
        ]);
        $causes = [...$causes, ...$this->space('bottom', $screen, $low), ...$this->rule()];
        $need = array_sum($sides) + $gaps + $logo['width'];
        $free = $room - ($place === 'above' ? array_sum($sides) : $need);

        return new HeaderForm($screen, array_sum(array_column($causes, 'px')), $rows, true, 0, max(0.0, -$free), $free, $blocks, $causes);
    }

    /**
     * Most sizes stay the same over many widths: a part is reckoned once for each of them.
     *
     * @return Part
     */
    private function part(string $name, float $screen, float $low): array
    {
        $key = implode(' ', [$name, $name === 'logo' ? $screen : $this->logoSize($screen), $low, ...array_map(
            fn(Voice $voice): float => $this->text->size($voice, $screen),
            self::VOICES[$name] ?? [],
        )]);

        return $this->parts[$key] ??= $this->reckon($name, $screen, $low);
    }

    /** @return Part */
    private function reckon(string $name, float $screen, float $low): array
    {
        return match ($name) {
            'logo' => $this->logo($screen, $low, self::LOGO * $screen),
            'menu' => $this->menu($screen, INF, 'start'),
            'second' => $this->second($screen),
            'button' => $this->box(
                $this->texts['button']->width($this->text->size(Voice::Button, $screen)) + 24
                    + 2 * ($this->look->number('shape.inset.across') - 4),
                $this->texts['button']->words,
            ),
            'search' => $this->box($this->look->number('header.search.width') + self::TARGET, 'Search'),
            'chooser' => $this->contents->countries > 1
                ? $this->box(self::CHOOSER + $this->texts['go']->width($this->text->size(Voice::Body, $screen)), 'Country')
                : ['width' => 0.0, 'height' => 0.0, 'blocks' => []],
            default => $this->icons($screen, false),
        };
    }

    /** @return Part */
    private function box(float $width, string $words): array
    {
        return ['width' => $width, 'height' => self::TARGET, 'blocks' => [['words' => $words, 'x' => 0.0, 'width' => $width]]];
    }

    /**
     * @param float $room it may take
     *
     * @return Part
     */
    private function logo(float $screen, float $low, float $room): array
    {
        $size = $low * ($screen <= self::NARROW ? self::SHRUNK : 1.0) * $this->look->number($this->logoSize($screen));
        $clear = $this->look->number('header.logo.clear');
        if ($this->contents->logo !== null) {
            $tall = LogoSettings::PICTURE_HEIGHT * $size;
            $plate = $this->look->text('header.logo.plate') === 'none' ? [0.0, 0.0] : [20.0, 10.0];
            $width = min($tall * $this->contents->logo[0] / max(1.0, $this->contents->logo[1]) + $plate[0] + 2 * $clear, $room);
            $height = $tall + $plate[1] + 2 * $clear;
        } else {
            $sign = $this->look->on('header.logo.sign') ? 1.56 * $size : 0.0;
            $small = max(0.4 * $size, 11.0);
            $free = max(0.0, $room - $sign - 2 * $clear);
            $lines = [$this->texts['name']->lines($size, $free), $this->texts['line']->lines($small, $free)];
            $words = max($this->texts['name']->width($size), $this->texts['line']->width($small));
            $width = $sign + min($words, $free) + 2 * $clear;
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

    private function logoSize(float $screen): string
    {
        return 'header.logo.size.'.match (true) {
            $screen <= self::PHONE => 'phone',
            $screen <= self::TABLET => 'tablet',
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
    private function menu(float $screen, float $room, string $place): array
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
            $width += self::MARK_GAP + $word['mark']->width($label) + ($screen <= self::PHONE ? 12.0 : 20.0);
            $height = max($height, $this->text->line(Voice::Label, $label) + 4);
        }

        return $word['below']
            ? [$width + self::CHEVRON[0], max($height + $padding, self::CHEVRON[1])]
            : [$width, $height + $padding];
    }

    /** @return Part */
    private function icons(float $screen, bool $isFolded): array
    {
        $words = $isFolded ? 'none' : $this->look->text('header.icons.words');
        $size = $this->text->size(Voice::Small, $screen);
        $gap = $screen <= self::PHONE ? 0.0 : 8.0;
        $x = 0.0;
        $height = self::TARGET;
        $blocks = [];
        foreach (explode(',', $this->look->text('header.icons')) as $icon) {
            if (! $this->showsIcon($icon, $isFolded)) {
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

    private function showsIcon(string $icon, bool $isFolded): bool
    {
        return match ($icon) {
            'search' => $isFolded
                ? $this->look->text('header.search') !== 'none' && $this->look->text('header.folded.search') === 'icon'
                : $this->look->text('header.search') === 'icon',
            'cart' => $this->look->on('header.cart'),
            default => $this->look->on("header.$icon") && (! $isFolded || $this->look->on("header.folded.$icon")),
        };
    }

    /** @return array{string, ?string} what makes a row as tall as it is, and the setting that says it */
    private function cause(string $part, float $screen, int $menuLines): array
    {
        return match ($part) {
            'logo' => ['logo', $this->logoSize($screen)],
            'menu' => $menuLines > 1
                ? ["menu in $menuLines lines", 'header.menu.gap']
                : ['menu', Voice::Menu->path('size.desktop')],
            'second' => ['second menu', 'header.second.place'],
            'icons' => ['room for a finger', null],
            default => [Arrangement::PARTS[$part], Arrangement::path($part)],
        };
    }

    /** @return list<Cause> */
    private function space(string $side, float $screen, float $low): array
    {
        $px = $this->look->number("header.space.$side");

        return [[
            'what' => $side === 'top' ? 'space above' : 'space below',
            'px' => $low * ($screen <= self::PHONE ? min($px, self::PHONE_SPACE) : $px),
            'path' => "header.space.$side",
        ]];
    }

    /** @return list<Cause> */
    private function rule(): array
    {
        $px = self::border($this->look->number('header.rule'));

        return $px > 0 ? [['what' => 'rule', 'px' => $px, 'path' => 'header.rule']] : [];
    }

    /** Browsers make a line a whole number of px wide, and none of them nothing. Source: CSS Backgrounds and Borders 3, 3.3. */
    private static function border(float $px): float
    {
        return $px <= 0 ? 0.0 : max(1.0, floor($px));
    }

    /** @return list<array{text: SizedText, mark: ?SizedText, below: bool}> */
    private function entries(string $menu): array
    {
        return array_map(fn(array $word): array => [
            'text' => $this->text->of(Voice::Menu, $word['label']),
            'mark' => $word['mark'] === '' ? null : $this->text->of(Voice::Label, $word['mark']),
            'below' => $word['below'] > 0,
        ], $this->contents->menus[$menu] ?? []);
    }
}
