<?php

declare(strict_types=1);

namespace Ikat\Core\Grid;

use Ikat\Core\Look\ResolvedLook;

/** Which labels hide the thing on the picture they stand on, in each corner, on the narrowest card: that of a phone. */
final readonly class LabelCover
{
    /** Screen of a phone, px. */
    private const SCREEN = 390.0;

    /** Share of a thing that may be behind labels (common practice, no source). */
    private const HIDDEN = 0.04;

    private LabelRules $rules;

    private ShelfForm $form;

    /** @param ShelfPage $page on a phone */
    public function __construct(private CardPictures $shown, private ResolvedLook $look, private ShelfPage $page)
    {
        $this->rules = LabelRules::of($look->value(...));
        $this->form = (new ShelfSolver(ShelfLook::of($look)))->at(self::SCREEN);
    }

    public static function screen(): float
    {
        return self::SCREEN;
    }

    /** @return int pictures that wear a label */
    public function labelled(): int
    {
        return count(array_filter($this->shown->pictures, fn(CardPicture $p): bool => $p->labels->words($this->rules) !== []));
    }

    /**
     * Pictures whose thing is hidden with labels in a corner.
     *
     * @param 'start'|'end' $across
     * @param 'top'|'bottom' $down
     *
     * @return array<int, float> number of the picture => share of its thing that is hidden, the most first
     */
    public function hidden(string $across, string $down): array
    {
        $hidden = [];
        foreach ($this->shown->pictures as $n => $picture) {
            $share = $this->share($picture, $across, $down);
            if ($share > self::HIDDEN) {
                $hidden[$n] = $share;
            }
        }
        arsort($hidden);

        return $hidden;
    }

    /**
     * @param 'start'|'end' $across
     * @param 'top'|'bottom' $down
     */
    private function share(CardPicture $picture, string $across, string $down): float
    {
        $words = $picture->labels->words($this->rules);
        if ($words === []) {
            return 0.0;
        }
        $frame = $this->form->arrange === 'tiles'
            ? (float) $this->look->value('card.proportion')
            : Proportion::own($picture->framed->proportion);
        $wide = $this->form->pictureWide();
        $tall = $wide / $frame;
        [$left, $top, $right, $bottom] = $this->thing($picture->framed, $frame, $wide, $tall);
        $behind = 0.0;
        foreach ($this->page->labels($words, $wide, $tall, $across, $down) as [$x, $y, $width, $height]) {
            $behind += max(0.0, min($right, $x + $width) - max($left, $x)) * max(0.0, min($bottom, $y + $height) - max($top, $y));
        }

        return $behind / max(1.0, ($right - $left) * ($bottom - $top));
    }

    /** @return array{float, float, float, float} px of the frame: left, top, right and lower side of what is seen of the thing */
    private function thing(FramedPicture $framed, float $frame, float $wide, float $tall): array
    {
        if ($this->look->text('card.fit') === 'contain') {
            $scale = min($wide / $framed->proportion, $tall);
            [$x, $y] = [($wide - $scale * $framed->proportion) / 2, ($tall - $scale) / 2];
            $object = $framed->object;

            return [
                $x + $object->left * $scale * $framed->proportion, $y + $object->top * $scale,
                $x + $object->right * $scale * $framed->proportion, $y + $object->bottom * $scale,
            ];
        }
        $shown = $framed->shown($frame);
        $object = $framed->object;
        $seen = static fn(float $at, float $from, float $to): float => max(0.0, min(1.0, ($at - $from) / ($to - $from)));
        $across = static fn(float $at): float => $wide * $seen($at, $shown['left'], $shown['right']);
        $down = static fn(float $at): float => $tall * $seen($at, $shown['top'], $shown['bottom']);

        return [$across($object->left), $down($object->top), $across($object->right), $down($object->bottom)];
    }
}
