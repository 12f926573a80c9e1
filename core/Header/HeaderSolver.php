<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Setting\Setting;
use Ikat\Core\Type\Voice;

/**
 * What the header of a look comes to on a screen of any width: how tall it is, what stands where, whether the menu fits. All lengths in px.
 *
 * It reckons as the shop's stylesheet lays out (themes/common.css, "top of every page"), with texts measured in the look's own fonts.
 *
 * @phpstan-import-type Row from Arrangement
 * @phpstan-import-type Block from HeaderForm
 * @phpstan-import-type Cause from HeaderForm
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
    public const STRETCHES = [
        self::NARROWEST, HeaderParts::NARROW + 1, TypeScale::NARROW, self::PHONE + 1, self::TABLET + 1, TypeScale::WIDE,
    ];

    /** Width and height of a phone that shares of a screen are told of (a common size; common practice, no source). */
    public const A_PHONE = [390, 844];

    private const ROW_GAP = 8.0;
    private const GAP = 32.0;
    private const FOLDED_GAP = 12.0;

    /** Most padding above and below on a phone. */
    private const PHONE_SPACE = 10.0;

    private readonly Arrangement $arrangement;

    private ?int $fitsFrom = null;

    private ?float $foldsUpTo = null;

    private function __construct(private readonly TopLook $look, private readonly HeaderParts $parts, private readonly bool $isKnown)
    {
        $this->arrangement = $look->arrangement();
    }

    /** @return self whose figures are those of texts without width where nobody has the fonts */
    public static function measure(Inspection $inspection): self
    {
        return self::of(TopLook::of($inspection->look), $inspection->get(TopContents::class), $inspection->get(LineBreaks::class));
    }

    public static function of(TopLook $look, TopContents $contents, LineBreaks $breaks): self
    {
        $text = new TopText($look, $breaks);

        return new self($look, new HeaderParts($look, $contents, $text), $text->isKnown());
    }

    /** Whether its figures are worth telling: somebody has the fonts. */
    public function isKnown(): bool
    {
        return $this->isKnown;
    }

    /** Whether a part of the header is there at all. */
    public function has(string $part): bool
    {
        return $this->look->has($part);
    }

    public function arrangement(): Arrangement
    {
        return $this->arrangement;
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
        // In a stretch the room grows faster than the sizes, or shrinks once the page is as wide as it may be: it is least at one of the
        // two ends.
        $fits = self::WIDEST + 1;
        foreach (array_reverse(self::STRETCHES) as $begins) {
            if (! $this->wide($fits - 1, 1.0)->fits()) {
                break;
            }
            if ($this->wide($begins, 1.0)->fits()) {
                $fits = $begins;

                continue;
            }
            for ($misfit = $begins; $fits - $misfit > 1;) {
                $middle = intdiv($misfit + $fits, 2);
                [$misfit, $fits] = $this->wide($middle, 1.0)->fits() ? [$misfit, $middle] : [$middle, $fits];
            }

            break;
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

        return new HeaderForm(
            $screen,
            array_sum(array_column($causes, 'px')),
            $rows,
            false,
            $menuLines,
            $over,
            $free,
            $blocks,
            $causes,
            $this->parts->squeezesLogo($screen),
        );
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
                $parts[$name] = $this->parts->of($name, $screen, $low);
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
                : $this->parts->menu($screen, $left, $soft);
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
                    $tallest = $this->cause($name, $height, $screen, $menuLines);
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
        $icons = $this->parts->icons($screen, true);
        $place = $this->look->text('header.folded.logo');
        $isEnd = $this->look->text('header.folded.button') === 'end';
        $sides = $isEnd && $place !== 'start' ? [$icons['width'], HeaderParts::TARGET] : [HeaderParts::TARGET, $icons['width']];
        $gaps = $place === 'above' ? 0.0 : 2 * self::FOLDED_GAP;
        $forLogo = $place === 'above' ? $room : max(0.0, $room - array_sum($sides) - $gaps);
        $logo = $this->parts->logo($screen, $low, $forLogo);
        $fold = ['part' => 'fold', 'words' => 'Menu', 'width' => HeaderParts::TARGET, 'height' => HeaderParts::TARGET];
        $sign = ['part' => 'logo', 'words' => $logo['blocks'][0]['words'], 'width' => $logo['width'], 'height' => $logo['height']];
        $y = $top[0]['px'];
        $causes = $top;
        $blocks = [];
        $row = max($place === 'above' ? 0.0 : $logo['height'], HeaderParts::TARGET);
        if ($place === 'above') {
            $blocks[] = [...$sign, 'x' => $from + ($room - $logo['width']) / 2, 'y' => $y];
            $causes[] = ['what' => 'logo', 'px' => $logo['height'], 'path' => HeaderParts::logoSize($screen)];
            $causes[] = ['what' => 'between the rows', 'px' => self::ROW_GAP, 'path' => null];
            $y += $logo['height'] + self::ROW_GAP;
        } else {
            $shares = Shares::of($room, self::FOLDED_GAP, $sides[0], $logo['width'], $sides[1], null);
            $at = match (true) {
                $place === 'middle' => $shares['start'] + self::FOLDED_GAP,
                $isEnd => 0.0,
                default => HeaderParts::TARGET + self::FOLDED_GAP,
            };
            $blocks[] = [...$sign, 'x' => $from + $at, 'y' => $y + ($row - $logo['height']) / 2];
        }
        $isFirst = ! $isEnd;
        $blocks[] = [...$fold, 'x' => $from + ($isFirst ? 0.0 : $room - HeaderParts::TARGET), 'y' => $y + ($row - HeaderParts::TARGET) / 2];
        $begin = match (true) {
            $isFirst => $room - $icons['width'],
            $place === 'start' => $room - HeaderParts::TARGET - self::FOLDED_GAP - $icons['width'],
            default => 0.0,
        };
        foreach ($icons['blocks'] as $block) {
            $blocks[] = [
                'part' => 'icons', 'words' => $block['words'], 'x' => $from + $begin + $block['x'],
                'y' => $y + ($row - HeaderParts::TARGET) / 2,
                'width' => $block['width'], 'height' => HeaderParts::TARGET,
            ];
        }
        $causes[] = $row > HeaderParts::TARGET
            ? ['what' => 'logo', 'px' => $row, 'path' => HeaderParts::logoSize($screen)]
            : ['what' => 'room for a finger', 'px' => $row, 'path' => null];
        $rows = $place === 'above' ? 2 : 1;
        if ($this->look->has('search') && $this->look->text('header.folded.search') === 'box') {
            $blocks[] = [
                'part' => 'search', 'words' => 'Search', 'x' => $from, 'y' => $y + $row + self::ROW_GAP, 'width' => $room,
                'height' => HeaderParts::TARGET,
            ];
            $causes[] = ['what' => 'search box', 'px' => self::ROW_GAP + HeaderParts::TARGET, 'path' => 'header.folded.search'];
            $rows++;
        }
        usort($blocks, static fn(array $a, array $b): int => [$a['y'] + $a['height'] / 2, $a['x']] <=> [
            $b['y'] + $b['height'] / 2,
            $b['x'],
        ]);
        $causes = [...$causes, ...$this->space('bottom', $screen, $low), ...$this->rule()];
        $need = array_sum($sides) + $gaps + $logo['width'];
        $free = $room - ($place === 'above' ? array_sum($sides) : $need);

        return new HeaderForm(
            $screen,
            array_sum(array_column($causes, 'px')),
            $rows,
            true,
            0,
            max(0.0, -$free),
            $free,
            $blocks,
            $causes,
            $this->parts->breaksLogo($screen, $forLogo),
        );
    }

    /** @return array{string, ?string} what makes a row as tall as it is, and the setting that says it */
    private function cause(string $part, float $height, float $screen, int $menuLines): array
    {
        return match ($part) {
            'logo' => $height > HeaderParts::TARGET ? ['logo', HeaderParts::logoSize($screen)] : ['room for a finger', null],
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
}
