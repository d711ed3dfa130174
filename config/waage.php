<?php

declare(strict_types=1);

return [
    // The made-up jobs that anyone may look at. Off unless bin/start has made them for a first look.
    'demo' => (bool) env('WAAGE_DEMO', false),

    // Addresses of what stands in front and ends TLS, with commas between; only these may say who asks.
    'proxies' => (string) env('WAAGE_PROXIES', ''),
];
