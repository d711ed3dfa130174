<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Member;
use App\Services\SheetPrinter;
use App\Services\Sheets;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class SheetController extends Controller
{
    public function show(Request $request, Member $member, Sheets $sheets): JsonResponse
    {
        $this->authorize('work', $member);

        return new JsonResponse($sheets->of($member->load('job.office'), $request->boolean('full', true)));
    }

    public function pdf(Request $request, Member $member, Sheets $sheets, SheetPrinter $printer): BinaryFileResponse
    {
        $this->authorize('work', $member);
        $file = storage_path('app/sheet-'.bin2hex(random_bytes(8)).'.pdf');
        $printer->print(
            ['sheets' => [$sheets->of($member->load('job.office'), $request->boolean('full', true))]],
            self::paper($request),
            $file,
        );
        $name = preg_replace('/[^A-Za-z0-9_-]+/', '-', $member->mark) ?: 'sheet';

        return response()
            ->file($file, [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => "inline; filename=\"{$name}.pdf\"",
            ])
            ->deleteFileAfterSend();
    }

    public static function paper(Request $request): string
    {
        return $request->input('paper') === 'Letter' ? 'Letter' : 'A4';
    }
}
