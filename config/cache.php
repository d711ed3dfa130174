<?php

declare(strict_types=1);

return [
    // Counting requests in the database would cost more than the rest of the framework does. On one machine the shared
    // memory of PHP does it; several web machines set CACHE_LIMITER to a store that they share.
    'limiter' => env('CACHE_LIMITER', 'apc'),

    // Verdicts that were just computed wait there for the save that follows; another machine computes them again.
    'verdicts' => env('CACHE_VERDICTS', 'apc'),

    'stores' => ['apc' => ['driver' => 'apc']],
];
