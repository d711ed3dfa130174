<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

abstract class TestCase extends BaseTestCase
{
    /** Another person sits at another browser. */
    public function actingAs(Authenticatable $user, $guard = null)
    {
        session()->flush();

        return parent::actingAs($user, $guard);
    }
}
