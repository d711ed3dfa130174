<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Enums\PackState;
use App\Jobs\WeighJob;
use App\Models\Job;
use App\Models\Pack;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;

/** bin/waage tidy, once a minute: nothing waits for ever, and what nobody needs any more is cleared away. */
final class TidyCommand extends Command
{
    protected $signature = 'tidy';

    protected $description = 'End packs whose worker has gone, weigh jobs that were left, clear away old files and sessions';

    private const JOB_MINUTES = 10;

    private const KEPT_DAYS = 7;

    public function handle(): int
    {
        $this->endPacks();
        $this->weighJobs();
        $this->clearPacks();
        $this->clearFiles();
        $this->clearRows();
        $this->clearDemo();

        return self::SUCCESS;
    }

    private function endPacks(): void
    {
        $end = fn (PackState $state, string $why) => Pack::query()
            ->where('state', $state)
            ->where('updated_at', '<', Carbon::now()->subMinutes(Pack::SILENT_MINUTES))
            ->update(['state' => PackState::Failed, 'message' => $why]);
        $end(PackState::Working, 'The server was ended while this pack was made. Ask for it again.');
        if (Queue::size('packs') === 0) {
            $end(PackState::Waiting, 'This pack was lost on its way to be made. Ask for it again.');
        }
    }

    private function weighJobs(): void
    {
        if (Queue::size('quick') > 0) {
            return;
        }
        $left = Job::query();
        $left
            ->whereColumn('weighed_revision', '<', 'basis_revision')
            ->where('updated_at', '<', Carbon::now()->subMinutes(self::JOB_MINUTES))
            ->limit(100);
        foreach ($left->get() as $job) {
            WeighJob::dispatch($job->id, $job->basis_revision);
        }
    }

    private function clearPacks(): void
    {
        $old = Pack::query();
        $old->where('updated_at', '<', Carbon::now()->subDays(self::KEPT_DAYS))->limit(500);
        foreach ($old->get() as $pack) {
            File::delete($pack->path());
            $pack->delete();
        }
    }

    /** What a process left that was ended while it printed. */
    private function clearFiles(): void
    {
        $isOld = fn (string $path): bool => (int) @filemtime($path) < time() - 3600;
        $left = [
            ...glob(storage_path('app/print-*')) ?: [],
            ...glob(storage_path('app/packs/*-parts')) ?: [],
            ...glob(storage_path('app/sheet-*.pdf')) ?: [],
        ];
        foreach (array_filter($left, $isOld) as $path) {
            is_dir($path) ? File::deleteDirectory($path) : File::delete($path);
        }
        foreach (glob(storage_path('app/packs/*.pdf')) ?: [] as $path) {
            if ($isOld($path) && ! Pack::query()->whereKey((int) basename($path))->exists()) {
                File::delete($path);
            }
        }
    }

    private function clearRows(): void
    {
        $lifetime = config('session.lifetime');
        DB::table('sessions')
            ->where('last_activity', '<', time() - 60 * (is_numeric($lifetime) ? (int) $lifetime : 120))
            ->delete();
        DB::table('cache')->where('expiration', '<', time())->delete();
        DB::table('cache_locks')->where('expiration', '<', time())->delete();
        DB::table('failed_jobs')
            ->where('failed_at', '<', Carbon::now()->subDays(30))
            ->delete();
    }

    /** What visitors have added to the demo and left. */
    private function clearDemo(): void
    {
        $demo = User::query()->with('office')->where('email', User::DEMO)->first();
        if ($demo !== null) {
            $left = Job::withTrashed();
            $left
                ->where('office_id', $demo->office_id)
                ->where('created_at', '>', $demo->office->created_at?->addMinutes(5))
                ->where('updated_at', '<', Carbon::now()->subDays(self::KEPT_DAYS))
                ->limit(50);
            $left->get()->each(fn (Job $job) => $job->forceDelete());
        }
    }
}
