<?php

declare(strict_types=1);

namespace App\Console;

use App\Inspection\Inspector;
use Ikat\Core\Check\Finding;
use Ikat\Core\Check\Inspection;
use Ikat\Core\Contrast\ContrastFinding;
use Ikat\Core\Contrast\ContrastFixes;
use Ikat\Core\Contrast\Fix;

final class LookCheck extends LookCommand
{
    protected $signature = 'look:check {--look=1} {--json}';

    protected $description = 'List the findings of a look, with their computed fixes';

    public function handle(Inspector $inspector): int
    {
        return $this->tell(function () use ($inspector): array {
            $look = $this->look();
            $input = $inspector->inspect($look);

            return ['findings' => array_map(static fn(Finding $f): array => [
                'severity' => $f->severity()->value, 'what' => $f->inWords($input), 'measured' => $f->measured(), 'step' => $f->step(),
                'setting' => $f->path(),
                ...($f instanceof ContrastFinding ? self::contrast($f, $input) : []),
            ], $inspector->findings($look))];
        });
    }

    /** @return array<string, mixed> */
    private static function contrast(ContrastFinding $f, Inspection $input): array
    {
        return [
            'scheme' => $f->scheme, 'ratio' => $f->measure, 'needs' => $f->target, 'standard' => $f->clause,
            'places' => array_map(count(...), $f->places),
            'fixes' => array_map(
                static fn(Fix $x): array => [
                    'change' => $x->change, 'title' => $x->title, 'changes' => $x->changes, 'ratio' => $x->ratio,
                    'ciede2000' => $x->difference,
                ],
                ContrastFixes::for($f, $input),
            ),
        ];
    }
}
