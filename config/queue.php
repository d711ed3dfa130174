<?php

declare(strict_types=1);

// A job that is not done by then is taken by another worker: longer than the longest one may last
// (etc/supervisord.conf).
$retryAfter = 960;

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => env('DB_QUEUE_TABLE', 'queue_jobs'),
            'queue' => 'quick',
            'retry_after' => $retryAfter,
            'after_commit' => true,
        ],
        'redis' => [
            'driver' => 'redis',
            'connection' => 'default',
            'queue' => 'quick',
            'retry_after' => $retryAfter,
            'block_for' => null,
            'after_commit' => true,
        ],
    ],
];
