<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

use Ikat\Core\Compile\CompiledLook;
use Ikat\Core\Look\ResolvedLook;
use Ikat\Core\Reach\TextColumn;
use Ikat\Core\Reach\TextLayout;
use Ikat\Core\Setting\Type\LengthType;
use Ikat\Core\Type\LineLength;
use Ikat\Core\Type\Voice;

/** How many characters a line holds in each column of text, and what would bring a short one to the fewest that read with ease. */
final readonly class TextColumns implements Measurement
{
    /** Screens that columns are reckoned on => in words. */
    public const SCREENS = [390 => 'phone', 768 => 'tablet', 1280 => 'desktop'];

    /** Screens on which the page's width counts, px: narrower ones are narrower than any page. */
    private const WIDE = 1024;

    /** Px under which text is small (common practice, no source), and the steps in which sizes are set. */
    private const SMALLEST = 16.0;
    private const STEP = 0.5;

    private const PAGE_WIDTH = '--page-width';

    /** @param list<TextColumn> $columns in the order of the pages, one of those that are alike */
    private function __construct(
        public array $columns,
        private LineLength $length,
        private ResolvedLook $look,
        private TextLayout $layout,
        private CompiledLook $compiled,
    ) {}

    public static function measure(Inspection $inspection): self
    {
        $layout = $inspection->get(TextLayout::class);
        $compiled = $inspection->get(CompiledLook::class);

        $columns = [];
        foreach ($layout->columns($compiled->root, array_keys(self::SCREENS)) as $column) {
            $columns[serialize([$column->widths, $column->sizes])] ??= $column;
        }

        return new self(
            array_values($columns),
            LineLength::of($inspection->look),
            $inspection->look,
            $layout,
            $compiled,
        );
    }

    public function characters(TextColumn $column, int $screen): int
    {
        return (int) round($this->length->charactersIn($column->widths[$screen], $column->sizes[$screen]));
    }

    /** Where a line of a column stands: -1 under the fewest that read with ease, 1 over the most, 0 between. */
    public function judged(TextColumn $column, int $screen): int
    {
        $characters = $this->characters($column, $screen);

        return ($characters > LineLength::MOST) <=> ($characters < LineLength::FEWEST);
    }

    /**
     * What would bring a column into the range on a screen.
     *
     * @return array{changes: array<string, float>, size: ?float} the size is what letters would have to have, where that is too small
     */
    public function way(TextColumn $column, int $screen): array
    {
        if ($this->judged($column, $screen) === 1) {
            $measure = floor($this->length->measureOf(LineLength::MOST) / self::STEP) * self::STEP;

            return ['changes' => [Voice::Body->path('measure') => $measure], 'size' => null];
        }
        $path = Voice::Body->path($screen < self::WIDE ? 'size.phone' : 'size.desktop');
        $holds = $this->length->charactersIn($column->widths[$screen], $column->sizes[$screen]);
        $needed = $column->sizes[$screen] * $holds / LineLength::FEWEST;
        $size = floor($needed / self::STEP) * self::STEP;
        if ($size >= self::SMALLEST && abs($column->sizes[$screen] - (float) $this->look->value($path)) < self::STEP / 2) {
            return ['changes' => [$path => $size], 'size' => null];
        }
        $width = $screen < self::WIDE ? null : $this->pageWidth($column, $screen);

        return ['changes' => $width === null ? [] : ['page.width' => $width], 'size' => $needed];
    }

    /** The least page at which a column holds enough, px; null where none that can be set does. */
    private function pageWidth(TextColumn $column, int $screen): ?float
    {
        $type = $this->look->catalog->get('page.width')->type;
        assert($type instanceof LengthType);
        if (! $this->holdsAt($column, $screen, $type->max)) {
            return null;
        }
        // Steps down from the widest page: so many hold enough, so many do not.
        [$enough, $tooFew] = [0, (int) ceil(($type->max - (float) $this->look->value('page.width')) / $type->increment)];
        while ($tooFew - $enough > 1) {
            $middle = intdiv($enough + $tooFew, 2);
            [$enough, $tooFew] = $this->holdsAt($column, $screen, $type->max - $middle * $type->increment)
                ? [$middle, $tooFew]
                : [$enough, $middle];
        }

        return $type->max - $enough * $type->increment;
    }

    private function holdsAt(TextColumn $column, int $screen, float $page): bool
    {
        foreach ($this->layout->columns([...$this->compiled->root, self::PAGE_WIDTH => $page.'px'], [$screen]) as $other) {
            if ($other->page === $column->page && $other->number === $column->number) {
                return round($this->length->charactersIn($other->widths[$screen], $other->sizes[$screen])) >= LineLength::FEWEST;
            }
        }

        return false;
    }
}
