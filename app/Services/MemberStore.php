<?php

declare(strict_types=1);

namespace App\Services;

use App\Enums\MemberState;
use App\Exceptions\StaleRevision;
use App\Models\Job;
use App\Models\Member;
use Illuminate\Support\Facades\DB;
use Waage\Member\FieldError;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;

/** Keeps member documents. A document that is not complete yet is kept as well: nothing typed is lost. */
final class MemberStore
{
    /** Bytes of JSON; far beyond any real member. */
    private const LARGEST = 1_000_000;

    private const DEEPEST = 16;

    public function __construct(private readonly Weighed $weighed)
    {
    }

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
     * Stores a document. One that is stored already, as an answer to it was lost, is not another change.
     *
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
            // Nobody changes the basis in between: whoever does weighs this member after it is stored.
            $stored->setRelation('job', $this->basisHeld($stored));
            $before = $stored->getRawOriginal('document');
            $this->fill($stored, $document);
            if ($stored->getAttributes()['document'] === $before) {
                return $stored->refresh()->load('job');
            }
            if ($stored->revision !== $revision) {
                throw new StaleRevision(['revision' => $stored->revision, 'document' => $stored->refresh()->document]);
            }
            $stored->revision++;
            $stored->save();

            return $stored;
        });
    }

    /**
     * Weighs a stored member, unless that was done when it was stored. Apart from storing it: whatever the weighing
     * comes to, the document is there.
     */
    public function weigh(Member $member): Member
    {
        if ($member->summary === Weighed::pending()) {
            $job = $member->job;
            do {
                $basis = $job->basis;
                $member->setRelation('job', $job);
                $summary = $this->weighed->summary($member->fullDocument());
                $job = $this->keep($member, $summary, $basis);
            } while ($job !== null);
            $this->put($member, $summary);
        }

        return $member;
    }

    /**
     * Stores a verdict, unless the member was saved anew meanwhile: that save brings its own.
     *
     * @param  array<string, mixed>  $summary
     * @param  array<string, mixed>  $basis  it was weighed by
     * @return Job|null the job where its basis is another one by now
     */
    private function keep(Member $member, array $summary, array $basis): ?Job
    {
        return DB::transaction(function () use ($member, $summary, $basis): ?Job {
            $job = $this->basisHeld($member);
            if ($job->basis !== $basis) {
                return $job;
            }
            $query = Member::query();
            $query->lockForUpdate();
            $stored = $query->find($member->id);
            if ($stored !== null && $stored->revision === $member->revision) {
                $this->put($stored, $summary);
                $stored->save();
            }

            return null;
        });
    }

    /** The job of a member, whose basis nobody changes before this transaction ends. */
    private function basisHeld(Member $member): Job
    {
        $query = Job::withTrashed();
        $query->sharedLock();

        return $query->findOrFail($member->job_id);
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
            throw new InvalidMember([new FieldError('', 'This is not a Waage member file: it is nested too deeply.')]);
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
        $member->section = $text('section', 60);
        $this->put(
            $member,
            $this->weighed->known([...$document, 'basis' => $member->job->basis]) ?? Weighed::pending(),
        );
    }

    /**
     * What the list shows of a member.
     *
     * @param  array<string, mixed>  $summary
     */
    public function put(Member $member, array $summary): void
    {
        $member->summary = $summary;
        $member->state = MemberState::from(is_string($summary['state']) ? $summary['state'] : 'incomplete');
        if (is_string($summary['section'] ?? null)) {
            $member->section = $summary['section'];
        }
    }
}
