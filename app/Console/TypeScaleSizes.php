<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookReader;
use Ikat\Core\Compile\TypeScale;

final class TypeScaleSizes extends LookCommand
{
    use NumberOptions;

    protected $signature = 'type:scale {--look=1} {--base= : px of the text; the look’s own without it} {--ratio= : from one size to the '
        .'next} {--json}';

    protected $description = 'Print a look’s sizes of type, each on a phone, on a desktop, and as the stylesheet has it';

    public function handle(LookReader $looks): int
    {
        return $this->tell(function () use ($looks): array {
            $look = $this->option('base') === null || $this->option('ratio') === null ? $looks->of($this->look())->resolved() : null;
            $base = $this->number('base', 8, 40) ?? (float) $look?->value('type.base');
            $ratio = $this->number('ratio', 1, 2) ?? (float) $look?->value('type.scale');

            return ['base' => $base, 'ratio' => $ratio, 'sizes' => array_map(static fn(int $step, string $clamp): array => [
                'step' => $step, 'phone' => TypeScale::small($base, $ratio, $step), 'desktop' => TypeScale::large($base, $ratio, $step),
                'clamp' => $clamp,
            ], TypeScale::STEPS, TypeScale::sizes($base, $ratio))];
        });
    }
}
