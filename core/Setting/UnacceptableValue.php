<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** A value the catalog does not allow for a setting. */
final class UnacceptableValue extends \InvalidArgumentException implements LookException
{
    private function __construct(public readonly Setting $setting, public readonly mixed $value, string $reason)
    {
        parent::__construct(sprintf('%s: %s', $setting->label, $reason));
    }

    public static function because(Setting $setting, mixed $value, string $reason): self
    {
        return new self($setting, $value, $reason);
    }
}
