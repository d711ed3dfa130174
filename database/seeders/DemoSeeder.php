<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Http\Controllers\SessionController;
use App\Models\Job;
use App\Models\Office;
use App\Models\User;
use App\Services\MemberStore;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/** The Grebe Point Rowing Club: a made-up job in a made-up place. Loaded once; what is changed in it stays changed. */
final class DemoSeeder extends Seeder
{
    public function run(MemberStore $store): void
    {
        if (User::query()->where('email', SessionController::DEMO_EMAIL)->exists()) {
            return;
        }
        DB::transaction(function () use ($store): void {
            $office = Office::query()->create(['name' => 'Tern & Lapwing Engineers', 'rates' => ['price' => 2.4, 'coating' => 34, 'carbon' => 1.13, 'currency' => 'EUR', 'favourites' => ['IPE 330', 'IPE 360', 'HEA 240']]]);
            User::query()->create(['office_id' => $office->id, 'name' => 'Ada Quill', 'email' => SessionController::DEMO_EMAIL, 'password' => 'grebe-point']);
            $job = new Job([
                'name' => 'Grebe Point Rowing Club', 'number' => '26-041', 'client' => 'Grebe Point Rowing Club', 'engineer' => 'A. Quill', 'checker' => 'M. Harrow',
                'basis' => json_decode((string) file_get_contents(database_path('demo/basis.json')), true, 16, JSON_THROW_ON_ERROR),
            ]);
            $job->office()->associate($office);
            $job->save();
            foreach (glob(database_path('demo/*.waage.json')) ?: [] as $file) {
                /** @var array<string, mixed> $document */
                $document = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
                $store->create($job, $document);
            }
        });
    }
}
