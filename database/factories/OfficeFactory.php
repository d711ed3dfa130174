<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Office;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Office> */
final class OfficeFactory extends Factory
{
    protected $model = Office::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        static $count = 0;

        return ['name' => 'Office '.++$count];
    }
}
