<?php

declare(strict_types=1);

namespace Ikat\Core\Type;

/** Every error this module throws carries this marker. */
interface TypeException extends \Throwable {}
