<?php

declare(strict_types=1);

namespace Ikat\Core\Check;

/** One thing that is measured. Adding a check touches no other. */
interface Check
{
    /** @return iterable<Finding> */
    public function run(Inspection $input): iterable;
}
