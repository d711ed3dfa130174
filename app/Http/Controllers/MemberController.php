<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\Answers;
use App\Http\Requests\MemberRequest;
use App\Http\Requests\OrderRequest;
use App\Http\Resources\MemberRow;
use App\Models\Job;
use App\Models\Member;
use App\Services\MemberStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class MemberController extends Controller
{
    public function __construct(private readonly MemberStore $store)
    {
    }

    public function store(MemberRequest $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $this->assertRoom($request);
        $member = $this->store->create($job, $request->document());
        $job->touch();
        request()->attributes->set(Answers::KEPT, new JsonResponse(new MemberRow($member), 201));

        return new JsonResponse(new MemberRow($this->store->weigh($member)), 201);
    }

    public function show(Member $member): JsonResponse
    {
        $this->authorize('work', $member);
        $job = $member->job()->with('office')->firstOrFail();

        return new JsonResponse([
            'id' => $member->id,
            'revision' => $member->revision,
            'document' => $member->document,
            'job' => ['id' => $job->id, 'name' => $job->name, 'basis' => $job->basis],
        ]);
    }

    /** Autosave: refused with 409 when somebody else saved in between. */
    public function update(MemberRequest $request, Member $member): JsonResponse
    {
        $this->authorize('work', $member);
        $member->job()->firstOrFail();
        $saved = $this->store->update($member, $request->document(), $request->revision());
        $saved->job->touch();
        $kept = new JsonResponse(['revision' => $saved->revision]);
        request()->attributes->set(Answers::KEPT, $kept);
        $this->store->weigh($saved);

        return $kept;
    }

    public function destroy(Member $member): JsonResponse
    {
        $this->authorize('work', $member);
        $member->delete();

        return new JsonResponse(['id' => $member->id]);
    }

    public function restore(int $member): JsonResponse
    {
        $member = Member::withTrashed()->findOrFail($member);
        $this->authorize('work', $member);
        $member->restore();

        return new JsonResponse(new MemberRow($member));
    }

    /** Into the same job behind it, or to the end of another one. */
    public function copy(Request $request, Member $member): JsonResponse
    {
        $this->authorize('work', $member);
        $this->assertRoom($request);
        $to = Job::query()->findOrFail($request->integer('job', $member->job_id));
        $this->authorize('work', $to);
        $copy =
            $to->id === $member->job_id
                ? $this->twin($member)
                : $this->store->weigh($this->store->create($to, $member->document));

        return new JsonResponse(new MemberRow($copy), 201);
    }

    private function twin(Member $member): Member
    {
        return DB::transaction(function () use ($member): Member {
            Member::query()
                ->where('job_id', $member->job_id)
                ->where('position', '>', $member->position)
                ->increment('position');
            $document = ['mark' => $member->mark.' copy'] + $member->document;
            $copy = $this->store->create($member->job()->firstOrFail(), $document);
            $this->store->put($copy, $member->summary);
            $copy->position = $member->position + 1;
            $copy->save();

            return $copy;
        });
    }

    /** Puts the members of a job in the given order; members that are not named keep their place at the end. */
    public function order(OrderRequest $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $ids = $request->members();
        DB::transaction(function () use ($ids, $job): void {
            foreach ($ids as $position => $id) {
                $job->members()
                    ->whereKey($id)
                    ->update(['position' => $position + 1]);
            }
        });

        return new JsonResponse(['members' => $job->members()->pluck('id')]);
    }

    /** The member as a file that can be kept, exchanged and used on the command line. */
    public function file(Member $member): JsonResponse
    {
        $this->authorize('work', $member);
        $member->load('job');
        $name = preg_replace('/[^A-Za-z0-9_-]+/', '-', $member->mark) ?: 'member';

        return new JsonResponse(
            $member->fullDocument(),
            200,
            ['Content-Disposition' => "attachment; filename=\"{$name}.waage.json\""],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
