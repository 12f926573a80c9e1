<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** Something measured on a look once, and asked for by its class: Inspection::get(). */
interface Measurement
{
    public static function measure(Inspection $inspection): self;
}
