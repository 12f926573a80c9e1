<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** A setting, or what it points at, that is not as it should be. */
final readonly class SettingFinding extends WordedFinding
{
    /**
     * @param array<string, float|string|bool> $fix path => value that mends it; none where that is the merchant's to choose
     * @param string $fixWords what a button that does so says; empty for the setting and its value
     */
    public function __construct(
        string $key,
        Severity $severity,
        string $step,
        string $path,
        string $title,
        string $remedy,
        public array $fix = [],
        public string $fixWords = '',
    ) {
        parent::__construct($key, $severity, $step, $path, $title, $remedy);
    }
}
