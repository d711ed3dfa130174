<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Waage\Member\FieldError;
use Waage\Member\InvalidMember;
use Waage\Tools\Toolbox;

/** bin/waage tool NAME key=value …: the tools of the page, with JSON out; without a name what there is. */
final class ToolCommand extends AnsweringCommand
{
    protected $signature = 'tool {name? : a tool} {values?* : key=value, with or without a unit} {--us : plain numbers are in US units}';

    protected $description = 'Answer of a tool as JSON with its derivation; without a name the list of tools with what they ask for';

    public function handle(): int
    {
        return $this->answer($this->tool(...));
    }

    private function tool(): int
    {
        $name = $this->argument('name');
        if (! is_string($name)) {
            return $this->show(Toolbox::list());
        }
        $given = [];
        /** @var list<string> $values */
        $values = (array) $this->argument('values');
        foreach ($values as $value) {
            [$key, $text] = [...explode('=', $value, 2), ''];
            $given[trim($key)] = $text;
        }
        try {
            $answer = Toolbox::answer($name, $given, Toolbox::units($this->option('us') === true ? 'us' : 'metric'));
        } catch (InvalidMember $e) {
            $said = array_map(
                fn (FieldError $f): string => preg_replace('/^values\./', '', $f->path).": {$f->message}",
                $e->errors,
            );
            $this->say($said);

            return self::BAD_INPUT;
        }
        unset($answer['printed']);

        return $this->show($answer);
    }

    /** @param  array<array-key, mixed>  $answer */
    private function show(array $answer): int
    {
        $this->output->write(
            json_encode(
                $answer,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            )."\n",
        );

        return self::SUCCESS;
    }
}
