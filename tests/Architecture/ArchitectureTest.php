<?php

declare(strict_types=1);

// docs/architecture.md: what a folder of the core may not use.
$not = [
    'Algebra' => [
        'Units',
        'Checks',
        'Loading',
        'Member',
        'Analysis',
        'ThinWalled',
        'Material',
        'Materials',
        'Design',
        'Sheets',
    ],
    'Units' => ['Checks', 'Loading', 'Member', 'Analysis', 'ThinWalled', 'Material', 'Materials', 'Design', 'Sheets'],
    'Checks' => ['Loading', 'Member', 'Analysis', 'ThinWalled', 'Material', 'Materials', 'Design', 'Sheets'],
    'ThinWalled' => ['Units', 'Checks', 'Loading', 'Member', 'Analysis', 'Material', 'Materials', 'Design', 'Sheets'],
    'Loading' => ['Analysis', 'ThinWalled', 'Material', 'Materials', 'Design', 'Sheets'],
    'Member' => ['Analysis', 'ThinWalled', 'Materials', 'Design', 'Sheets'],
    'Analysis' => ['Materials', 'Design', 'Sheets'],
    'Design' => ['Materials', 'Sheets'],
    'Sheets' => ['Materials'],
    'Tools' => ['Materials', 'Analysis', 'Loading'],
];
foreach ($not as $folder => $others) {
    arch("{$folder} does not use what it is not to know")
        ->expect("Waage\\{$folder}")
        ->not->toUse(array_map(fn (string $o): string => "Waage\\{$o}", $others));
}

arch('the contract knows no material, the registry apart')
    ->expect('Waage\Material')
    ->not->toUse('Waage\Materials')
    ->ignoring('Waage\Material\Registry');

it('has materials that do not know each other', function (): void {
    $materials = array_map(basename(...), glob(dirname(__DIR__, 2).'/core/src/Materials/*', GLOB_ONLYDIR) ?: []);
    foreach ($materials as $of) {
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/core/src/Materials/{$of}"),
            ) as $file
        ) {
            preg_match_all(
                '/Waage.Materials.(\w+)/',
                $file->isFile() && $file->getExtension() === 'php'
                    ? (string) file_get_contents($file->getPathname())
                    : '',
                $used,
            );
            expect(array_values(array_diff(array_unique($used[1]), [$of])))->toBe(
                $of === 'Composite' ? array_diff($used[1], [$of]) : [],
                $file->getPathname(),
            );
        }
    }
});

arch('the core is plain PHP')
    ->expect('Waage')
    ->not->toUse([
        'Illuminate',
        'Symfony',
        'App',
        'DB',
        'file_put_contents',
        'time',
        'date',
        'microtime',
        'rand',
        'mt_rand',
        'env',
        'getenv',
    ])
    ->ignoring('Waage\Tests');

arch('strict types everywhere')
    ->expect(['Waage', 'App', 'Database\Seeders'])
    ->toUseStrictTypes();

arch('value objects cannot change')
    ->expect([
        'Waage\Member\Member',
        'Waage\Member\Load',
        'Waage\Member\Support',
        'Waage\Member\Restraint',
        'Waage\Member\Basis',
        'Waage\Materials\Steel\Sections\ISection',
        'Waage\Checks\Weighing',
        'Waage\Checks\Line',
        'Waage\Loading\Combination',
        'Waage\Analysis\Beam',
        'Waage\Analysis\Responses',
    ])
    ->toBeReadonly()
    ->toBeFinal();

arch('the application calls the front door, the sheet builder and the member document only')
    ->expect('App')
    ->not->toUse([
        'Waage\Analysis',
        'Waage\Loading',
        'Waage\Checks',
        'Waage\Material',
        'Waage\Materials',
        'Waage\ThinWalled',
        'Waage\Units',
    ]);

arch('nothing is left in from debugging')
    ->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])
    ->not->toBeUsed();

it('has no source file that is too long to be one idea', function (): void {
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core/src')) as $file
    ) {
        if ($file->isFile()) {
            expect(count(file($file->getPathname()) ?: []))->toBeLessThan(560, $file->getPathname());
        }
    }
});
