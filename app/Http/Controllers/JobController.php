<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Enums\MemberState;
use App\Exceptions\StaleRevision;
use App\Http\Requests\JobRequest;
use App\Http\Resources\JobResource;
use App\Http\Resources\JobRow;
use App\Jobs\WeighJob;
use App\Models\Job;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class JobController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $in = fn (MemberState $state): \Closure => fn (Builder $members) => $members->where('state', $state);
        $jobs = Job::query()
            ->where('office_id', $this->user($request)->office_id)
            ->withCount([
                'members',
                'members as uncovered_count' => $in(MemberState::Uncovered),
                'members as failing_count' => $in(MemberState::Fails),
            ])
            ->latest('updated_at');

        return new JsonResponse(JobRow::collection($jobs->get()));
    }

    public function store(JobRequest $request): JsonResponse
    {
        $this->assertRoom($request);
        $job = new Job([
            ...$request->texts(),
            'basis' => $request->basis() ?? ['standard' => 'EN', 'units' => 'metric'],
        ]);
        $job->office()->associate($this->user($request)->office()->firstOrFail());
        $job->save();

        return new JsonResponse(new JobResource($job), 201);
    }

    public function show(Job $job): JsonResponse
    {
        $this->authorize('work', $job);

        return new JsonResponse(new JobResource($job));
    }

    public function update(JobRequest $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $job = DB::transaction(function () use ($request, $job): Job {
            $query = Job::query();
            $query->lockForUpdate();
            $stored = $query->findOrFail($job->id);
            $stored->fill($request->texts());
            $basis = $request->basis();
            if ($basis !== null && $basis !== $stored->basis) {
                if ($stored->basis_revision !== $request->basisRevision()) {
                    throw new StaleRevision(
                        ['basisRevision' => $stored->basis_revision, 'basis' => $stored->basis],
                        'job',
                    );
                }
                $stored->basis = $basis;
                $stored->basis_revision++;
                $stored->weighed_count = 0;
            }
            $stored->save();

            return $stored;
        });
        if ($job->wasChanged('basis_revision')) {
            WeighJob::dispatch($job->id, $job->basis_revision);
            $job->refresh();
        }

        return new JsonResponse(new JobResource($job));
    }

    public function destroy(Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $job->delete();

        return new JsonResponse(['id' => $job->id]);
    }

    public function restore(int $job): JsonResponse
    {
        $job = Job::withTrashed()->findOrFail($job);
        $this->authorize('work', $job);
        $job->restore();

        return new JsonResponse(new JobResource($job));
    }

    /** A new job with the same basis and members. */
    public function copy(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $this->assertRoom($request);
        $copy = DB::transaction(function () use ($job): Job {
            $copy = $job->replicate();
            $copy->name = mb_substr("{$job->name} (copy)", 0, 120);
            $copy->save();
            foreach ($job->members()->get() as $member) {
                $twin = $member->replicate();
                $twin->job_id = $copy->id;
                $twin->revision = 1;
                $twin->save();
            }

            return $copy;
        });
        if ($copy->weighed_revision < $copy->basis_revision) {
            WeighJob::dispatch($copy->id, $copy->basis_revision);
            $copy->refresh();
        }

        return new JsonResponse(new JobResource($copy), 201);
    }
}
