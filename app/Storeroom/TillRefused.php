<?php

declare(strict_types=1);

namespace App\Storeroom;

final class TillRefused extends \RuntimeException implements TillException {}
