<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Waage\Tools\Toolbox;

/** Calculations of their own beside members. */
final class ToolController extends Controller
{
    public function index(): JsonResponse
    {
        return new JsonResponse(Toolbox::list());
    }

    public function answer(Request $request): JsonResponse
    {
        $values = $request->input('values');
        $system = $request->string('units')->value();

        return new JsonResponse(
            Toolbox::answer(
                $request->string('tool')->value(),
                is_array($values) ? $values : [],
                Toolbox::units($system),
            ),
        );
    }
}
