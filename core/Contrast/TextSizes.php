<?php

declare(strict_types=1);

namespace Ikat\Core\Contrast;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;
use Ikat\Core\Compile\LookCompiler;
use Ikat\Core\Compile\TypeScale;
use Ikat\Core\Reach\CssLength;
use Ikat\Core\Reach\PairUse;
use Ikat\Core\Setting\Type\LengthType;
use Ikat\Core\Type\Voice;

/** How large text is on the smallest window, so that "large" is never claimed where it is not. */
final class TextSizes implements Measurement
{
    /** WCAG 2.2, definition of large scale: 18 pt, or 14 pt bold; in CSS px. */
    private const LARGE = 24.0;
    private const LARGE_BOLD = 14 * 4 / 3;

    /** The narrowest window, px. */
    private const WINDOW = 320.0;

    /** @var array<string, string> custom property => CSS length */
    private array $properties = [];

    /** @var array<string, float> */
    private array $known = [];

    private readonly CssLength $length;

    private function __construct(Inspection $input)
    {
        foreach ($input->look->all() as $resolution) {
            if ($resolution->setting->type instanceof LengthType && $resolution->setting->type->unit === 'px') {
                $this->properties[$resolution->setting->property()] = LookCompiler::literal($resolution->setting, $resolution->value);
            }
        }
        foreach (Voice::cases() as $voice) {
            $ends = [(float) $input->look->value($voice->path('size.phone')), (float) $input->look->value($voice->path('size.desktop'))];
            $this->properties["--type-$voice->value-size"] = min($ends).'px';
        }
        $base = (float) $input->look->value('type.base');
        $scale = (float) $input->look->value('type.scale');
        foreach (TypeScale::STEPS as $step) {
            $this->properties['--type-step-'.($step < 0 ? 'small' : $step)] = TypeScale::small($base, $scale, $step).'px';
        }
        $this->length = new CssLength($this->properties, self::WINDOW);
    }

    public static function measure(Inspection $inspection): self
    {
        return new self($inspection);
    }

    /** What has no size that could be told is never large. */
    public function isLarge(PairUse $use): bool
    {
        $px = ($this->known[$use->size] ??= $this->length->px($use->size) ?? 0.0) * $use->factor;

        return $px >= ($use->bold ? self::LARGE_BOLD : self::LARGE);
    }
}
