<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

use Ikat\Core\Compile\TypeScale;

/** What a size is as long as nobody sets it: a step of the type scale over the text size. */
final readonly class SizeRule
{
    /** What it is reckoned from: the text size, and how much larger each step is. */
    public const FROM = ['type.base', 'type.scale'];

    public function __construct(public int $step, public bool $isPhone) {}

    /** Px. */
    public function value(float $base, float $ratio): float
    {
        return $this->isPhone ? TypeScale::small($base, $ratio, $this->step) : TypeScale::large($base, $ratio, $this->step);
    }

    /** "text size × 1.26, five times" */
    public function inWords(float $ratio): string
    {
        $times = ['', 'once', 'twice', 'three times', 'four times', 'five times', 'six times'];

        return match (true) {
            $this->step === 0 => 'the text size',
            $this->step < 0 => 'a step under the text size',
            default => sprintf(
                'text size × %s, %s%s',
                Setting::plainNumber($ratio),
                $times[$this->step],
                $this->isPhone ? ', eased for a phone' : '',
            ),
        };
    }
}
