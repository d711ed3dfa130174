<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Member;
use App\Services\MemberStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Waage\Member\BasisReader;

final class JobController extends Controller
{
    private const TEXTS = ['name', 'number', 'client', 'engineer', 'checker'];

    public function __construct(private readonly MemberStore $store)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $jobs = Job::query()
            ->where('office_id', $this->user($request)->office_id)
            ->with('members:id,job_id,summary')
            ->latest('updated_at');

        return new JsonResponse(
            $jobs->get()->map(
                fn (Job $job): array => [
                    'id' => $job->id,
                    'name' => $job->name,
                    'number' => $job->number,
                    'client' => $job->client,
                    'members' => $job->members->count(),
                    'uncovered' => $job->members
                        ->filter(fn (Member $m): bool => ($m->summary['state'] ?? '') === 'uncovered')
                        ->count(),
                    'failing' => $job->members
                        ->filter(fn (Member $m): bool => ($m->summary['state'] ?? '') === 'fails')
                        ->count(),
                    'changed' => $job->updated_at->toIso8601String(),
                ],
            ),
        );
    }

    public function store(Request $request): JsonResponse
    {
        $job = new Job([
            ...$this->texts($request),
            'basis' => $this->basis($request) ?? ['standard' => 'EN', 'units' => 'metric'],
        ]);
        $job->office()->associate($this->user($request)->office()->firstOrFail());
        $job->save();

        return new JsonResponse($this->present($job), 201);
    }

    public function show(Job $job): JsonResponse
    {
        $this->authorize('work', $job);

        return new JsonResponse($this->present($job));
    }

    public function update(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $job->fill($this->texts($request, true));
        $basis = $this->basis($request);
        if ($basis !== null && $basis !== $job->basis) {
            $job->basis = $basis;
            DB::transaction(fn () => $this->store->weighAgain($job));
        }
        $job->save();

        return new JsonResponse($this->present($job));
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

        return new JsonResponse($this->present($job));
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

        return new JsonResponse($this->present($copy), 201);
    }

    /** @return array<string, string> */
    private function texts(Request $request, bool $partly = false): array
    {
        /** @var array<string, string|null> $texts */
        $texts = $request->validate(
            [
                'name' => [$partly ? 'sometimes' : 'required', 'filled', 'string', 'max:120'],
                ...array_fill_keys(['number', 'client', 'engineer', 'checker'], ['nullable', 'string', 'max:60']),
            ],
            [
                'required' => 'A job needs a name.',
                'filled' => 'A job needs a name.',
                'max' => 'This is too long; at most :max characters.',
                'string' => 'This must be a text.',
            ],
        );

        return array_map(
            fn (?string $t): string => trim((string) $t),
            array_intersect_key($texts, array_flip(self::TEXTS)),
        );
    }

    /** @return array<string, mixed>|null */
    private function basis(Request $request): ?array
    {
        $basis = $request->input('basis');
        if (! is_array($basis)) {
            return null;
        }
        BasisReader::read($basis);

        return $basis;
    }

    /** @return array<string, mixed> */
    private function present(Job $job): array
    {
        return [
            'id' => $job->id,
            'name' => $job->name,
            'number' => $job->number,
            'client' => $job->client,
            'engineer' => $job->engineer,
            'checker' => $job->checker,
            'basis' => $job->basis,
            'members' => $job->members()->get()->map(fn (Member $m): array => MemberController::row($m)),
        ];
    }
}
