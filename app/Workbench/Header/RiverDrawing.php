<?php

declare(strict_types=1);

namespace App\Workbench\Header;

use Ikat\Core\Header\HeaderSolver;
use Ikat\Core\Header\TopOfPage;

/**
 * The top of the page at every width of a screen, drawn as a river: across the widths, down true px; inside each stream a row from left
 * (its upper edge) to right (its lower edge), so that what comes together touches and a second line is a step.
 *
 * @phpstan-import-type Stream from TopOfPage
 * @phpstan-import-type Top from TopOfPage
 * @phpstan-type Sample array{width: int, height: float, breaks: bool, streams: list<Stream>}
 */
final readonly class RiverDrawing
{
    public const WIDTH = 816;
    public const LEFT = 150;
    public const RIGHT = 750;
    public const TOP = 30;

    /** Px between two widths that are drawn, where nothing jumps. */
    private const STEP = 32;

    /** Px on the drawing that the tallest top may take. */
    private const DEPTH = 168.0;

    /** Of drawing to a px of the page, down. */
    public float $scale;

    /** Px under the tallest that are left for the line of a header whose menu were not folded away. */
    private const ROOM = 22;

    /**
     * @param non-empty-list<Sample> $samples
     * @param bool $folds whether the menu is folded away anywhere
     */
    private function __construct(private array $samples, private bool $folds)
    {
        $this->scale = min(1.0, self::DEPTH / max(1.0, max(array_column($samples, 'height'))));
    }

    public static function of(TopOfPage $top): self
    {
        $samples = $known = [];
        $before = null;
        // Each width is asked for by both its neighbors.
        $solved = static function (int $width) use ($top, &$known): array {
            return $known[$width] ??= [$found = $top->at($width), self::form($found)];
        };
        $add = static function (int $width, bool $breaks) use (&$samples, $solved): void {
            [$at] = $solved($width);
            $samples[] = ['width' => $width, 'height' => $at['height'], 'breaks' => $breaks, 'streams' => $at['streams']];
        };
        for ($width = HeaderSolver::NARROWEST; $width <= HeaderSolver::WIDEST; $width += self::STEP) {
            if ($before !== null) {
                foreach (self::jumps($solved, $before, $width) as $at) {
                    $add($at - 1, false);
                    $add($at, true);
                }
            }
            $add($width, false);
            $before = $width;
        }

        return new self($samples, $top->header->foldsUpTo() !== INF);
    }

    /**
     * @param \Closure(int): array{mixed, string} $solved what stands at a width, and its form
     *
     * @return list<int> widths at which something else stands than a px before
     */
    private static function jumps(\Closure $solved, int $from, int $to): array
    {
        if ($solved($from)[1] === $solved($to)[1]) {
            return [];
        }
        if ($to - $from === 1) {
            return [$to];
        }
        $middle = intdiv($from + $to, 2);

        return [...self::jumps($solved, $from, $middle), ...self::jumps($solved, $middle, $to)];
    }

    /** @param Top $at */
    private static function form(array $at): string
    {
        $blocks = array_map(
            static fn(array $stream): string => implode(',', array_map(
                static fn(array $b): string => $b['id'].(int) ($b['y'] / 8),
                $stream['blocks'],
            )),
            $at['streams'],
        );

        return implode('|', [(int) $at['header']->isFolded, $at['header']->menuLines, ...$at['lines'], ...$blocks]);
    }

    public static function x(float $width): float
    {
        $share = ($width - HeaderSolver::NARROWEST) / (HeaderSolver::WIDEST - HeaderSolver::NARROWEST);

        return round(self::LEFT + $share * (self::RIGHT - self::LEFT), 1);
    }

    public function y(float $px): float
    {
        return round(self::TOP + $px * $this->scale, 1);
    }

    public function height(): float
    {
        return self::TOP + max(array_column($this->samples, 'height')) * $this->scale + ($this->folds ? self::ROOM : 0) + 8;
    }

    /** @return array<string, string> stream => path of its edges */
    public function streams(): array
    {
        $paths = [];
        foreach ($this->samples[0]['streams'] as $n => $stream) {
            $edges = [];
            foreach ($this->samples as $i => $sample) {
                $at = $sample['streams'][$n];
                if ($at['height'] > 0) {
                    $edges[$i] = [$at['y'], $at['y'] + $at['height']];
                }
            }
            $paths[$stream['name']] = $this->polygon($edges);
        }

        return $paths;
    }

    /**
     * How each block runs through its stream.
     *
     * @return array<string, array{part: string, stream: string, words: string, path: string}> by id
     */
    public function blocks(): array
    {
        $found = $edges = [];
        foreach ($this->samples as $n => $sample) {
            foreach ($sample['streams'] as $stream) {
                foreach ($stream['blocks'] as $block) {
                    $found[$block['id']] ??= [
                        'part' => $block['part'],
                        'stream' => $stream['name'],
                        'words' => $block['words'],
                        'path' => '',
                    ];
                    $top = $stream['y'] + $block['y'];
                    $edges[$block['id']][$n] = [
                        $top + $block['height'] * max(0.0, $block['x']) / $sample['width'],
                        $top + $block['height'] * min($sample['width'], $block['x'] + $block['width']) / $sample['width'],
                    ];
                }
            }
        }
        foreach ($edges as $id => $at) {
            $found[$id]['path'] = $this->polygon($at);
        }

        return $found;
    }

    /** How tall the header alone would be if its menu were not folded away, as a line under the rest. */
    public function unfolded(HeaderSolver $header): string
    {
        $path = '';
        foreach ($this->samples as $sample) {
            $stream = $sample['streams'][2];
            if ($header->isFoldedAt($sample['width']) && $header->foldsUpTo() !== INF) {
                $y = $this->y($stream['y'] + $header->wideAt($sample['width'])->height);
                $path .= ($path === '' ? 'M' : 'L').self::x($sample['width']).' '.min($y, $this->height() - 9);
            }
        }

        return $path;
    }

    /**
     * @param array<int, array{float, float}> $edges by sample, px from the top; those where it is not left out
     */
    private function polygon(array $edges): string
    {
        $path = '';
        $runs = [[]];
        foreach ($this->samples as $n => $sample) {
            $at = $edges[$n] ?? null;
            if ($at === null || $sample['breaks']) {
                $runs[] = [];
            }
            if ($at !== null) {
                $x = self::x($sample['width']);
                $runs[count($runs) - 1][] = ["$x {$this->y($at[0])}", "$x {$this->y($at[1])}"];
            }
        }
        foreach ($runs as $run) {
            if (count($run) > 1) {
                $path .= 'M'.implode('L', array_column($run, 0)).'L'.implode('L', array_reverse(array_column($run, 1))).'Z';
            }
        }

        return $path;
    }
}
