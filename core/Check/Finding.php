<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** Something that was measured or counted and falls short. */
interface Finding
{
    /** The same for the same shortfall, whatever its measure. */
    public function key(): string;

    public function severity(): Severity;

    /** Key of the step where it is mended. */
    public function step(): string;

    /** The setting it is mended at, or an empty string when it is mended in the Storeroom. */
    public function path(): string;

    /** What and where, in one phrase. */
    public function inWords(Inspection $input): string;

    /** How far it falls short, or what to do. */
    public function measured(): string;

    /** 0 (nothing there) up to 1 (just met): of two findings alike in severity, the worse is told first. */
    public function fulfillment(): float;
}
