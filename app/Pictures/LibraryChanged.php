<?php

declare(strict_types=1);

namespace App\Pictures;

/** Pictures of the library came, or have become others. */
final readonly class LibraryChanged {}
