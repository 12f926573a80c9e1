<?php

declare(strict_types=1);

namespace App\Looks;

/** Why a point of the journal cannot be named; its message is for the person. */
final class UnnamedPoint extends \RuntimeException {}
