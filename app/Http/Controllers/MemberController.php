<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Member;
use App\Services\MemberStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;

final class MemberController extends Controller
{
    public function __construct(private readonly MemberStore $store)
    {
    }

    /** @return array<string, mixed> a row of the list of members */
    public static function row(Member $m): array
    {
        return [
            'id' => $m->id,
            'mark' => $m->mark,
            'title' => $m->title,
            'section' => $m->section,
            'revision' => $m->revision,
            'summary' => $m->summary,
        ];
    }

    public function store(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $member = $this->store->create($job, $this->document($request));
        $job->touch();

        return new JsonResponse(self::row($member), 201);
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
    public function update(Request $request, Member $member): JsonResponse
    {
        $this->authorize('work', $member);
        $member->job()->firstOrFail();
        $saved = $this->store->update($member, $this->document($request), $request->integer('revision'));
        $saved->job->touch();

        return new JsonResponse(['revision' => $saved->revision]);
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

        return new JsonResponse(self::row($member));
    }

    /** Into the same job behind it, or to the end of another one. */
    public function copy(Request $request, Member $member): JsonResponse
    {
        $this->authorize('work', $member);
        $to = Job::query()->findOrFail($request->integer('job', $member->job_id));
        $this->authorize('work', $to);
        $copy = $to->id === $member->job_id
            ? $this->twin($member)
            : $this->store->create($to, $member->document);

        return new JsonResponse(self::row($copy), 201);
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
            $copy->position = $member->position + 1;
            $copy->save();

            return $copy;
        });
    }

    /** Puts the members of a job in the given order; members that are not named keep their place at the end. */
    public function order(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $ids = $request->validate(['members' => ['required', 'array', 'max:5000'], 'members.*' => ['integer']])[
            'members'
        ];
        DB::transaction(function () use ($ids, $job): void {
            foreach (array_values($ids) as $position => $id) {
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

    /** @return array<array-key, mixed> */
    private function document(Request $request): array
    {
        $document = $request->input('document');
        if (! is_array($document)) {
            throw new InvalidMember([new FieldError('document', 'This is not a Waage member file.')]);
        }

        return $document;
    }
}
