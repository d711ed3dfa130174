<?php

declare(strict_types=1);

namespace Waage\Tests\Design;

// A file that is read alone gives what the job gives: it carries the basis of the job, with the build-ups that it
// follows.
it('is complete file by file', function (string $folder): void {
    $read = fn (string $file): mixed => json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    /** @var array<string, mixed> $job */
    $job = $read("{$folder}/basis.json");
    $files = glob("{$folder}/*.waage.json") ?: [];
    expect($files)->not->toBe([]);
    foreach ($files as $file) {
        /** @var array{basis: array<string, mixed>, loads?: list<array<string, mixed>>} $document */
        $document = $read($file);
        $followed = array_filter(array_column($document['loads'] ?? [], 'buildUp'));
        $buildUps = array_column((array) ($document['basis']['buildUps'] ?? []), 'name');
        expect(array_diff_key($document['basis'], ['buildUps' => 0]))
            ->toEqual(array_diff_key($job, ['buildUps' => 0]))
            ->and(array_diff($followed, $buildUps))
            ->toBe([]);
    }
})->with([
    dirname(__DIR__, 3).'/database/demo',
    dirname(__DIR__, 3).'/database/demo/us',
    dirname(__DIR__, 3).'/database/demo/classic',
    dirname(__DIR__, 3).'/database/demo/canada',
]);
