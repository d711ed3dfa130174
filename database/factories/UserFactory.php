<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Office;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        static $count = 0;
        $count++;

        return [
            'office_id' => Office::factory(),
            'name' => "Engineer {$count}",
            'email' => "engineer{$count}@example.test",
            'password' => 'correct horse',
        ];
    }
}
