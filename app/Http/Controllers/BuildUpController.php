<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Office;
use App\Services\BasisSchema;
use App\Services\StoredSize;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Waage\Member\BasisReader;

/** The build-ups that an office keeps for all its jobs. A job takes copies, so that its loads stay what they were. */
final class BuildUpController extends Controller
{
    /** Bytes of JSON. */
    private const LARGEST = 600_000;

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->user($request)->office()->firstOrFail()->build_ups ?? []);
    }

    /** Adds a build-up, or replaces the one of its name. */
    public function store(Request $request): JsonResponse
    {
        $buildUp = $request->input('buildUp');
        BasisReader::read(['buildUps' => [$buildUp]]);

        return $this->change(
            $request,
            fn (array $kept): array => [...$kept, $buildUp],
            is_array($buildUp) ? $buildUp['name'] ?? '' : '',
        );
    }

    public function destroy(Request $request): JsonResponse
    {
        return $this->change($request, fn (array $kept): array => $kept, $request->input('name'));
    }

    /**
     * @param  callable(list<array<string, mixed>>): list<mixed>  $to  what becomes of the others than the one of a
     *     name
     */
    private function change(Request $request, callable $to, mixed $name): JsonResponse
    {
        $of = is_string($name) ? trim($name) : '';
        $office = DB::transaction(function () use ($request, $to, $of): Office {
            $query = Office::query();
            $query->lockForUpdate();
            $office = $query->findOrFail($this->user($request)->office_id);
            $others = array_values(
                array_filter(
                    $office->build_ups ?? [],
                    fn (array $b): bool => trim(is_string($b['name'] ?? null) ? $b['name'] : '') !== $of,
                ),
            );
            $all = $to($others);
            StoredSize::assertBelow(
                $all,
                self::LARGEST,
                'buildUp',
                'The build-ups of the office are too large to be stored.',
            );
            BasisReader::read(['buildUps' => $all]);
            BasisSchema::assert(['buildUps' => $all]);
            $office->build_ups = array_values($all);
            $office->save();

            return $office;
        });

        return new JsonResponse($office->build_ups ?? []);
    }
}
