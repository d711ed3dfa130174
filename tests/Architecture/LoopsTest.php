<?php

declare(strict_types=1);

/**
 * @return array<string, list<string>> by class of the core: those of the core that its file names
 */
function namedByClass(): array
{
    $root = dirname(__DIR__, 2).'/core/src/';
    $files = [];
    /** @var SplFileInfo $file */
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)) as $file) {
        if ($file->getExtension() === 'php') {
            $class = 'Waage\\'.strtr(substr($file->getPathname(), strlen($root), -4), '/', '\\');
            $files[$class] = (string) file_get_contents($file->getPathname());
        }
    }
    $named = [];
    foreach ($files as $class => $text) {
        $space = substr($class, 0, (int) strrpos($class, '\\'));
        $names = [];
        foreach (PhpToken::tokenize($text) as $token) {
            if ($token->is([T_STRING, T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
                $names[ltrim($token->text, '\\')] = $names["{$space}\\{$token->text}"] = true;
            }
        }
        $named[$class] = array_values(array_diff(array_intersect(array_keys($names), array_keys($files)), [$class]));
    }

    return $named;
}

/**
 * @param  array<string, list<string>>  $to
 * @return list<string> what can be reached from a class
 */
function reached(array $to, string $from): array
{
    $seen = [];
    $next = $to[$from];
    while ($next !== []) {
        $class = array_pop($next);
        if (! isset($seen[$class])) {
            $seen[$class] = true;
            array_push($next, ...$to[$class]);
        }
    }

    return array_keys($seen);
}

it('has no loop of more than three files in the core', function (): void {
    $to = namedByClass();
    expect(count($to))->toBeGreaterThan(500);
    $reach = [];
    foreach (array_keys($to) as $class) {
        $reach[$class] = array_fill_keys(reached($to, $class), true);
    }
    $loops = [];
    foreach (array_keys($to) as $class) {
        $loop = array_filter(array_keys($reach[$class]), fn (string $other): bool => isset($reach[$other][$class]));
        if (count($loop) > 3) {
            sort($loop);
            $loops[implode(', ', $loop)] = true;
        }
    }
    expect(array_keys($loops))->toBe([]);
});
