<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Closure;
use Illuminate\Console\Command;
use Throwable;

/** A command whose exit status is an answer: a fault of Waage must not read as one of them. */
abstract class AnsweringCommand extends Command
{
    protected const BAD_INPUT = 2;

    protected const FAULT = 3;

    /** @param  Closure(): int  $answer  exit status */
    protected function answer(Closure $answer): int
    {
        try {
            return $answer();
        } catch (Throwable $e) {
            report($e);
            $at = basename($e->getFile()).':'.$e->getLine();
            $this->say(["Waage could not answer this, which is a fault of its own: {$e->getMessage()} ({$at})"]);

            return self::FAULT;
        }
    }

    /** @param  list<string>  $messages  on the standard error */
    protected function say(array $messages): void
    {
        foreach ($messages as $message) {
            $this->getOutput()->getErrorStyle()->writeln($message);
        }
    }
}
