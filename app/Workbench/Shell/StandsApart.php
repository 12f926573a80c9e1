<?php

declare(strict_types=1);

namespace App\Workbench\Shell;

/** A place of its own beside the steps: it stands before them, set apart, and the work does not begin there. */
interface StandsApart {}
