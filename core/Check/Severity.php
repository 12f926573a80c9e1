<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

enum Severity: string
{
    case Stops = 'stop';
    case ShouldFix = 'fix';
    case Know = 'know';

    public function inWords(): string
    {
        return match ($this) {
            self::Stops => 'stops a publish',
            self::ShouldFix => 'should be fixed',
            self::Know => 'worth knowing',
        };
    }

    public function rank(): int
    {
        return match ($this) {
            self::Stops => 0,
            self::ShouldFix => 1,
            self::Know => 2,
        };
    }
}
