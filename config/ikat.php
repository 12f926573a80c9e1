<?php

declare(strict_types=1);

return [
    /** Folder under public/ that holds the stylesheets of releases, by content hash. */
    'files' => env('IKAT_FILES', 'shop-files'),
    'themes' => base_path('themes'),
];
