<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Header\Lines;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Type\TextSteps;

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

    private readonly SetParts $set;

    /**
     * @param array<string, string> $root custom property of the pages => value
     * @param float $screen width
     */
    public function __construct(
        CategoryParts $parts,
        private readonly ResolvedLook $look,
        LineBreaks $breaks,
        array $root,
        private readonly float $screen,
    ) {
        $this->set = new SetParts($parts, $look, $breaks, $root, $screen);
    }

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
        [$cards, $ends, $places] = $this->place($goods, $form);

        return new StandingShelf(
            [(int) $this->screen, $high],
            $form,
            $begins,
            $begins + $ends,
            array_map(static fn(PlacedCard $card): PlacedCard => $card->down($begins), $cards),
            array_map(static fn(array $place): array => [...$place, 'y' => $begins + $place['y']], $places),
        );
    }

    /**
     * Height of a shelf that stands by itself.
     *
     * @param list<ShelfGoods> $goods
     */
    public function rows(array $goods, ShelfForm $form): float
    {
        return $goods === [] ? 0.0 : $this->place($goods, $form)[1];
    }

    /**
     * @param list<ShelfGoods> $goods
     *
     * @return array{list<PlacedCard>, float, list<array{x: float, y: float, width: float, height: float}>} as ShelfArranger gives it
     */
    private function place(array $goods, ShelfForm $form): array
    {
        $arranger = new ShelfArranger(
            $form,
            fn(int $n, float $width, float $picture): array => [
                $this->card($goods[$n], $width, $picture),
                min($this->mostLines(), $this->linesOfName($goods[$n]->name, $width)),
            ],
            $this->tile(),
            2 * $this->around(),
        );

        return $arranger->place(array_map($this->proportion(...), $goods));
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
        $y += $this->set->trail($head->trail, $form->room);
        $y += $this->set->block('h1', $head->name, $form->room);
        $picture = $this->set->style('picture');
        if ($picture !== null && $head->picture !== null) {
            $most = $this->set->px(($this->set->style('picture-img') ?? [])['max-height'] ?? 'none') ?? INF;
            $y += array_sum($this->set->pair($picture['margin-block'] ?? '0')) + min($most, $form->room * $head->picture);
        }
        // Without words their place is there, and takes the space over it.
        $words = $picture !== null && $head->picture !== null ? 'words-below' : 'words';
        $y += $head->words === ''
            ? $this->set->px(($this->set->style($words) ?? [])['margin-top'] ?? '0') ?? 0.0
            : $this->set->block($words, $head->words, $form->room);
        $within = $this->set->style('within');
        if ($within !== null && $head->within !== []) {
            $y += $this->set->px($this->set->sides($within['padding'] ?? '0')[0])
                + $this->set->buttons($head->within, $within, $form->room);
        }

        return $y + $this->sorting($head, $form->room) + $this->set->pair(($this->set->style('grid') ?? [])['padding-block'] ?? '0')[0];
    }

    /**
     * Height of one card.
     *
     * @param float $picture height of its picture
     */
    public function card(ShelfGoods $goods, float $width, float $picture): float
    {
        return 2 * $this->around() + $picture + array_sum($this->lines($goods, $width));
    }

    /**
     * Heights of what stands below a card's picture, each with the space over it.
     *
     * @return array<string, float> by key of CardLines, in their order; what is not shown is left out
     */
    public function lines(ShelfGoods $goods, float $width): array
    {
        $room = $this->room($width);
        $lines = [];
        foreach (CardLines::of($this->look->text('card.order')) as $key) {
            $lines[$key] = match ($key) {
                'name' => $this->set->block('name', $goods->name, $room, $this->mostLines()),
                'note' => $this->set->block('note', $goods->note, $room),
                'price' => $this->set->block('price', $goods->price, $room),
                'rating' => $goods->isRated ? $this->stars() : 0.0,
                default => $goods->canBuy ? $this->buy() : 0.0,
            };
        }

        return array_filter($lines, static fn(float $tall): bool => $tall > 0);
    }

    private function stars(): float
    {
        if ($this->set->style('stars') === null) {
            return 0.0;
        }
        $line = $this->set->letters('stars')[2];

        // They stand in the middle of their line, and on the one around them.
        return $this->set->onLine(($line + self::STAR) / 2, $line);
    }

    private function buy(): float
    {
        $buy = $this->set->style('buy');
        if ($buy === null || $this->set->style('buy-button') === null) {
            return 0.0;
        }
        [$voice, $size, $line] = $this->set->letters('buy-button');
        $tall = $this->set->button('buy-button');

        return ($this->set->px($buy['margin-top'] ?? '0') ?? 0.0)
            + $this->set->onLine(($tall - $line) / 2 + $this->set->over($voice, $size, $line), $tall);
    }

    /** Px between a card's edge and what is in it. */
    public function around(): float
    {
        $card = $this->set->style('card') ?? [];

        return ($this->set->px($card['padding'] ?? '0') ?? 0.0) + $this->set->border($card);
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
        $around = $this->set->style('labels');
        $style = $this->set->style('label');
        if ($around === null || $style === null) {
            return [];
        }
        [$voice, $size, $line] = $this->set->letters('label');
        [$padding, $side] = $this->set->pair($style['padding'] ?? '0');
        $inset = $this->set->px($this->set->sides($around['inset'] ?? '0')[0]) ?? 0.0;
        $gap = $this->set->pair($around['gap'] ?? '0')[0];
        $room = $wide - 2 * $inset;
        $widths = array_map(fn(string $each): float => min($room, $this->set->text($voice, $each)->width($size) + 2 * $side), $words);
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
        if ($this->set->style('name') === null) {
            return 0;
        }
        [$voice, $size] = $this->set->letters('name');

        return $this->set->text($voice, $name)->lines($size, $this->room($width));
    }

    private function sorting(ShelfHead $head, float $room): float
    {
        $sorting = $this->set->style('sorting');
        $field = $this->set->style('field');
        $input = $this->set->style('input');
        $check = $this->set->style('check');
        if ($sorting === null || $field === null || $input === null || $check === null) {
            return 0.0;
        }
        [$voice, $size, $line] = $this->set->letters('body');
        $wide = fn(string $words): float => $this->set->text($voice, $words)->width($size);
        $inside = $this->set->pair($input['padding'] ?? '0');
        $chooses = max(
            $this->set->px($input['min-width'] ?? '0') ?? 0.0,
            max([0.0, ...array_map($wide, $head->sorts)]) + 2 * $inside[1] + self::CHOOSING,
        );
        $isField = $line + ($this->set->px($field['gap'] ?? '0') ?? 0.0)
            + max($this->set->px($input['min-height'] ?? '0') ?? 0.0, $line + 2 * $inside[0]);
        $things = [[$chooses, $isField]];
        foreach ($head->checks as $words) {
            $things[] = [self::TICK + $wide($words), max($this->set->px($check['min-height'] ?? '0') ?? 0.0, $line)];
        }
        if ($this->set->style('button') !== null) {
            $things[] = [$this->set->buttonWide('button', $head->button), $this->set->button('button')];
        }
        $things[] = [$wide($head->count), $line];
        $gaps = $this->set->pair($sorting['gap'] ?? '0');
        $lines = Lines::of(array_column($things, 0), $gaps[1], $room);
        $tall = array_map(static fn(array $of): float => max(array_map(static fn(int $i): float => $things[$i][1], $of)), $lines);

        return array_sum($this->set->pair($sorting['margin-block'] ?? '0')) + array_sum($tall) + (count($tall) - 1) * $gaps[0];
    }
}
