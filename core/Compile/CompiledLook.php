<?php

declare(strict_types=1);

namespace Ikat\Core\Compile;

use Ikat\Core\Check\Inspection;
use Ikat\Core\Check\Measurement;

/** A look as a stylesheet. */
final readonly class CompiledLook implements Measurement
{
    /** @var array<string, list<string>> setting path => the custom properties that are computed from it */
    public array $computedFrom;

    /**
     * @param string $css made of custom properties and scheme classes alone
     * @param string $hash of the css: names its file
     * @param array<string, list<string>> $derived custom property => the setting paths it was computed from
     * @param array<string, string> $root custom property => value, as every page has them
     * @param string $rules those of the css that choose elements: without fonts and the root's values
     */
    public function __construct(public string $css, public string $hash, public array $derived, public array $root, public string $rules)
    {
        $from = [];
        foreach ($derived as $property => $sources) {
            foreach ($sources as $source) {
                $from[$source][] = $property;
            }
        }
        $this->computedFrom = $from;
    }

    public static function measure(Inspection $inspection): self
    {
        return LookCompiler::compile($inspection->look, $inspection->theme);
    }
}
