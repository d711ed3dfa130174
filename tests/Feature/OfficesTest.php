<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Pack;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Route;

/** @return list<array{string, string}> method and address of every route that needs somebody signed in */
function guardedRoutes(): array
{
    $routes = [];
    foreach (Route::getRoutes() as $route) {
        /** @var RoutingRoute $route */
        if (in_array('auth', $route->gatherMiddleware(), true)) {
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $routes[] = [$method, $route->uri()];
            }
        }
    }

    return $routes;
}

it('lets nobody in who is not signed in, on every route', function (): void {
    expect(guardedRoutes())->not->toBeEmpty();
    foreach (guardedRoutes() as [$method, $uri]) {
        $this->json($method, preg_replace('/\{\w+\}/', '1', $uri))
            ->assertStatus(401)
            ->assertJsonPath('message', 'You are signed out. Sign in again; what you typed is kept in this window.');
    }
});

it('shows and changes nothing of another office, on every route', function (): void {
    $theirs = engineer('Birch Office');
    $job = jobOf($theirs);
    $member = memberOf($job);
    $pack = new Pack(['paper' => 'A4', 'full' => true, 'total' => 1]);
    $pack->job()->associate($job);
    $pack->save();
    $before = [$job->fresh()?->toArray(), $member->fresh()?->toArray(), $pack->fresh()?->toArray()];

    $me = engineer();
    $me->is_admin = true;
    $me->save();
    $this->actingAs($me);
    $tried = 0;
    foreach (guardedRoutes() as [$method, $uri]) {
        if (! str_contains($uri, '{')) {
            continue;
        }
        $path = strtr($uri, [
            '{job}' => (string) $job->id,
            '{member}' => (string) $member->id,
            '{pack}' => (string) $pack->id,
            '{person}' => (string) $theirs->id,
        ]);
        $this->json($method, $path, [
            'name' => 'Mine',
            'document' => document(),
            'revision' => 1,
            'members' => [$member->id],
            'basis' => ['units' => 'us'],
        ])
            ->assertStatus(404)
            ->assertJsonPath('message', 'This no longer exists; it may have been deleted in another window.');
        $tried++;
    }
    expect($tried)
        ->toBeGreaterThan(15)
        ->and([$job->fresh()?->toArray(), $member->fresh()?->toArray(), $pack->fresh()?->toArray()])
        ->toBe($before);
    $this->getJson('/api/jobs')->assertExactJson([]);
});

it('keeps deleted things of another office out of reach', function (): void {
    $job = jobOf(engineer('Birch Office'));
    $member = memberOf($job);
    $member->delete();
    $job->delete();
    $this->actingAs(engineer());
    $this->postJson("/api/jobs/{$job->id}/restore")->assertNotFound();
    $this->postJson("/api/members/{$member->id}/restore")->assertNotFound();
    expect(Job::query()->find($job->id))->toBeNull();
});

it('does not move members of another job by an order', function (): void {
    $user = engineer();
    $mine = memberOf(jobOf($user));
    $foreign = memberOf(jobOf(engineer('Birch Office')));
    $this->actingAs($user)
        ->putJson("/api/jobs/{$mine->job_id}/order", ['members' => [$foreign->id, $mine->id]])
        ->assertOk()
        ->assertJsonPath('members', [$mine->id]);
    expect($foreign->fresh()?->position)->toBe(1);
});
