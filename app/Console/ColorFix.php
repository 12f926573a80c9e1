<?php

declare(strict_types=1);

namespace App\Console;

use Ikat\Core\Color\Ciede2000;
use Ikat\Core\Color\Color;
use Ikat\Core\Color\Contrast;
use Ikat\Core\Color\ContrastFix;

final class ColorFix extends AnswerCommand
{
    protected $signature = 'color:fix {ink?} {ground?} {--ratio=4.5 : the contrast to reach, 1 to 21} {--json}';

    protected $description = 'Find the least visible change of ink or ground that reaches a contrast';

    protected function columns(): array
    {
        return ['ink', 'ground'];
    }

    protected function answer(array $values): array
    {
        $target = $this->option('ratio');
        if (! is_numeric($target) || $target < 1 || $target > 21) {
            throw new \InvalidArgumentException(sprintf('"%s" is not a contrast ratio. Give a number from 1 to 21.', (string) $target));
        }
        $ink = Color::parse($values[0]);
        $ground = Color::parse($values[1]);
        $fixes = array_values(array_filter([
            $this->fix('ink', $ink, $ground, (float) $target),
            $this->fix('ground', $ground, $ink, (float) $target),
        ]));
        usort($fixes, static fn(array $a, array $b): int => $a['ciede2000'] <=> $b['ciede2000']);

        return ['ratio' => Contrast::ratio($ink, $ground), 'fixes' => $fixes];
    }

    /** @return ?array{change: string, hex: string, ratio: float, ciede2000: float} */
    private function fix(string $change, Color $old, Color $against, float $target): ?array
    {
        $new = ContrastFix::nearest($old, $against, $target);

        return $new === null ? null : [
            'change' => $change,
            'hex' => $new->hex(),
            'ratio' => Contrast::ratio($new, $against),
            'ciede2000' => Ciede2000::difference($old, $new),
        ];
    }
}
