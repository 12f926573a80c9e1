<?php

declare(strict_types=1);

namespace App\Console;

use Ikat\Core\Type\FallbackMetrics;
use Ikat\Core\Type\FontShelf;
use Ikat\Core\Type\UnknownFont;

final class FontFallback extends AnswerCommand
{
    protected $signature = 'font:fallback {font? : key of a shipped family} {--weight=400 : of the family} {--json}';
    protected $description = 'Compute the overrides that give a device’s own font a family’s measures';

    protected function columns(): array
    {
        return ['font'];
    }

    protected function answer(array $values): array
    {
        try {
            $metrics = FallbackMetrics::for(FontShelf::get($values[0]), (int) $this->option('weight'));
        } catch (UnknownFont $e) {
            throw new \InvalidArgumentException($e->getMessage(), previous: $e);
        }

        return [
            'size_adjust' => $metrics->sizeAdjust, 'ascent_override' => $metrics->ascentOverride,
            'descent_override' => $metrics->descentOverride, 'line_gap_override' => $metrics->lineGapOverride,
        ];
    }
}
