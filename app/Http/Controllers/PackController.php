<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Enums\PackState;
use App\Http\Resources\PackResource;
use App\Jobs\MakePack;
use App\Models\Job;
use App\Models\Pack;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class PackController extends Controller
{
    public function store(Request $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $total = $job->members()->count();
        if ($total === 0) {
            return new JsonResponse(['message' => 'The job has no members yet, so there is nothing to print.'], 422);
        }
        $pack = new Pack([
            'paper' => SheetController::paper($request),
            'full' => $request->boolean('full', true),
            'total' => $total,
        ]);
        $pack->job()->associate($job);
        $pack->state = PackState::Waiting;
        $pack->save();
        MakePack::dispatch($pack->id);

        return new JsonResponse(new PackResource($pack), 201);
    }

    public function show(Pack $pack): JsonResponse
    {
        $this->authorize('work', $pack);

        return new JsonResponse(new PackResource($pack));
    }

    public function destroy(Pack $pack): JsonResponse
    {
        $this->authorize('work', $pack);
        if ($pack->state->isOpen()) {
            $pack->state = PackState::Cancelled;
            $pack->save();
        }

        return new JsonResponse(new PackResource($pack));
    }

    public function pdf(Pack $pack): BinaryFileResponse
    {
        $this->authorize('work', $pack);
        abort_unless($pack->state === PackState::Ready && is_file($pack->path()), 404);

        return response()->file($pack->path(), [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"pack-{$pack->id}.pdf\"",
        ]);
    }
}
