<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Enums\PackState;
use App\Models\Job;
use App\Models\Member;
use App\Models\Pack;
use App\Services\PrintRun;
use App\Services\SheetPrinter;
use App\Services\Sheets;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;
use Waage\Member\InvalidMember;

/**
 * Prints the sheets of all members of a job in parts, two at a time, and binds them behind an index; can be cancelled
 * at any time. Each sheet numbers its own pages; the index gives the page of the pack at which it starts.
 */
final class MakePack implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    private const AT_ONCE = 2;

    /** Sheets that one Chromium prints: starting it takes as long as half a sheet. */
    private const SHEETS_A_PART = 9;

    /** How long a pack steps back while another one of its office is made, s. */
    private const STEPS_BACK = 2;

    /** How often it gives a sign of life while sheets print, s. */
    private const TELLS = 5.0;

    public int $timeout = 900;

    /** Stepping back is not a failure. */
    public int $tries = 0;

    public int $maxExceptions = 1;

    public function __construct(private readonly int $pack)
    {
        $this->onQueue('packs');
    }

    public function handle(Sheets $sheets, SheetPrinter $printer): void
    {
        $pack = Pack::query()->with('job.office')->find($this->pack);
        if ($pack === null || $pack->state !== PackState::Waiting) {
            return;
        }
        if ($this->isOfficeBusy($pack)) {
            $this->release(self::STEPS_BACK);

            return;
        }
        $members = $pack->job->members()->get()->all();
        $pack->forceFill(['total' => count($members)])->save();
        $this->state(PackState::Working, '', PackState::Waiting);
        $directory = storage_path('app/packs/'.$pack->id.'-parts');
        File::ensureDirectoryExists($directory);
        try {
            [$made, $left] = $this->sheets($pack, $members, $sheets);
            $parts = array_chunk($made, max(1, min(self::SHEETS_A_PART, (int) ceil(count($made) / self::AT_ONCE))));
            if (! $this->printAll($parts, count($left), $pack->paper, $printer, $directory)) {
                return;
            }
            $this->bind($pack, array_map(Sheets::indexRow(...), $made), count($parts), $left, $printer, $directory);
            $this->state(
                PackState::Ready,
                match (count($left)) {
                    0 => '',
                    1 => '1 incomplete member has no sheet; the index names it.',
                    default => count($left).' incomplete members have no sheet; the index names them.',
                },
                PackState::Working,
            );
        } finally {
            File::deleteDirectory($directory);
        }
    }

    public function failed(?\Throwable $e): void
    {
        $why = mb_substr('The pack could not be made. '.($e?->getMessage() ?? ''), 0, 500);
        $this->state(PackState::Failed, $why, PackState::Working);
        $this->state(PackState::Failed, $why, PackState::Waiting);
    }

    /** One pack of an office at a time: those of others are not held up by it. */
    private function isOfficeBusy(Pack $pack): bool
    {
        return Pack::query()
            ->where('state', PackState::Working)
            ->where('updated_at', '>', now()->subMinutes(Pack::SILENT_MINUTES))
            ->whereIn('job_id', Job::withTrashed()->where('office_id', $pack->job->office_id)->select('id'))
            ->exists();
    }

    /**
     * @param  array<int, Member>  $members
     * @return array{list<array<string, mixed>>, list<array<string, string>>} sheets, and members that have none
     */
    private function sheets(Pack $pack, array $members, Sheets $sheets): array
    {
        $made = $left = [];
        foreach ($members as $member) {
            $member->setRelation('job', $pack->job);
            // A sign of life.
            $pack->touch();
            try {
                $made[] = $sheets->of($member, $pack->full);
            } catch (InvalidMember $e) {
                $left[] = ['mark' => $member->mark, 'title' => $member->title, 'reason' => $e->getMessage()];
            }
        }

        return [$made, $left];
    }

    /**
     * @param  list<list<array<string, mixed>>>  $parts
     * @return bool false when the pack was cancelled meanwhile
     */
    private function printAll(array $parts, int $left, string $paper, SheetPrinter $printer, string $directory): bool
    {
        /** @var array<int, PrintRun> $running */
        $running = [];
        $next = 0;
        $done = $left;
        $told = microtime(true);
        while ($next < count($parts) || $running !== []) {
            while ($next < count($parts) && count($running) < self::AT_ONCE) {
                $running[$next] = $printer->start(
                    ['sheets' => $parts[$next], 'pack' => true],
                    $paper,
                    "{$directory}/{$next}.pdf",
                );
                $next++;
            }
            usleep(50_000);
            if (microtime(true) - $told > self::TELLS) {
                $told = microtime(true);
                Pack::query()->whereKey($this->pack)->touch();
            }
            foreach ($running as $i => $run) {
                if (! $run->isRunning()) {
                    $run->finish();
                    unset($running[$i]);
                    $done += count($parts[$i]);
                    Pack::query()
                        ->whereKey($this->pack)
                        ->update(['done' => $done]);
                }
            }
            if (! $this->isWanted()) {
                array_map(fn (PrintRun $run) => $run->stop(), $running);

                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<array<string, mixed>>  $rows  of the index
     * @param  list<array<string, string>>  $left
     */
    private function bind(
        Pack $pack,
        array $rows,
        int $parts,
        array $left,
        SheetPrinter $printer,
        string $directory,
    ): void {
        $job = $pack->job;
        $index = [
            'job' => $job->name,
            'number' => $job->number,
            'client' => $job->client,
            'office' => $job->office->name,
            'date' => now()->format('Y-m-d'),
            'left' => $left,
        ];
        $files = array_map(fn (int $i): string => "{$directory}/{$i}.pdf", $parts > 0 ? range(0, $parts - 1) : []);
        $counts = array_merge([], ...array_map($this->pagesOfSheets(...), $files));
        // Its own length moves the pages that the index gives: it is printed again until they fit.
        for ($length = 1, $last = 0; $length !== $last;) {
            $last = $length;
            $page = $length;
            foreach ($counts as $i => $pages) {
                $rows[$i]['page'] = $page + 1;
                $page += $pages;
            }
            $printer->print(
                ['sheets' => [], 'index' => [...$index, 'sheets' => $rows]],
                $pack->paper,
                "{$directory}/index.pdf",
            );
            $length = count($this->pages("{$directory}/index.pdf"));
        }
        (new Process(['pdfunite', "{$directory}/index.pdf", ...$files, $pack->path()]))->setTimeout(120)->mustRun();
    }

    /** @return list<int> pages of each sheet of a part: a sheet starts where the foot says page 1 */
    private function pagesOfSheets(string $pdf): array
    {
        $sheets = [];
        $count = 0;
        foreach ($this->pages($pdf) as $text) {
            if ($count > 0 && preg_match('/, page 1\s*$/', $text) === 1) {
                $sheets[] = $count;
                $count = 0;
            }
            $count++;
        }

        return [...$sheets, $count];
    }

    /** @return list<string> the text of each page */
    private function pages(string $pdf): array
    {
        return explode("\f", rtrim((new Process(['pdftotext', '-layout', $pdf, '-']))->mustRun()->getOutput(), "\f\n"));
    }

    private function isWanted(): bool
    {
        return Pack::query()->whereKey($this->pack)->value('state') === PackState::Working;
    }

    private function state(PackState $state, string $message, PackState $from): void
    {
        Pack::query()
            ->whereKey($this->pack)
            ->where('state', $from)
            ->update(['state' => $state, 'message' => $message]);
    }
}
