<?php

declare(strict_types=1);

return [
    'channels' => [
        // A log that cannot be written, on a full disk, is no reason to answer nothing.
        'single' => ['driver' => 'stack', 'channels' => ['file'], 'ignore_exceptions' => true],
        // Its folder is closed to others; on the command line another account may write to it.
        'file' => ['driver' => 'daily', 'path' => storage_path('logs/laravel.log'), 'days' => 14, 'permission' => 0666, 'replace_placeholders' => true],
    ],
];
