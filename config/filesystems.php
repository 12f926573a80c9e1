<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Nothing is served from here: the framework's own addresses for it are not made.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true],
    ],
];
