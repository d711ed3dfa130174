<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StartRequest;
use App\Models\Office;
use App\Services\StoredSize;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What new members of a kind start from in an office, such as "steel beam": documents without loads and names. */
final class StartController extends Controller
{
    /** Bytes of JSON. */
    private const LARGEST = 600_000;

    public function index(Request $request): JsonResponse
    {
        return $this->answer($this->user($request)->office()->firstOrFail());
    }

    public function update(StartRequest $request): JsonResponse
    {
        $start = $request->start();

        return $this->change($request, fn (array $starts): array => [...$starts, $request->kind() => $start]);
    }

    public function destroy(Request $request): JsonResponse
    {
        $kind = $request->string('kind')->value();

        return $this->change($request, fn (array $starts): array => array_diff_key($starts, [$kind => true]));
    }

    /** @param  callable(array<string, array<string, mixed>>): array<string, array<array-key, mixed>>  $to */
    private function change(Request $request, callable $to): JsonResponse
    {
        $office = DB::transaction(function () use ($request, $to): Office {
            $query = Office::query();
            $query->lockForUpdate();
            $office = $query->findOrFail($this->user($request)->office_id);
            $starts = $to($office->starts ?? []);
            StoredSize::assertBelow(
                $starts,
                self::LARGEST,
                'document',
                'What new members start from is too large to be stored.',
            );
            $office->starts = $starts;
            $office->save();

            return $office;
        });

        return $this->answer($office);
    }

    private function answer(Office $office): JsonResponse
    {
        return new JsonResponse((object) ($office->starts ?? []));
    }
}
