<?php

declare(strict_types=1);

use Waage\Materials\ColdFormed\ColdFormed;
use Waage\Materials\Concrete\Concrete;
use Waage\Materials\Steel\Steel;
use Waage\Materials\Timber\Timber;

// The materials there are: one line each.
return [new Steel, new Concrete, new Timber, new ColdFormed];
