<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Models\Office;
use App\Models\User;
use App\Services\MemberStore;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * The Grebe Point Rowing Club, and a library by American standards: made-up jobs in made-up places. Loaded once; what
 * is changed in it stays changed.
 */
final class DemoSeeder extends Seeder
{
    public function run(MemberStore $store): void
    {
        if (config('waage.demo') !== true || User::query()->where('email', User::DEMO)->exists()) {
            return;
        }
        DB::transaction(function () use ($store): void {
            $office = Office::query()->create([
                'name' => 'Tern & Lapwing Engineers',
                'rates' => [
                    'price' => 2.4,
                    'coating' => 34,
                    'carbon' => 1.13,
                    'currency' => 'EUR',
                    'favourites' => ['IPE 330', 'IPE 360', 'HEA 240'],
                ],
            ]);
            User::query()->create([
                'office_id' => $office->id,
                'name' => 'Ada Quill',
                'email' => User::DEMO,
                // One comes in by the button only.
                'password' => Str::random(40),
            ]);
            $this->job(
                $store,
                $office,
                [
                    'name' => 'Grebe Point Rowing Club',
                    'number' => '26-041',
                    'client' => 'Grebe Point Rowing Club',
                    'engineer' => 'A. Quill',
                    'checker' => 'M. Harrow',
                ],
                'demo',
            );
            $this->job(
                $store,
                $office,
                [
                    'name' => 'Heron Landing Library',
                    'number' => '26-057',
                    'client' => 'Town of Heron Landing',
                    'engineer' => 'A. Quill',
                    'checker' => 'M. Harrow',
                ],
                'demo/us',
            );
            $this->job(
                $store,
                $office,
                [
                    'name' => 'Plover Mill',
                    'number' => '26-063',
                    'client' => 'Plover Mill Trust',
                    'engineer' => 'A. Quill',
                    'checker' => 'M. Harrow',
                ],
                'demo/classic',
            );
            $this->job(
                $store,
                $office,
                [
                    'name' => 'Merlin Market Hall',
                    'number' => '26-071',
                    'client' => 'Town of Merlin Falls',
                    'engineer' => 'A. Quill',
                    'checker' => 'M. Harrow',
                ],
                'demo/canada',
            );
        });
    }

    /** @param  array<string, string>  $of  name, number and people */
    private function job(MemberStore $store, Office $office, array $of, string $folder): void
    {
        $job = new Job([
            ...$of,
            'basis' => json_decode(
                (string) file_get_contents(database_path("{$folder}/basis.json")),
                true,
                16,
                JSON_THROW_ON_ERROR,
            ),
        ]);
        $job->office()->associate($office);
        $job->save();
        foreach (glob(database_path("{$folder}/*.waage.json")) ?: [] as $file) {
            /** @var array<string, mixed> $document */
            $document = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
            $store->weigh($store->create($job, $document));
        }
    }
}
