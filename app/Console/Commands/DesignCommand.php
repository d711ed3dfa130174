<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Services\SheetPrinter;
use Waage\Design\Design;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;
use Waage\Sheets\JobInfo;
use Waage\Sheets\PlainText;
use Waage\Sheets\SheetBuilder;

/** bin/waage design FILE.json: the same front door as the web, for batch work and outside tools. */
final class DesignCommand extends AnsweringCommand
{
    protected $signature = 'design {file : a member file} {--lines : every value of the weighings as text, in place of JSON} {--sheet= : write the calculation sheet as PDF} {--brief : the brief sheet} {--paper=A4 : A4 or Letter}';

    protected $description = 'Design a member file and print the result as JSON; exit status 0 holds, 1 does not hold or is not covered, 2 bad input, 3 a fault of Waage';

    public function handle(SheetPrinter $printer): int
    {
        return $this->answer(fn (): int => $this->design($printer));
    }

    private function design(SheetPrinter $printer): int
    {
        $file = $this->argument('file');
        $file = is_string($file) ? $file : '';
        $text = is_file($file) ? file_get_contents($file) : false;
        if ($text === false) {
            return $this->refuse(["There is no file {$file}."]);
        }
        $document = json_decode($text, true, 64);
        if (! is_array($document)) {
            return $this->refuse(["{$file} is not JSON: ".json_last_error_msg().'.']);
        }
        try {
            $design = new Design(MemberReader::member($document));
        } catch (InvalidMember $e) {
            return $this->refuse(array_map(fn ($error): string => "{$error->path}: {$error->message}", $e->errors));
        }
        $this->output->write($this->option('lines') ? PlainText::of($design) : $this->json($design));
        $sheet = $this->option('sheet');
        if (is_string($sheet) && $sheet !== '') {
            $to = str_starts_with($sheet, '/') ? $sheet : getcwd().'/'.$sheet;
            $content = (new SheetBuilder(
                $design,
                new JobInfo(date: now()->format('Y-m-d')),
                ! $this->option('brief'),
            ))->toArray();
            $printer->print(['sheets' => [$content]], $this->option('paper') === 'Letter' ? 'Letter' : 'A4', $to);
        }

        return $design->verdict()->holds() ? self::SUCCESS : self::FAILURE;
    }

    private function json(Design $design): string
    {
        return json_encode(
            (new Result($design, Show::envelope()))->toArray(),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** @param  list<string>  $messages */
    private function refuse(array $messages): int
    {
        $this->say($messages);

        return self::BAD_INPUT;
    }
}
