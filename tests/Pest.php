<?php

declare(strict_types=1);

require_once __DIR__.'/../core/tests/helpers.php';
require_once __DIR__.'/../core/tests/recompute.php';

require_once __DIR__.'/Feature/helpers.php';

pest()->extend(Tests\TestCase::class)->use(Illuminate\Foundation\Testing\RefreshDatabase::class)->in('Feature');
