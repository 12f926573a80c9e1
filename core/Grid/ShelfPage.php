<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Header\Lines;
use Ikat\Core\Header\SizedText;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Reach\CssLength;
use Ikat\Core\Type\SpokenFace;
use Ikat\Core\Type\TextSteps;
use Ikat\Core\Type\TextStyle;
use Ikat\Core\Type\Voice;

/**
 * How tall a category's page is on a screen, from its top to the end of its shelf: what stands over the shelf, and each row by its tallest
 * card. All lengths in px.
 *
 * Reckoned from the stylesheets and the real fonts.
 */
final class ShelfPage
{
    /** What a browser's list to choose from adds to its longest word, and its arrow. From Chromium, by measuring. */
    private const CHOOSING = 22.0;

    /** Height of the stars. */
    private const STAR = 16.0;

    /** Side of a box to tick, with the gap to its words. */
    private const TICK = 28.0;

    /** @var array<string, ?array<string, string>> by part: each is asked for again by every card */
    private array $styles = [];

    /** @var array<string, array{Voice, float, float}> by part */
    private array $letters = [];

    /** @var array<string, ?float> px of what was written */
    private array $px = [];

    /** @var array<string, SizedText> by voice and words */
    private array $texts = [];

    /**
     * @param array<string, string> $root custom property of the pages => value
     * @param float $screen width
     */
    public function __construct(
        private readonly CategoryParts $parts,
        private readonly ResolvedLook $look,
        private readonly LineBreaks $breaks,
        private readonly array $root,
        private readonly float $screen,
    ) {}

    /** @param float $screen width, px */
    public static function of(Inspection $inspection, float $screen): self
    {
        return new self(
            $inspection->get(CategoryParts::class),
            $inspection->look,
            $inspection->get(LineBreaks::class),
            $inspection->get(CompiledLook::class)->root,
            $screen,
        );
    }

    /**
     * A shelf as it stands.
     *
     * @param float $top where the header ends
     * @param list<ShelfGoods> $goods of a page
     * @param int $high height of the screen
     */
    public function shelf(float $top, ShelfHead $head, array $goods, ShelfForm $form, int $high): StandingShelf
    {
        $begins = $top + $this->head($head, $form);
        $arranger = new ShelfArranger(
            $form,
            fn(int $n, float $width, float $picture): array => [
                $this->card($goods[$n], $width, $picture),
                min($this->mostLines(), $this->linesOfName($goods[$n]->name, $width)),
            ],
            $this->tile(),
            2 * $this->around(),
        );
        [$cards, $ends, $places] = $arranger->place(array_map($this->proportion(...), $goods));

        return new StandingShelf(
            [(int) $this->screen, $high],
            $form,
            $begins,
            $begins + $ends,
            array_map(static fn(PlacedCard $card): PlacedCard => $card->down($begins), $cards),
            array_map(static fn(array $place): array => [...$place, 'y' => $begins + $place['y']], $places),
        );
    }

    /** Of a product's picture as it is shown where each keeps its own. */
    private function proportion(ShelfGoods $goods): float
    {
        return $goods->proportion === null ? $this->tile() : Proportion::own($goods->proportion);
    }

    /** Of the pictures, where all have the same. */
    private function tile(): float
    {
        return max(0.01, (float) $this->look->value('card.proportion'));
    }

    /** What stands over the shelf, from the foot of the header on. */
    public function head(ShelfHead $head, ShelfForm $form): float
    {
        $y = 0.0;
        $trail = $this->style('trail');
        if ($trail !== null) {
            [$voice, $size, $line] = $this->letters('trail');
            $widths = array_map(fn(string $words): float => $this->text($voice, $words)->width($size), $head->trail);
            $gaps = $this->pair($trail['gap'] ?? '0');
            $lines = count(Lines::of($widths, $gaps[1], $form->room));
            $y += array_sum($this->pair($trail['padding-block'] ?? '0')) + $lines * $line + ($lines - 1) * $gaps[0];
        }
        $y += $this->block('h1', $head->name, $form->room);
        $picture = $this->style('picture');
        if ($picture !== null && $head->picture !== null) {
            $most = $this->px(($this->style('picture-img') ?? [])['max-height'] ?? 'none') ?? INF;
            $y += array_sum($this->pair($picture['margin-block'] ?? '0')) + min($most, $form->room * $head->picture);
        }
        // Without words their place is there, and takes the space over it.
        $words = $picture !== null && $head->picture !== null ? 'words-below' : 'words';
        $y += $head->words === ''
            ? $this->px(($this->style($words) ?? [])['margin-top'] ?? '0') ?? 0.0
            : $this->block($words, $head->words, $form->room);
        $within = $this->style('within');
        if ($within !== null && $head->within !== []) {
            $y += $this->px($this->sides($within['padding'] ?? '0')[0]) + $this->buttons($head->within, $within, $form->room);
        }

        return $y + $this->sorting($head, $form->room) + $this->pair(($this->style('grid') ?? [])['padding-block'] ?? '0')[0];
    }

    /**
     * Height of one card.
     *
     * @param float $picture height of its picture
     */
    public function card(ShelfGoods $goods, float $width, float $picture): float
    {
        $around = $this->around();
        $room = $this->room($width);
        $y = 2 * $around + $picture + $this->block('name', $goods->name, $room, $this->mostLines());
        if ($goods->note !== '') {
            $y += $this->block('note', $goods->note, $room);
        }
        $y += $this->block('price', '0', $room);
        $stars = $goods->isRated ? $this->style('stars') : null;
        if ($stars !== null) {
            $line = $this->letters('stars')[2];
            // They stand in the middle of their line, and on the one around them.
            $y += $this->onLine(($line + self::STAR) / 2, $line);
        }
        $buy = $goods->canBuy ? $this->style('buy') : null;
        if ($buy !== null && $this->style('buy-button') !== null) {
            [$voice, $size, $line] = $this->letters('buy-button');
            $tall = $this->button('buy-button');
            $over = ($tall - $line) / 2 + $this->over($voice, $size, $line);
            $y += ($this->px($buy['margin-top'] ?? '0') ?? 0.0) + $this->onLine($over, $tall);
        }

        return $y;
    }

    /**
     * Height of a line of text in which something else stands.
     *
     * @param float $over px of that over the baseline
     * @param float $tall px of all of it
     */
    private function onLine(float $over, float $tall): float
    {
        [$voice, $size, $line] = $this->letters('body');
        $own = $this->over($voice, $size, $line);

        return max($over, $own) + max($tall - $over, $line - $own);
    }

    /**
     * Px of a line over its baseline: what the font has, rounded as Chromium does, and half of what the line has more.
     * Source: CSS Inline Layout Level 3, 5.1, half-leading.
     */
    private function over(Voice $voice, float $size, float $line): float
    {
        $family = SpokenFace::of($this->look, $voice)->family;
        $ascent = round($family->ascent * $size / $family->unitsPerEm);
        $descent = round(-$family->descent * $size / $family->unitsPerEm);

        return $ascent + floor(($line - $ascent - $descent) / 2);
    }

    /** Px between a card's edge and what is in it. */
    private function around(): float
    {
        $card = $this->style('card') ?? [];

        return ($this->px($card['padding'] ?? '0') ?? 0.0) + $this->border($card);
    }

    private function room(float $width): float
    {
        return max(1.0, $width - 2 * $this->around());
    }

    /**
     * Where labels stand on a picture.
     *
     * @param list<string> $words of each
     * @param float $wide px of the picture; $tall the same
     * @param 'start'|'end' $across
     * @param 'top'|'bottom' $down
     *
     * @return list<array{float, float, float, float}> x, y, width and height of each, px from the picture's upper left
     */
    public function labels(array $words, float $wide, float $tall, string $across, string $down): array
    {
        $around = $this->style('labels');
        $style = $this->style('label');
        if ($around === null || $style === null) {
            return [];
        }
        [$voice, $size, $line] = $this->letters('label');
        [$padding, $side] = $this->pair($style['padding'] ?? '0');
        $inset = $this->px($this->sides($around['inset'] ?? '0')[0]) ?? 0.0;
        $gap = $this->pair($around['gap'] ?? '0')[0];
        $room = $wide - 2 * $inset;
        $widths = array_map(fn(string $each): float => min($room, $this->text($voice, $each)->width($size) + 2 * $side), $words);
        $lines = Lines::of($widths, $gap, $room);
        $height = $line + 2 * $padding;
        $all = count($lines) * $height + (count($lines) - 1) * $gap;
        $y = $down === 'top' ? $inset : $tall - $inset - $all;
        $boxes = [];
        foreach ($lines as $of) {
            $whole = array_sum(array_map(static fn(int $i): float => $widths[$i], $of)) + (count($of) - 1) * $gap;
            $x = $across === 'start' ? $inset : $wide - $inset - $whole;
            foreach ($of as $i) {
                $boxes[] = [$x, $y, $widths[$i], $height];
                $x += $widths[$i] + $gap;
            }
            $y += $height + $gap;
        }

        return $boxes;
    }

    /** Lines after which a product's name is cut. */
    public function mostLines(): int
    {
        $most = $this->look->text('card.name.lines');

        return $most === 'all' ? PHP_INT_MAX : (int) $most;
    }

    /** Lines of a product's name in a card of such a width; of very many TextSteps::MOST. */
    public function linesOfName(string $name, float $width): int
    {
        if ($this->style('name') === null) {
            return 0;
        }
        [$voice, $size] = $this->letters('name');

        return $this->text($voice, $name)->lines($size, $this->room($width));
    }

    private function sorting(ShelfHead $head, float $room): float
    {
        $sorting = $this->style('sorting');
        $field = $this->style('field');
        $input = $this->style('input');
        $check = $this->style('check');
        if ($sorting === null || $field === null || $input === null || $check === null) {
            return 0.0;
        }
        [$voice, $size, $line] = $this->letters('body');
        $wide = fn(string $words): float => $this->text($voice, $words)->width($size);
        $inside = $this->pair($input['padding'] ?? '0');
        $chooses = max(
            $this->px($input['min-width'] ?? '0') ?? 0.0,
            max([0.0, ...array_map($wide, $head->sorts)]) + 2 * $inside[1] + self::CHOOSING,
        );
        $isField = $line + ($this->px($field['gap'] ?? '0') ?? 0.0)
            + max($this->px($input['min-height'] ?? '0') ?? 0.0, $line + 2 * $inside[0]);
        $things = [[$chooses, $isField]];
        foreach ($head->checks as $words) {
            $things[] = [self::TICK + $wide($words), max($this->px($check['min-height'] ?? '0') ?? 0.0, $line)];
        }
        if ($this->style('button') !== null) {
            $things[] = [$this->buttonWide('button', $head->button), $this->button('button')];
        }
        $things[] = [$wide($head->count), $line];
        $gaps = $this->pair($sorting['gap'] ?? '0');
        $lines = Lines::of(array_column($things, 0), $gaps[1], $room);
        $tall = array_map(static fn(array $of): float => max(array_map(static fn(int $i): float => $things[$i][1], $of)), $lines);

        return array_sum($this->pair($sorting['margin-block'] ?? '0')) + array_sum($tall) + (count($tall) - 1) * $gaps[0];
    }

    /**
     * @param list<string> $words of buttons in lines
     * @param array<string, string> $around style of what they stand in
     */
    private function buttons(array $words, array $around, float $room): float
    {
        $gaps = $this->pair($around['gap'] ?? '0');
        $lines = count(Lines::of(array_map(fn(string $each): float => $this->buttonWide('button', $each), $words), $gaps[1], $room));

        return $lines * $this->button('button') + ($lines - 1) * $gaps[0];
    }

    private function button(string $part): float
    {
        $style = $this->style($part) ?? [];

        return max(
            $this->px($style['min-height'] ?? '0') ?? 0.0,
            $this->letters($part)[2] + 2 * $this->pair($style['padding'] ?? '0')[0],
        );
    }

    private function buttonWide(string $part, string $words): float
    {
        [$voice, $size] = $this->letters($part);

        return $this->text($voice, $words)->width($size) + 2 * $this->pair(($this->style($part) ?? [])['padding'] ?? '0')[1];
    }

    /** Height of a text that is a block, with the space over it; none where the page does not have it. */
    private function block(string $part, string $words, float $room, int $most = PHP_INT_MAX): float
    {
        $style = $this->style($part);
        if ($style === null || $words === '') {
            return 0.0;
        }
        [$voice, $size, $line] = $this->letters($part);

        $lines = max(1, min($most, $this->text($voice, $words)->lines($size, $room)));

        return ($this->px($style['margin-top'] ?? '0') ?? 0.0) + $lines * $line;
    }

    /** @return array{Voice, float, float} who speaks in a part, size of the letters, height of a line */
    private function letters(string $part): array
    {
        return $this->letters[$part] ??= $this->lettersOf($this->style($part) ?? []);
    }

    /**
     * @param array<string, string> $style
     *
     * @return array{Voice, float, float}
     */
    private function lettersOf(array $style): array
    {
        $body = $this->style('body') ?? [];
        $base = $this->length(CssLength::REM)->px($body['font-size'] ?? '1rem') ?? CssLength::REM;
        $size = $this->length($base)->px($style['font-size'] ?? '1em') ?? $base;
        $family = $style['font-family'] ?? $body['font-family'] ?? '';
        $voice = preg_match('/var\(--type-([a-z]+)-family\)/', $family, $m) === 1 ? Voice::tryFrom($m[1]) : null;
        $leading = $this->length($size)->px($style['line-height'] ?? $body['line-height'] ?? '1.5') ?? 1.5;

        return [$voice ?? Voice::Body, $size, $size * $leading];
    }

    private function text(Voice $voice, string $words): SizedText
    {
        return $this->texts["$voice->value $words"] ??= $this->made(SpokenFace::of($this->look, $voice), $voice, $words);
    }

    private function made(SpokenFace $face, Voice $voice, string $words): SizedText
    {
        return new SizedText(
            $words,
            fn(float $size): TextSteps => $this->breaks->steps($face, TextStyle::of($this->look, $voice, $size), $words)
                ?? new TextSteps([0.0]),
        );
    }

    /** @return ?array<string, string> */
    private function style(string $part): ?array
    {
        if (! array_key_exists($part, $this->styles)) {
            $style = $this->parts->on($part, (int) $this->screen);
            $this->styles[$part] = ($style['display'] ?? '') === 'none' ? null : $style;
        }

        return $this->styles[$part];
    }

    /** @param array<string, string> $style */
    private function border(array $style): float
    {
        return isset($style['border']) ? $this->px($this->sides($style['border'])[0]) ?? 0.0 : 0.0;
    }

    /** @return array{float, float} of a value with one or two sides: up and down, across */
    private function pair(string $written): array
    {
        $sides = $this->sides($written);
        $first = $this->px($sides[0]) ?? 0.0;

        return [$first, isset($sides[1]) ? $this->px($sides[1]) ?? 0.0 : $first];
    }

    /** @return non-empty-list<string> what stands between spaces, but for those in parentheses */
    private function sides(string $written): array
    {
        preg_match_all('/(?:[^\s()]+|(\((?:[^()]++|(?1))*\)))+/', trim($written), $m);

        return $m[0] === [] ? ['0'] : $m[0];
    }

    private function px(string $written): ?float
    {
        return array_key_exists($written, $this->px)
            ? $this->px[$written]
            : $this->px[$written] = $this->length(CssLength::REM)->px($written);
    }

    private function length(float $em): CssLength
    {
        return new CssLength($this->root, $this->screen, $em);
    }
}
