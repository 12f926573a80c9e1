<?php

declare(strict_types=1);

namespace App\Publishing;

final class FindingsInTheWay extends \RuntimeException
{
    public function __construct(public readonly int $count)
    {
        parent::__construct(
            ($count === 1 ? 'One finding stops' : "$count findings stop")
                .' this publish. Fix it, or say why it should go out all the same.',
        );
    }
}
