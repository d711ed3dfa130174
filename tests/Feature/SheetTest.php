<?php

declare(strict_types=1);

use App\Models\Pack;
use Symfony\Component\Process\Process;

function output(string ...$command): string
{
    $process = new Process($command);
    $process->mustRun();

    return $process->getOutput();
}

beforeEach(function (): void {
    $this->actingAs($this->user = engineer());
    $this->job = jobOf($this->user);
});

it('prints a sheet as PDF: A4 and Letter, numbered pages, embedded fonts, vector drawings', function (
    string $paper,
    string $size,
): void {
    $member = memberOf($this->job, ['selfWeight' => true, 'notes' => '<script>alert(1)</script> & "quotes" </script>']);
    $pdf = tempnam('/tmp', 'sheet');
    file_put_contents(
        $pdf,
        $this->get("/api/members/{$member->id}/sheet.pdf?paper={$paper}")
            ->assertOk()
            ->streamedContent(),
    );
    $info = output('pdfinfo', $pdf);
    $text = output('pdftotext', '-layout', $pdf, '-');
    expect($info)
        ->toContain($size)
        ->and($text)
        ->toContain(
            'Boat shed',
            'Test beam',
            'Page 1',
            '<script>alert(1)</script> & "quotes"',
            'does not hold',
            '100.4 kNm',
        )
        ->and(preg_match_all('/Page \d+ of \d+/', $text))
        ->toBeGreaterThan(2)
        ->and(substr_count(output('pdfimages', '-list', $pdf), "\n"))
        ->toBe(2, 'a drawing is not a vector drawing');
    foreach (array_slice(explode("\n", trim(output('pdffonts', $pdf))), 2) as $font) {
        expect(preg_split('/\s+/', trim($font)))->toContain('yes');
    }
    unlink($pdf);
})->with([['A4', '(A4)'], ['Letter', '612 x 792']]);

it('prints a shorter brief sheet', function (): void {
    $member = memberOf($this->job);
    $this->getJson("/api/members/{$member->id}/sheet?full=0")
        ->assertOk()
        ->assertJsonPath('full', false)
        ->assertJsonPath('job.office', 'Alder Office');
});

it('says why an incomplete member has no sheet', function (): void {
    $member = memberOf($this->job, ['length' => '']);
    $this->getJson("/api/members/{$member->id}/sheet")
        ->assertStatus(422)
        ->assertJsonPath('errors.length.0', 'Nothing is entered here.');
    $this->getJson("/api/members/{$member->id}/sheet.pdf")->assertStatus(422);
});

it('makes a pack with an index and names what is left out', function (): void {
    memberOf($this->job, ['mark' => 'B1', 'title' => 'Door beam']);
    memberOf($this->job, ['mark' => 'B2', 'title' => 'Half done', 'length' => '']);
    memberOf($this->job, ['mark' => 'B3', 'title' => 'Other beam']);
    $id = $this->postJson("/api/jobs/{$this->job->id}/packs", ['paper' => 'A4', 'full' => false])
        ->assertCreated()
        ->json('id');
    $this->getJson("/api/packs/{$id}")
        ->assertJsonPath('state', 'ready')
        ->assertJsonPath('done', 3)
        ->assertJsonPath('message', '1 incomplete member has no sheet; the index names it.');
    $pdf = Pack::query()->findOrFail($id)->path();
    expect(output('pdftotext', '-layout', $pdf, '-'))
        ->toContain('Door beam', 'Half done', 'Nothing is entered here.', 'B1, page 1', 'B3, page 1')
        ->toMatch('/B1 .* 2\n/')
        ->toMatch('/B3 .* [3-5]\n/');
    $this->get("/api/packs/{$id}/pdf")->assertOk();
    unlink($pdf);
});

it('makes no pack of nothing, and stops one that is cancelled', function (): void {
    $this->postJson("/api/jobs/{$this->job->id}/packs")
        ->assertStatus(422)
        ->assertJsonPath('message', 'The job has no members yet, so there is nothing to print.');
    memberOf($this->job);
    Illuminate\Support\Facades\Queue::fake();
    $id = $this->postJson("/api/jobs/{$this->job->id}/packs")->json('id');
    $this->deleteJson("/api/packs/{$id}")->assertJsonPath('state', 'cancelled');
    app()->call([new App\Jobs\MakePack($id), 'handle']);
    $this->getJson("/api/packs/{$id}")->assertJsonPath('state', 'cancelled');
    $this->get("/api/packs/{$id}/pdf")->assertNotFound();
});
