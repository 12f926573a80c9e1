<?php

declare(strict_types=1);

namespace App\Console;

trait NumberOptions
{
    /**
     * @return ?float null where it was not given
     *
     * @throws \InvalidArgumentException where it is no number within its bounds
     */
    private function number(string $option, float $least, float $most): ?float
    {
        $given = $this->option($option);
        if ($given === null) {
            return null;
        }
        if (! is_numeric($given) || (float) $given < $least || (float) $given > $most) {
            throw new \InvalidArgumentException("--$option is a number from $least to $most.");
        }

        return (float) $given;
    }
}
