<?php

declare(strict_types=1);

use App\Console\Commands\TidyCommand;
use Illuminate\Support\Facades\Schedule;

Schedule::command(TidyCommand::class)->everyMinute()->onOneServer()->withoutOverlapping(10);
