<?php

declare(strict_types=1);

namespace App\Storeroom;

final class TillSilent extends \RuntimeException implements TillException {}
