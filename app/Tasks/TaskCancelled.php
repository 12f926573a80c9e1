<?php

declare(strict_types=1);

namespace App\Tasks;

/** Somebody called the work off: it ends where it is, and nothing of it counts. */
final class TaskCancelled extends \RuntimeException {}
