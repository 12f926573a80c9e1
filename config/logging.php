<?php

declare(strict_types=1);

return [
    'default' => 'daily',
    'channels' => [
        // A file a day, readable by nobody else, thrown away after four weeks.
        'daily' => [
            'driver' => 'daily', 'path' => storage_path('logs/ikat.log'), 'level' => 'warning', 'days' => 28, 'permission' => 0o600,
        ],
    ],
];
