<?php

declare(strict_types=1);

namespace App\Console;

use App\Looks\LookReader;
use Ikat\Core\Look\Resolution;
use Ikat\Core\Setting\Catalog\Parts;

final class LookCatalog extends LookCommand
{
    protected $signature = 'look:catalog {--look=1} {--json}';
    protected $description = 'List every setting a look has: type, bounds, choices, where it belongs and when it applies';

    public function handle(LookReader $desk): int
    {
        return $this->tell(function () use ($desk): array {
            $resolved = $desk->resolve($this->look());

            return ['settings' => array_values(array_map(static fn(Resolution $r): array => [
                'path' => $r->setting->path, 'type' => $r->setting->type->value, 'label' => $r->setting->label,
                'step' => $r->setting->step->value, 'part' => Parts::label($r->setting->part),
                'least' => $r->setting->min, 'most' => $r->setting->max, 'increment' => $r->setting->increment, 'unit' => $r->setting->unit,
                'choices' => array_map(strval(...), array_keys($r->setting->choices)), 'of' => $r->setting->of,
                'property' => $r->setting->isCss() ? $r->setting->property() : null,
                'css' => (object) $r->setting->cssValues,
                'value' => $r->value,
                'applies_when' => $r->setting->appliesWhen === null ? null : ['path' => $r->setting->appliesWhen->path, 'values' => $r->setting->appliesWhen->values],
                'applies' => $r->unmet === null,
            ], $resolved->all()))];
        });
    }
}
