<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\People;
use App\Http\Resources\PersonRow;
use App\Models\User;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The people of an office, looked after by its administrators. */
final class PeopleController extends Controller
{
    public function __construct(private readonly People $people)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $people = $this->administrator($request)->office()->firstOrFail()->people()->orderBy('name')->get();

        return new JsonResponse(PersonRow::collection($people));
    }

    public function store(Request $request): JsonResponse
    {
        $office = $this->administrator($request)->office()->firstOrFail();

        return new JsonResponse(new PersonRow($this->people->add($office, $request->json()->all())), 201);
    }

    public function update(Request $request, User $person): JsonResponse
    {
        $this->assertOfOffice($request, $person);

        return new JsonResponse(new PersonRow($this->people->change($person->load('office'), $request->json()->all())));
    }

    public function destroy(Request $request, User $person): JsonResponse
    {
        $this->assertOfOffice($request, $person);
        $this->people->remove($person);

        return new JsonResponse(['id' => $person->id]);
    }

    private function assertOfOffice(Request $request, User $person): void
    {
        if ($this->administrator($request)->office_id !== $person->office_id) {
            throw (new ModelNotFoundException())->setModel(User::class);
        }
    }

    private function administrator(Request $request): User
    {
        $user = $this->user($request);
        abort_unless($user->is_admin && ! $user->isDemo(), 403, 'Only an administrator of the office may do this.');

        return $user;
    }
}
