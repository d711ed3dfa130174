<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Enums\MemberState;
use App\Http\Requests\JobRequest;
use App\Http\Resources\JobResource;
use App\Http\Resources\JobRow;
use App\Models\Job;
use App\Services\MemberStore;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class JobController extends Controller
{
    public function __construct(private readonly MemberStore $store)
    {
    }

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
        $job->fill($request->texts());
        $basis = $request->basis();
        if ($basis !== null && $basis !== $job->basis) {
            $job->basis = $basis;
            DB::transaction(fn () => $this->store->weighAgain($job));
        }
        $job->save();

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
    public function copy(Job $job): JsonResponse
    {
        $this->authorize('work', $job);
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

        return new JsonResponse(new JobResource($copy), 201);
    }
}
