<?php

declare(strict_types=1);

// The rules of the house (docs/architecture.md).

/** @return array<string, string> content of the source files, by path from the project */
function houseFiles(): array
{
    $root = dirname(__DIR__, 2);
    $files = [];
    foreach (['core/src', 'app', 'database/seeders'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}")) as $file) {
            $path = substr($file->getPathname(), strlen($root) + 1);
            if ($file->isFile() && $file->getExtension() === 'php') {
                $files[$path] = (string) file_get_contents($file->getPathname());
            }
        }
    }

    return $files;
}

it('has lines of at most 120 characters; only a sentence for the engineer may be longer', function (): void {
    $long = [];
    foreach (houseFiles() as $path => $content) {
        foreach (explode("\n", $content) as $i => $line) {
            $code = preg_replace('~\'(?:[^\'\\\\]|\\\\.){60,}\'|"(?:[^"\\\\]|\\\\.){60,}"~u', "''", $line);
            if (mb_strlen($line) > 120 && mb_strlen((string) $code) > 100) {
                $long[] = $path.':'.($i + 1);
            }
        }
    }
    expect($long)->toBe([]);
});

it(
    'has no function with more than eight parameters, but for documents that are read and what a weighing tells',
    function (): void {
        // What stands here waits for value objects of its own; nothing may be added.
        $known = [
            'Weighing',
            'Member',
            'ActionFactors',
            'SteelFactors',
            'Load',
            'Support',
            'Beam',
            'LoadedBeam',
            'CollapseState',
            'Combination',
            'Grade',
            'ConcreteMake',
            'Figure',
            'Properties',
            'ISection',
            'Channel',
            'Tee',
            'UnequalI',
            'SteelMake',
        ];
        $many = [];
        foreach (houseFiles() as $path => $content) {
            preg_match_all('/function (\w+)\(((?:[^()]|\([^()]*\))*)\)/', $content, $functions, PREG_SET_ORDER);
            foreach ($functions as [, $name, $parameters]) {
                $count = preg_match_all('/\$\w+\s*(?:=|,|$)/m', $parameters);
                if ($count > 8 && ! in_array(basename($path, '.php'), $known, true)) {
                    $many[] = "{$path}: {$name} has {$count}";
                }
            }
        }
        expect($many)->toBe([]);
    },
);

it('asks a thing instead of looking at its class', function (): void {
    $ladders = array_filter(houseFiles(), fn (string $content): bool => substr_count($content, 'instanceof') > 2);
    // A standard of steel asks in one place what kind of section it has before it.
    $isOnePlace = fn (string $path): bool => preg_match('~Steel/\w+/Profiles\.php$~', $path) === 1;
    expect(array_values(array_filter(array_keys($ladders), fn (string $path): bool => ! $isOnePlace($path))))->toBe([]);
});
