<?php

declare(strict_types=1);

// The order of docs/architecture.md: a folder of the core may use what stands before it.
$layers = ['Units', 'Materials', 'Sections', 'Member', 'Loading', 'Analysis', 'Checks', 'Standards', 'Design', 'Sheets'];
foreach ($layers as $i => $layer) {
    $later = array_map(fn (string $l): string => "Waage\\{$l}", array_slice($layers, $i + 1));
    if ($later !== []) {
        arch("{$layer} uses nothing that comes after it")->expect("Waage\\{$layer}")->not->toUse($later);
    }
}

arch('the core is plain PHP')->expect('Waage')->not->toUse(['Illuminate', 'Symfony', 'App', 'DB', 'file_put_contents', 'time', 'date', 'microtime', 'rand', 'mt_rand', 'env', 'getenv'])
    ->ignoring('Waage\Tests');

arch('strict types everywhere')->expect(['Waage', 'App', 'Database\Seeders'])->toUseStrictTypes();

arch('value objects cannot change')->expect(['Waage\Member\Member', 'Waage\Member\Load', 'Waage\Member\Support', 'Waage\Member\Restraint', 'Waage\Member\Basis', 'Waage\Sections\ISection', 'Waage\Checks\Weighing', 'Waage\Checks\Line', 'Waage\Loading\Combination', 'Waage\Analysis\Beam', 'Waage\Analysis\Responses'])->toBeReadonly()->toBeFinal();

arch('the application calls the front door, the sheet builder and the member document only')->expect('App')->not->toUse(['Waage\Analysis', 'Waage\Standards', 'Waage\Loading', 'Waage\Checks', 'Waage\Sections', 'Waage\Materials', 'Waage\Units']);

arch('nothing is left in from debugging')->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])->not->toBeUsed();

it('has no source file that is too long to be one idea', function (): void {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core/src')) as $file) {
        if ($file->isFile()) {
            expect(count(file($file->getPathname()) ?: []))->toBeLessThan(450, $file->getPathname());
        }
    }
});
