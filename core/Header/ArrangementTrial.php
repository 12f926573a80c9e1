<?php

declare(strict_types=1);

namespace Ikat\Core\Header;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\LineBreaks;

/**
 * What becomes of a header with its parts elsewhere, on one screen; and where that does not fit, which further change lets it.
 *
 * @phpstan-type Outcome array{changes: array<string, string|float|bool>, height: float, fits: bool, over: float, lines: int}
 */
final readonly class ArrangementTrial
{
    /** Px that the words of a menu stand apart at least, where room is looked for. */
    private const LEAST_GAP = 16.0;

    public function __construct(private Inspection $inspection, private float $screen) {}

    /** @return Outcome of one part in another place */
    public function of(string $part, string $place): array
    {
        return $this->outcome([Arrangement::path($part) => $place]);
    }

    /**
     * The least further change with which a part fits in a place.
     *
     * @return ?array{words: string, outcome: Outcome} null where it fits as it is, or nothing helps
     */
    public function remedy(string $part, string $place): ?array
    {
        if ($this->of($part, $place)['fits']) {
            return null;
        }
        $moved = [Arrangement::path($part) => $place];
        $look = $this->inspection->look;
        $ways = [
            'menu words closer together' => ['header.menu.gap' => self::LEAST_GAP],
            'the menu in the second row' => $part === 'menu' ? [] : [Arrangement::path('menu') => 'below-start'],
            'the search as an icon' => $look->text('header.search') === 'box' ? ['header.search' => 'icon'] : [],
            'the icons without words' => $look->text('header.icons.words') === 'none' ? [] : ['header.icons.words' => 'none'],
            'the menu folded away' => $part === 'menu' ? [] : [Arrangement::path('menu') => Arrangement::FOLDED],
        ];
        foreach (array_filter($ways) as $words => $way) {
            $outcome = $this->outcome([...$moved, ...$way]);
            if ($outcome['fits']) {
                return ['words' => $words, 'outcome' => $outcome];
            }
        }

        return null;
    }

    /**
     * @param array<string, string|float|bool> $changes
     *
     * @return Outcome
     */
    private function outcome(array $changes): array
    {
        $solver = HeaderSolver::of(
            TopLook::of($this->inspection->look)->with($changes),
            $this->inspection->get(TopContents::class),
            $this->inspection->get(LineBreaks::class),
        );
        $form = ($changes[Arrangement::path('menu')] ?? '') === Arrangement::FOLDED
            ? $solver->at($this->screen)
            : $solver->wideAt($this->screen);

        return [
            'changes' => $changes,
            'height' => $form->height,
            'fits' => $form->fits(),
            'over' => $form->over,
            'lines' => $form->menuLines,
        ];
    }
}
