<?php

declare(strict_types=1);

namespace App\Services;

use App\Enums\MemberState;
use App\Exceptions\StaleRevision;
use App\Models\Job;
use App\Models\Member;
use Illuminate\Support\Facades\DB;
use Waage\Design\Design;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;
use Waage\Member\Load;
use Waage\Member\Member as CoreMember;
use Waage\Member\MemberReader;

/** Keeps member documents. A document that is not complete yet is kept as well: nothing typed is lost. */
final class MemberStore
{
    /** Bytes of JSON; far beyond any real member. */
    private const LARGEST = 1_000_000;

    private const DEEPEST = 16;

    /** @param  array<array-key, mixed>  $document */
    public function create(Job $job, array $document): Member
    {
        $member = new Member(['position' => 1 + (int) $job->members()->max('position')]);
        $member->job()->associate($job);
        $member->revision = 1;
        $this->fill($member, $document);
        $member->save();

        return $member;
    }

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws StaleRevision when the stored revision is not the one that was edited
     */
    public function update(Member $member, array $document, int $revision): Member
    {
        return DB::transaction(function () use ($member, $document, $revision): Member {
            $query = Member::query()->with('job');
            $query->lockForUpdate();
            $stored = $query->findOrFail($member->id);
            if ($stored->revision !== $revision) {
                throw new StaleRevision(['revision' => $stored->revision, 'document' => $stored->document]);
            }
            $this->fill($stored, $document);
            if ($stored->isDirty()) {
                $stored->revision++;
                $stored->save();
            }

            return $stored;
        });
    }

    /** Weighs all members of a job again, after its basis has changed. */
    public function weighAgain(Job $job): void
    {
        foreach ($job->members()->get() as $member) {
            $member->setRelation('job', $job);
            $this->put($member, $this->summary($member->fullDocument()));
            $member->save();
        }
    }

    /** @param  array<array-key, mixed>  $document */
    private function fill(Member $member, array $document): void
    {
        MemberReader::assertFormat($document);
        unset($document['basis']);
        // Every version says the same in a later one.
        $document['version'] = MemberReader::VERSION;
        // A member file is a few levels deep; the database takes no more than 32.
        $json = json_encode($document, 0, self::DEEPEST);
        if ($json === false) {
            throw new InvalidMember([
                new FieldError('', 'This is not a Waage member file: it is nested too deeply.'),
            ]);
        }
        if (strlen($json) > self::LARGEST) {
            throw new InvalidMember([new FieldError('', 'This member is too large to be stored.')]);
        }
        $text = fn (string $key, int $length): string => is_string($document[$key] ?? null)
            ? mb_substr($document[$key], 0, $length)
            : '';
        $member->document = $document;
        $member->mark = $text('mark', 60);
        $member->title = $text('title', 200);
        $summary = $this->summary([...$document, 'basis' => $member->job->basis]);
        $member->section = is_string($summary['section'] ?? null) ? $summary['section'] : $text('section', 60);
        $this->put($member, $summary);
    }

    /** @param  array<string, mixed>  $summary */
    private function put(Member $member, array $summary): void
    {
        $member->summary = $summary;
        $member->state = MemberState::from(is_string($summary['state']) ? $summary['state'] : 'incomplete');
    }

    /**
     * What the list of members shows: the verdict, and the outline for a small drawing.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<string, mixed>
     */
    private function summary(array $document): array
    {
        try {
            $design = new Design(CoreMember::fromArray($document), false);
        } catch (InvalidMember $e) {
            return ['state' => MemberState::Incomplete->value, 'reason' => $e->getMessage()];
        }
        $verdict = $design->verdict();
        $member = $design->member;

        return [
            'state' => $verdict->state->value,
            'section' => mb_substr($member->make->name(), 0, 60),
            'ratio' => $verdict->ratio,
            'governs' => $verdict->governs(),
            'reason' => $verdict->reason,
            'length' => $member->length,
            ...array_filter(['pieces' => $design->pieces()]),
            'supports' => array_map(
                fn ($s): array => ['x' => $s->x, 'fixed' => $s->holdsTurning()],
                $member->supports,
            ),
            'loads' => array_values(
                array_map(
                    fn (Load $l): array => ['from' => $l->from, 'to' => $l->to, 'kind' => $l->kind->value],
                    array_filter($member->loads, fn (Load $l): bool => $l->on && ! $l->kind->isDisplacement()),
                ),
            ),
        ];
    }
}
