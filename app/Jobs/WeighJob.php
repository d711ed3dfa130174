<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Models\Member;
use App\Services\MemberStore;
use App\Services\Weighed;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Weighs all members of a job anew after its basis has changed: first all of them, then stored at once, so that the
 * list never shows some by the old basis and some by the new one. A member that is saved meanwhile is by the new one.
 */
final class WeighJob implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    /** How often the page is told how far it is, s. */
    private const TELL = 0.5;

    public int $timeout = 900;

    public int $tries = 1;

    public function __construct(private readonly int $jobId, private readonly int $revision)
    {
    }

    public function handle(Weighed $weighed, MemberStore $store): void
    {
        $job = Job::query()->find($this->jobId);
        if ($job === null || ! $this->isNewest()) {
            return;
        }
        $summaries = [];
        $told = microtime(true);
        foreach ($job->members()->get() as $i => $member) {
            $member->setRelation('job', $job);
            $summaries[$member->id] = [$member->revision, $weighed->summary($member->fullDocument())];
            if (microtime(true) - $told > self::TELL) {
                $told = microtime(true);
                $this->tell($i + 1);
                if (! $this->isNewest()) {
                    return;
                }
            }
        }
        $this->keep($store, $summaries);
    }

    /** What could not be weighed says so, and nothing reads as weighed by the new basis that is not. */
    public function failed(?Throwable $e): void
    {
        $members = Member::query()
            ->where('job_id', $this->jobId)
            ->get(['id', 'revision']);
        $pending = fn (Member $m): array => [$m->revision, Weighed::pending()];
        $this->keep(
            app(MemberStore::class),
            array_combine($members->pluck('id')->all(), $members->map($pending)->all()),
        );
    }

    /** @param  array<int, array{int, array<string, mixed>}>  $summaries  by member: revision, what is shown */
    private function keep(MemberStore $store, array $summaries): void
    {
        DB::transaction(function () use ($store, $summaries): void {
            $query = Job::query();
            $query->lockForUpdate();
            $job = $query->find($this->jobId);
            if ($job === null || $job->basis_revision !== $this->revision) {
                return;
            }
            $query = Member::query()->whereKey(array_keys($summaries));
            $query->lockForUpdate();
            foreach ($query->get() as $member) {
                [$revision, $summary] = $summaries[$member->id];
                if ($member->revision === $revision) {
                    $store->put($member, $summary);
                    $member->save();
                }
            }
            $job->weighed_revision = $this->revision;
            $job->save();
        });
    }

    private function isNewest(): bool
    {
        return Job::query()->whereKey($this->jobId)->value('basis_revision') === $this->revision;
    }

    /** Apart from what changes a job: it does not come first in the list for that. */
    private function tell(int $done): void
    {
        DB::table('jobs')
            ->where('id', $this->jobId)
            ->update(['weighed_count' => $done]);
    }
}
