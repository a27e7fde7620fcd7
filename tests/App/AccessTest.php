<?php

declare(strict_types=1);

namespace Tests\App;

use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Router;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who gets where: every route, with everybody. */
final class AccessTest extends TestCase
{
    /** What each kind of person gets: 2 for a page, 3 for being sent on, 4 for being refused. */
    private const TABLE = [
        'GET /' => ['ada' => 302, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 302],
        'GET /week' => ['ada' => 302, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 302],
        'GET /week/2026-W25' => ['ada' => 200, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'POST /week/2026-W25/submission' => ['ada' => 302, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 403],
        'DELETE /week/2026-W25/submission' => ['ada' => 302, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 403],
        'PUT /week/cells' => ['ada' => 422, 'mo' => 422, 'lee' => 422, 'kit' => 422, 'vic' => 403],
        'GET /people/ada/week/2026-W25' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /people/zoe/week/2026-W25' => ['ada' => 404],
        'GET /review' => ['ada' => 200, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'POST /review/decisions' => ['ada' => 302, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 403],
        'GET /projects' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /projects/LENS' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 200],
        'GET /projects/OWN' => ['ada' => 403, 'mo' => 403, 'kit' => 200, 'vic' => 200],
        'GET /projects/NONE' => ['kit' => 404],
        'GET /sign-in' => ['ada' => 302],
        'POST /sign-in' => ['ada' => 302],
        'POST /sign-in/demo' => ['ada' => 302],
        'PATCH /preferences' => ['ada' => 302, 'kit' => 302, 'vic' => 302],
        'POST /sign-out' => ['ada' => 302, 'vic' => 302],
    ];

    #[DataProvider('table')]
    public function test_who_gets_where(string $route, string $person, int $status): void
    {
        $this->import(Lighthouse::files());
        [$method, $address] = explode(' ', $route);
        $body = match ($address) {
            '/week/cells' => ['task' => 0, 'date' => '2026-06-17', 'hours' => '8'],
            '/review/decisions' => ['decision' => 'approve', 'entries' => [['id' => 0, 'version' => 1]]],
            default => [],
        };
        $this->actingAs($this->person($person));

        $this->call($method, $address, $body, server: $address === '/week/cells' ? ['HTTP_ACCEPT' => 'application/json'] : [])->assertStatus($status);
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function table(): iterable
    {
        foreach (self::TABLE as $route => $people) {
            foreach ($people as $person => $status) {
                yield $route.' as '.$person => [$route, $person, $status];
            }
        }
    }

    public function test_the_table_knows_every_route(): void
    {
        $tried = [];
        foreach (array_keys(self::TABLE) as $line) {
            [$method, $address] = explode(' ', $line);
            $request = \Illuminate\Http\Request::create($address, $method);
            $tried[] = Router::getRoutes()->match($request)->uri().' '.$method;
        }
        foreach (Router::getRoutes()->getRoutes() as $route) {
            self::assertInstanceOf(Route::class, $route);
            self::assertContains($route->uri().' '.$route->methods()[0], $tried);
        }
    }

    public function test_without_signing_in_there_is_nothing_but_the_sign_in_page(): void
    {
        foreach (array_keys(self::TABLE) as $line) {
            [$method, $address] = explode(' ', $line);
            if (! str_starts_with($address, '/sign-in')) {
                $this->call($method, $address)->assertRedirect('/sign-in');
            }
        }
        $this->putJson('/week/cells')->assertUnauthorized()->assertJsonPath('message', __('faults.401'));
    }

    public function test_a_refusal_says_who_may(): void
    {
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('bo'))->get('/people/ada/week/2026-W25')->assertForbidden()->assertSee('seen by them, their line manager and the time office');
    }
}
