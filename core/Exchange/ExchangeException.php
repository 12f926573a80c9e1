<?php

declare(strict_types=1);

namespace Ikat\Core\Exchange;

/** Every error this module throws carries this marker. */
interface ExchangeException extends \Throwable {}
