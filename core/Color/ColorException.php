<?php

declare(strict_types=1);

namespace Ikat\Core\Color;

/** Every error this module throws carries this marker. */
interface ColorException extends \Throwable {}
