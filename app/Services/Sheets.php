<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Job;
use App\Models\Member;
use Waage\Design\Design;
use Waage\Member\MemberReader;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

/** Sheets of stored members. */
final class Sheets
{
    /** @return array<string, mixed> */
    public function of(Member $member, bool $full): array
    {
        return (new SheetBuilder(
            new Design(MemberReader::member($member->fullDocument())),
            $this->jobInfo($member->job, $member),
            $full,
        ))->toArray();
    }

    /**
     * What the index of a pack says of a sheet.
     *
     * @param  array<string, mixed>  $sheet
     * @return array<string, mixed>
     */
    public static function indexRow(array $sheet): array
    {
        /**
         * @var array{section: array{name: string, grade: string}, verdict: array{governs: string, ratio: float|null,
         *     state: string}} $result
         */
        $result = $sheet['result'];

        return [
            'mark' => $sheet['mark'],
            'title' => $sheet['title'],
            'section' => "{$result['section']['name']} {$result['section']['grade']}",
            'governs' => $result['verdict']['governs'],
            'ratio' => $result['verdict']['ratio'],
            'state' => $result['verdict']['state'],
        ];
    }

    private function jobInfo(Job $job, Member $member): JobInfo
    {
        return new JobInfo(
            job: $job->name,
            number: $job->number,
            client: $job->client,
            engineer: $job->engineer,
            checker: $job->checker,
            office: $job->office->name,
            date: now()->format('Y-m-d'),
            revision: (string) $member->revision,
        );
    }
}
