<?php

declare(strict_types=1);

namespace Ikat\Core\Look;

/** What a version of a theme did to the settings of an earlier one. */
final readonly class ThemeChange
{
    /**
     * @param array<string, string> $renamed old path => new path
     * @param array<string, string> $removed path => why, in words
     * @param array<string, list<array{upto: float, to: string}>> $retyped path => choices by the greatest old number they stand for,
     *     ascending
     */
    public function __construct(public array $renamed, public array $removed, public array $retyped) {}

    /** An earlier value in the new type; null when it has no counterpart. */
    public function retype(string $path, bool|float|string $value): ?string
    {
        foreach ($this->retyped[$path] ?? [] as $rung) {
            if (is_float($value) && $value <= $rung['upto']) {
                return $rung['to'];
            }
        }

        return null;
    }
}
