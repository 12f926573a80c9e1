<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Reach\PairUse;
use Ikat\Core\Reach\SizeEstimate;

/** How large text is on the smallest window, so that "large" is never claimed where it is not. */
final class TextSizes
{
    /** WCAG 2.2, definition of large scale: 18 pt, or 14 pt bold; in CSS px. */
    private const LARGE = 24.0;
    private const LARGE_BOLD = 14 * 4 / 3;

    /** @var array<string, string> custom property => CSS length */
    private array $properties = [];

    /** @var array<string, float> */
    private array $known = [];

    public function __construct(Inspection $input)
    {
        foreach ($input->look->all() as $resolution) {
            if ($resolution->setting->unit === 'px') {
                $this->properties[$resolution->setting->property()] = LookCompiler::literal($resolution->setting, $resolution->value);
            }
        }
        $base = (float) $input->look->value('type.base');
        $scale = (float) $input->look->value('type.scale');
        foreach (TypeScale::STEPS as $step) {
            $this->properties['--type-step-'.($step < 0 ? 'small' : $step)] = TypeScale::small($base, $scale, $step).'px';
        }
    }

    public function isLarge(PairUse $use): bool
    {
        $px = ($this->known[$use->size] ??= SizeEstimate::px($use->size, $this->properties)) * $use->factor;

        return $px >= ($use->bold ? self::LARGE_BOLD : self::LARGE);
    }
}
