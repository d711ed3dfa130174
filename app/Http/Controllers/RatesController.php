<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Office;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Waage\Design\Rates;

/** What steel costs an office, and the sections it likes to use. */
final class RatesController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(Rates::read($this->user($request)->office()->firstOrFail()->rates ?? [])->toArray());
    }

    /** Changes what is given and leaves the rest. */
    public function update(Request $request): JsonResponse
    {
        return $this->change(
            $request,
            fn (array $kept): array => [...$kept, ...$request->only(['price', 'coating', 'carbon', 'currency'])],
        );
    }

    /** Marks a section as a favourite, or no longer. */
    public function favourite(Request $request): JsonResponse
    {
        $section = $request->input('section');

        return $this->change(
            $request,
            fn (array $kept): array => [
                ...$kept,
                'favourites' => [
                    ...array_filter($kept['favourites'], fn (string $name): bool => $name !== $section),
                    ...$request->boolean('favourite') ? [$section] : [],
                ],
            ],
        );
    }

    /**
     * @param  callable(array{price: float|null, coating: float|null, carbon: float|null, currency: string,
     *     favourites: list<string>}): array<string, mixed>  $to
     */
    private function change(Request $request, callable $to): JsonResponse
    {
        $rates = DB::transaction(function () use ($request, $to): Rates {
            $query = Office::query();
            $query->lockForUpdate();
            $office = $query->findOrFail($this->user($request)->office_id);
            $rates = Rates::read($to(Rates::read($office->rates ?? [])->toArray()));
            $office->rates = $rates->toArray();
            $office->save();

            return $rates;
        });

        return new JsonResponse($rates->toArray());
    }
}
