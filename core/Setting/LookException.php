<?php

declare(strict_types=1);

namespace Ikat\Core\Setting;

/** Every error this module throws carries this marker; its message can be shown to the merchant. */
interface LookException extends \Throwable {}
