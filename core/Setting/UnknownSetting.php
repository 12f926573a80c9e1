<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

final class UnknownSetting extends \OutOfBoundsException implements LookException
{
    private function __construct(public readonly string $path)
    {
        parent::__construct(sprintf('There is no setting "%s".', mb_substr(mb_scrub($path), 0, 80)));
    }

    public static function at(string $path): self
    {
        return new self($path);
    }
}
