<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Job;
use App\Models\Office;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Job> */
final class JobFactory extends Factory
{
    protected $model = Job::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'office_id' => Office::factory(),
            'name' => 'Boat shed',
            'number' => '7',
            'client' => 'Club',
            'engineer' => 'A',
            'checker' => 'B',
            'basis' => ['standard' => 'EN', 'units' => 'metric'],
        ];
    }
}
