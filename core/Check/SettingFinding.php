<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** A setting, or what it points at, that is not as it should be. */
final readonly class SettingFinding extends WordedFinding
{
    /** @param array<string, float|string> $fix path => value that mends it; none where that is the merchant's to choose */
    public function __construct(
        string $key,
        Severity $severity,
        string $step,
        string $path,
        string $title,
        string $remedy,
        public array $fix = [],
    ) {
        parent::__construct($key, $severity, $step, $path, $title, $remedy);
    }
}
