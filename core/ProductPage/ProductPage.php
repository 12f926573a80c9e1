<?php

declare(strict_types=1);

namespace Ikat\Core\ProductPage;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;
use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Grid\SetParts;
use Ikat\Core\Grid\ShelfSolver;
use Ikat\Core\Header\Lines;
use Ikat\Core\Header\TopOfPage;
use Ikat\Core\Look\ResolvedLook;

/**
 * Where each block of a product's page stands on a screen: reckoned from the stylesheets and the real fonts. All lengths in px.
 *
 * Words of a price, and buttons, stand on one line where they fit; bold and slanted words are measured as plain ones.
 */
final class ProductPage
{
    /** Height of the stars. */
    private const STAR = 16.0;

    /** Width of the stars of a review, with the gap to what stands beside them. */
    private const STARS = 98.0;

    /** Side of the mark of what is chosen, of a swatch, and the gaps after each: as the stylesheet has them. */
    private const MARK = 18.0;
    private const SWATCH = 28.0;
    private const BETWEEN = 8.0;

    /** Px of a button that grows, before it does. */
    private const LEAST_BUTTON = 180.0;

    private readonly SetParts $set;

    /**
     * @param array<string, string> $root custom property of the pages => value
     * @param array{int, int} $screen width and height
     */
    public function __construct(
        ProductParts $parts,
        private readonly ResolvedLook $look,
        LineBreaks $breaks,
        array $root,
        private readonly array $screen,
    ) {
        $this->set = new SetParts($parts, $look, $breaks, $root, (float) $screen[0]);
    }

    /**
     * Pages of a look on a screen, down to the button: what comes after it is left out, and nothing of it is measured.
     *
     * @param array{int, int} $screen width and height
     *
     * @return \Closure(ShownProduct): StandingProduct
     */
    public static function on(Inspection $inspection, array $screen): \Closure
    {
        $page = self::of($inspection, $screen);
        $top = $inspection->get(TopOfPage::class)->at((float) $screen[0])['height'];
        $room = $inspection->get(ShelfSolver::class)->alone()->at((float) $screen[0])->room;

        return static fn(ShownProduct $product): StandingProduct => $page->stand($product, $top, $room, 0.0, true);
    }

    /** @param array{int, int} $screen width and height */
    public static function of(Inspection $inspection, array $screen): self
    {
        return new self(
            $inspection->get(ProductParts::class),
            $inspection->look,
            $inspection->get(LineBreaks::class),
            $inspection->get(CompiledLook::class)->root,
            $screen,
        );
    }

    /**
     * @param float $top where the header ends
     * @param float $room width of what is in the page
     * @param float $shelf height of the shelf of others; 0 where there are none
     * @param bool $toButton whether what comes after the button is left out
     */
    public function stand(ShownProduct $product, float $top, float $room, float $shelf, bool $toButton = false): StandingProduct
    {
        $around = $this->set->style('product') ?? [];
        $tracks = $this->set->sides($around['grid-template-columns'] ?? '1fr');
        $gaps = $this->set->pair($around['gap'] ?? '0');
        $isBeside = count($tracks) === 2;
        $share = (float) $this->look->value('product.proportion') / 100;
        $wide = $isBeside ? min($room, $share * $room) : $room;
        $rest = $isBeside ? max(0.0, $room - $wide - $gaps[1]) : $room;
        $detailsFirst = (int) ($this->set->style('side')['order'] ?? 0) < 0;
        $padding = $this->set->pair($around['padding-block'] ?? '0');
        $begins = $top + $this->set->trail($product->trail, $room) + $padding[0];

        $gallery = ['x' => $isBeside && $detailsFirst ? $rest + $gaps[1] : 0.0, 'y' => $begins, 'width' => $wide];
        [$pictures, $tall] = (new ProductGallery($this->set, $this->look))->stand($product, $gallery['x'], $begins, $wide);
        $gallery['height'] = $tall;

        $blocks = ProductBlocks::of($this->look->text('product.order'));
        $x = $isBeside && ! $detailsFirst ? $wide + $gaps[1] : 0.0;
        $y = $isBeside ? $begins : $begins + $tall + $gaps[0];
        $gap = $this->set->pair($this->set->style('side')['gap'] ?? '0')[0];
        $head = ['x' => $x, 'y' => $y, 'width' => $rest, 'height' => $this->head($product, $rest, $gap)];
        $y += $head['height'];
        $found = [];
        $button = null;
        $put = function (string $block, float $y, float $x, float $width, float $before) use ($product, &$found, &$button): float {
            $tall = $this->block($block, $product, $width);
            if ($block === 'buy' && $product->isThere) {
                $button = $y + $before + $tall;
            }
            if ($tall <= 0) {
                // A form whose only button stays at the foot of the screen leaves the gap over it.
                return $block === 'buy' ? $y + $before : $y;
            }
            $width = $block === 'rating' ? min($width, $this->set->measure('stars')) : $width;
            $found[$block] = ['x' => $x, 'y' => $y + $before, 'width' => $width, 'height' => $tall];

            return $y + $before + $tall;
        };
        $isDone = static function () use (&$button, $toButton): bool {
            return $toButton && $button !== null;
        };
        foreach ($blocks->beside as $block) {
            $y = $isDone() ? $y : $put($block, $y, $x, $rest, $gap);
        }
        $ends = max($y, $begins + ($isBeside ? $tall : 0.0)) + $padding[1];
        foreach ($isDone() ? [] : $blocks->across as $block) {
            if ($block === ProductBlocks::WIDE) {
                $found += $shelf > 0 ? [$block => ['x' => 0.0, 'y' => $ends, 'width' => $room, 'height' => $this->band($shelf)]] : [];
                $ends += $found[$block]['height'] ?? 0.0;
            } else {
                // Each has the space below it that the product has; what does not show leaves it all the same.
                $ends = $put($block, $ends, 0.0, $room, 0.0) + $padding[1];
            }
        }

        return new StandingProduct(
            $this->screen,
            $room,
            $isBeside,
            $pictures,
            $gallery,
            $head,
            $found,
            $button,
            ($this->set->style('end')['position'] ?? '') === 'fixed',
            $ends,
        );
    }

    /** Labels, the name and the line under it. */
    private function head(ShownProduct $product, float $room, float $gap): float
    {
        $tall = [$this->set->block('h1', $product->name, $room)];
        if ($product->labels !== [] && $this->set->style('label') !== null) {
            [$voice, $size, $line] = $this->set->letters('label');
            [$padding, $side] = $this->set->pair($this->set->style('label')['padding'] ?? '0');
            $side = $this->set->px($this->set->style('label')['padding-inline'] ?? '') ?? $side;
            $between = $this->set->pair($this->set->style('labels')['gap'] ?? '0')[0];
            $widths = array_map(fn(string $w): float => $this->set->text($voice, $w)->width($size) + 2 * $side, $product->labels);
            $lines = count(Lines::of($widths, $between, $room));
            array_unshift($tall, $lines * ($line + 2 * $padding) + ($lines - 1) * $between);
        }
        if ($product->note !== '') {
            $tall[] = $this->set->block('note', $product->note, min($room, $this->set->measure('note')));
        }

        return array_sum($tall) + (count($tall) - 1) * $gap;
    }

    /** Height of a block; 0 where it does not show. */
    private function block(string $block, ShownProduct $product, float $room): float
    {
        return match ($block) {
            'rating' => $product->isRated && $this->set->style('stars') !== null ? max(self::STAR, $this->set->letters('stars')[2]) : 0.0,
            'price' => $this->set->block('price', $product->price, $room)
                + ($product->saving === '' ? 0.0 : $this->set->block('saving', $product->saving, $room)),
            'buy' => $product->isThere ? $this->buy($product, $room) : $this->soldOut($product, $room),
            'save' => $this->look->value('product.save') === true && $this->set->style('save') !== null
                ? $this->set->icon('save') + 2 * $this->set->pair($this->set->style('save')['padding'] ?? '0')[0]
                : 0.0,
            'words' => $this->words($product->paragraphs, $room),
            'facts' => $this->look->value('product.facts') === true ? $this->facts($product->facts, $room) : 0.0,
            'delivery' => $this->look->value('product.delivery') === true ? $this->sent($product, $room) : 0.0,
            'reviews' => $this->reviews($product, $room),
            default => 0.0,
        };
    }

    /** What buyers wrote, as many as are in sight, and what brings more. */
    private function reviews(ShownProduct $product, float $room): float
    {
        $list = $this->set->style('review-list');
        if ($list === null || $product->reviews === [] || $this->look->value('product.reviews') !== true) {
            return 0.0;
        }
        $gap = $this->set->pair($list['gap'] ?? '0')[0];
        $room = min($room, $this->set->measure('review-words'));
        $words = fn(string $line): float => $this->set->block('review-words', $line, $room);
        $all = array_map(
            fn(array $review): float => max(self::STAR, $this->set->block('review-head', $review[0], $room - self::STARS))
                + array_sum(array_map($words, explode("\n", $review[1]))),
            $product->reviews,
        );
        $more = $product->moreReviews === '' ? 0.0 : $this->set->button('review-more')
            + ($this->set->px(($this->set->style('reviews-more') ?? [])['margin-top'] ?? '0') ?? 0.0);

        return $this->set->block('reviews-head', $product->says['reviews'], $room)
            + ($this->set->px($list['margin-top'] ?? '0') ?? 0.0) + array_sum($all) + (count($all) - 1) * $gap + $more;
    }

    /** A shelf with what is written over it and the space around. */
    private function band(float $shelf): float
    {
        $padding = $this->set->pair($this->set->style('band')['padding-block'] ?? '0');
        $margin = $this->set->px($this->set->style('band-head')['margin-bottom'] ?? '0') ?? 0.0;

        return array_sum($padding) + $this->set->letters('band-h2')[2] + $margin + $shelf;
    }

    private function soldOut(ShownProduct $product, float $room): float
    {
        $message = $this->set->style('message') ?? [];
        [$padding, $side] = $this->set->pair($message['padding'] ?? '0');
        $gap = $this->set->pair($this->set->style('side')['gap'] ?? '0')[0];
        $margins = $this->set->sides($message['margin-block'] ?? '0');
        $words = min($room, $this->set->measure('note'));

        return $this->set->block('message', $product->says['gone-words'], $words - 2 * $side) + 2 * $padding
            + ($this->set->px($margins[0]) ?? 0.0) + ($this->set->px($margins[1] ?? $margins[0]) ?? 0.0)
            + $gap + $this->set->button('gone');
    }

    private function buy(ShownProduct $product, float $room): float
    {
        $gap = $this->set->pair($this->set->style('buy')['gap'] ?? '0')[0];
        $rows = [];
        if ($product->options !== []) {
            $rows[] = $this->choices($product, $room);
        }
        $isWide = $this->look->value('product.button.wide') === true;
        $stays = ($this->set->style('end')['position'] ?? '') === 'fixed';
        $field = $this->look->value('product.quantity') === true ? $this->field('field-label') : 0.0;
        $fieldWide = $field > 0 ? $this->set->px($this->set->style('field')['width'] ?? '0') ?? 0.0 : 0.0;
        $more = $this->look->value('product.now') === true ? $gap + $this->set->buttonWide('now', $product->says['now']) : 0.0;
        $endWide = $isWide ? self::LEAST_BUTTON : $this->set->buttonWide('button', $product->says['add']) + $more;
        $isOneRow = $field > 0 && $fieldWide + $gap + ($isWide ? self::LEAST_BUTTON : min($endWide, $room)) <= $room;
        $endRoom = $isOneRow ? $room - $fieldWide - $gap : $room;
        $tall = $this->set->buttonIn('button', $product->says['add'], $endRoom);
        if ($this->look->value('product.now') === true) {
            $now = $this->set->buttonIn('now', $product->says['now'], $endRoom);
            $tall = $isWide || $endWide > $endRoom ? $tall + $gap + $now : max($tall, $now);
        }
        if ($stays) {
            $tall = 0.0;
        }
        if ($isOneRow) {
            $rows[] = max($field, $tall);
        } else {
            array_push($rows, ...array_filter([$field, $tall], static fn(float $each): bool => $each > 0));
        }

        return $rows === [] ? 0.0 : array_sum($rows) + (count($rows) - 1) * $gap;
    }

    /** A field with what is written over it. */
    private function field(string $label): float
    {
        $input = $this->set->style('input') ?? [];
        $line = $this->set->letters('input')[2];

        return $this->set->letters($label)[2] + ($this->set->px($this->set->style('field')['gap'] ?? '5px') ?? 0.0)
            + max($this->set->px($input['min-height'] ?? '0') ?? 0.0, $line + 2 * $this->set->pair($input['padding'] ?? '0')[0]);
    }

    private function choices(ShownProduct $product, float $room): float
    {
        $gap = $this->set->pair($this->set->style('choices')['gap'] ?? '0')[0];
        $rows = [];
        foreach ($product->options as $values) {
            $rows[] = $this->look->text('product.options') === 'list'
                ? $this->field('field-label')
                : $this->option($product, $values, $room);
        }

        return array_sum($rows) + (count($rows) - 1) * $gap;
    }

    /** @param list<string> $values */
    private function option(ShownProduct $product, array $values, float $room): float
    {
        $style = $this->set->style('option') ?? [];
        [$voice, $size, $line] = $this->set->letters('option');
        [$padding, $side] = $this->set->pair($style['padding'] ?? '0');
        $border = 2 * $this->set->border($style);
        $between = $this->set->pair($this->set->style('options')['gap'] ?? '0')[0];
        $beside = 2 * $side + $border + self::MARK + self::BETWEEN;
        $boxes = [];
        foreach ($values as $value) {
            $own = $beside + (in_array($value, $product->swatches, true) ? self::SWATCH + self::BETWEEN : 0.0);
            $text = $this->set->text($voice, $value);
            $wide = min($room, $own + $text->width($size));
            $lines = max(1, $text->lines($size, max(1.0, $wide - $own)));
            $boxes[] = [
                $wide,
                max($this->set->px($style['min-height'] ?? '0') ?? 0.0, max($lines * $line, self::MARK) + 2 * $padding + $border),
            ];
        }
        $lines = Lines::of(array_column($boxes, 0), $between, $room);
        $tall = array_map(static fn(array $of): float => max(array_map(static fn(int $i): float => $boxes[$i][1], $of)), $lines);

        return $this->set->letters('legend')[2] + array_sum($tall) + (count($tall) - 1) * $between;
    }

    /** @param list<string> $paragraphs */
    private function words(array $paragraphs, float $room): float
    {
        if ($paragraphs === []) {
            return 0.0;
        }
        $gap = $this->set->pair($this->set->style('said')['gap'] ?? '0')[0];
        $room = min($room, $this->set->measure('said-p'));

        return array_sum(array_map(fn(string $words): float => $this->set->block('said-p', $words, $room), $paragraphs))
            + (count($paragraphs) - 1) * $gap;
    }

    /** @param array<string, string> $facts */
    private function facts(array $facts, float $room): float
    {
        $style = $this->set->style('facts');
        if ($style === null || $facts === []) {
            return 0.0;
        }
        [$voice, $size, $line] = $this->set->letters('dt');
        $gaps = $this->set->pair($style['gap'] ?? '0');
        $names = array_map(
            fn(int|string $name): float => $this->set->text($voice, (string) $name)->width($size),
            array_keys($facts),
        );
        $rest = max(1.0, $room - min(max($names), $room) - $gaps[1]);
        [$spoken, $letters, $own] = $this->set->letters('dd');
        $tall = array_map(
            fn(string $fact): float => max($line, $own * max(1, $this->set->text($spoken, $fact)->lines($letters, $rest))),
            array_values($facts),
        );
        $border = $this->set->px($this->set->sides($style['border-top'] ?? '0')[0]) ?? 0.0;

        return $border + ($this->set->px($style['padding-top'] ?? '0') ?? 0.0) + array_sum($tall) + (count($tall) - 1) * $gaps[0];
    }

    private function sent(ShownProduct $product, float $room): float
    {
        $list = $this->set->style('sent-list');
        if ($list === null || $product->deliveries === []) {
            return 0.0;
        }
        $gap = $this->set->pair($list['gap'] ?? '0')[0];
        $lines = array_map(fn(string $words): float => $this->set->block('sent-line', $words, $room), $product->deliveries);

        return $this->set->block('sent-head', $product->says['sent'], min($room, $this->set->measure('sent-head')))
            + ($this->set->px($list['margin-top'] ?? '0') ?? 0.0) + array_sum($lines) + (count($lines) - 1) * $gap;
    }
}
