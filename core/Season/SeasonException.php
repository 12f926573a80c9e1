<?php

declare(strict_types=1);

namespace Ikat\Core\Season;

/** Every error this module throws carries this marker. */
interface SeasonException extends \Throwable {}
