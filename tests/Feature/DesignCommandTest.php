<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** @return array{int|null, string, string} */
function waage(string ...$arguments): array
{
    $process = new Process([base_path('bin/waage'), ...$arguments]);
    $process->run();

    return [$process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
}

/** @param  array<string, mixed>|string  $content */
function memberFile(array|string $content): string
{
    $file = tempnam('/tmp', 'member').'.json';
    file_put_contents($file, is_string($content) ? $content : json_encode($content));

    return $file;
}

it('answers by its exit status', function (array|string $content, int $status, string $out, string $error): void {
    [$code, $stdout, $stderr] = waage('design', memberFile($content));
    expect($code)->toBe($status)->and($stdout)->toContain($out)->and($stderr)->toContain($error);
})->with([
    'holds' => [fn (): array => document(['section' => 'HEB 300']), 0, '"holds": true', ''],
    'does not hold' => [fn (): array => document(), 1, '"holds": false', ''],
    'bad field' => [
        fn (): array => document(['length' => '-1 m']),
        2,
        '',
        'length: The length of the member must be greater than zero.',
    ],
    'broken JSON' => ['{"format":', 2, '', 'is not JSON'],
    'foreign JSON' => ['{"a": 1}', 2, '', 'not a Waage member file'],
]);

it('says when there is no such file', function (): void {
    expect(waage('design', '/nowhere/at/all.json'))->toMatchArray([
        0 => 2,
        2 => "There is no file /nowhere/at/all.json.\n",
    ]);
});

it('says a fault of its own by an exit of its own, never as an answer', function (): void {
    [$code, , $stderr] = waage('design', memberFile(document(['section' => 'HEB 300'])), '--sheet=/proc/sheet.pdf');
    expect($code)->toBe(3)->and($stderr)->toContain('Waage could not answer this, which is a fault of its own');
});

it('writes the sheet beside the result', function (): void {
    $pdf = tempnam('/tmp', 'out').'.pdf';
    [$code] = waage('design', memberFile(document(['section' => 'HEB 300'])), '--sheet', $pdf, '--brief');
    expect($code)->toBe(0)->and((string) file_get_contents($pdf))->toStartWith('%PDF');
});

it('prints every value with its unit and clause', function (): void {
    [$code, $stdout] = waage('design', base_path('database/demo/22-K1.waage.json'), '--lines');
    expect($code)
        ->toBe(0)
        ->and($stdout)
        ->toContain("300×500 C30/37, EN 1992-1-1:2004+A1:2014\nholds: 0.9926")
        ->toContain('Bending, hogging, support 2 (EN 1992-1-1, 6.1): 0.8912, holds')
        ->toContain('  f_yd = f_yk / gamma_S = 434.7826 MPa   [3.2.7(2)]');
});
