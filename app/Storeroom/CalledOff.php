<?php

declare(strict_types=1);

namespace App\Storeroom;

/** Somebody called it off; nothing was written. */
final class CalledOff extends \RuntimeException {}
