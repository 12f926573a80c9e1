<?php

declare(strict_types=1);

namespace App\Tasks;

enum TaskKind: string
{
    /** A very large picture is taken in. */
    case Take = 'take';

    /** Pictures are encoded anew. */
    case Lighten = 'lighten';
}
