<?php

declare(strict_types=1);

namespace Tests\App\Http;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Inertia\Inertia;
use Inertia\Testing\AssertableInertia;
use Mockery\MockInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Whatever a request brings, it is answered or refused with a sentence. */
final class UnreadableInputTest extends TestCase
{
    private const BIG = '99999999999999999999999';

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    #[DataProvider('addresses')]
    public function test_no_address_breaks_a_page(string $address): void
    {
        foreach ($this->variants($address) as $variant) {
            self::assertLessThan(500, $this->get($variant)->getStatusCode(), $variant);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function addresses(): iterable
    {
        foreach ([
            '/projects?search=&page=&sort=&state=&manager=&only=', '/projects/LENS?figure=&task=&phase=&assignee=', '/projects/LENS/plan?compare=',
            '/projects/LENS/plan/load?person=&from=&to=', '/new-project?from=', '/review?by=&look=&search=&open=&page=&sheets=',
            '/review/effect?projects=', '/not-submitted?week=&search=&page=', '/messages?before=', '/outbox?search=&before=&mail=', '/timesheets?search=',
            '/office/periods?day=', '/office/routes?search=&page=', '/office/rates?search=&page=', '/office/audit-trail?search=&subject=&from=&to=&before=',
            '/people/ada/week/2026-W25/lines?search=', '/people/ada/week/2026-W25/quick-line?line=&task=', '/people/ada/week/2026-W25/audit-trail?task=&role=&date=',
        ] as $address) {
            yield $address => [$address];
        }
    }

    /** @return list<string> */
    private function variants(string $address): array
    {
        $values = ['[]=x', '[a][b]=x', '=%FF%FE', '='.self::BIG, '=-1', '=0', '=9223372036854775807', '=2999-01-01', '=9999-W52', '=%00', '=%27', '='.str_repeat('a', 3000)];

        return array_map(static fn (string $value): string => preg_replace('/=(?=&|$)/', $value, $address) ?? $address, $values);
    }

    public function test_weeks_and_rows_out_of_reach_are_not_there(): void
    {
        foreach (['/week/9999-W52', '/week/2999-W01', '/week/0001-W01', '/week/1999-W50', '/week/2037-W10', '/outbox/'.self::BIG, '/people/ada/tasks/'.self::BIG.'/remaining', '/%FF', '/nowhere'] as $address) {
            $status = $this->get($address)->getStatusCode();
            self::assertContains($status, [400, 404], $address);
        }
        self::assertContains($this->deleteJson('/stand-ins/'.self::BIG)->getStatusCode(), [404, 405]);
        $this->get('/week/2036-W40')->assertOk();
    }

    #[DataProvider('bodies')]
    public function test_no_body_breaks_an_act(string $method, string $address, string $json): void
    {
        $body = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($body);

        $this->json($method, $address, $body)->assertStatus(422);
        self::assertSame(0, DB::table('entries')->count());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function bodies(): iterable
    {
        $cells = '/people/ada/week/2026-W25/cells';
        yield 'role 0' => ['PUT', $cells, '{"cells": [{"task": 1, "role": 0, "date": "2026-06-17", "hours": "1"}]}'];
        yield 'a task of 23 digits' => ['PUT', $cells, '{"cells": [{"task": "'.self::BIG.'", "date": "2026-06-17", "hours": "1"}]}'];
        yield 'a list for a date' => ['PUT', $cells, '{"cells": [{"task": 1, "date": ["2026-06-17"], "hours": "1"}]}'];
        yield 'a list for hours' => ['PUT', $cells, '{"cells": [{"task": 1, "date": "2026-06-17", "hours": ["1"]}]}'];
        yield 'a year too far away' => ['PUT', '/people/ada/week/2026-W25/spans', '{"date": "2999-01-01"}'];
        yield 'stand-in dates that are lists' => ['POST', '/stand-ins', '{"standIn": "lee", "from": ["2026-06-20"], "to": ["2026-06-21"]}'];
        yield 'a rate for a list of people' => ['PUT', '/office/rates', '{"person": ["ada"], "from": ["2026-06-01"], "cost": "90"}'];
        yield 'a tolerance that is a list' => ['PUT', '/office/remaining', '{"mode": "notify", "tolerance": ["2"]}'];
        yield 'a project that ends in a list' => ['POST', '/projects', '{"name": "Fog horn", "manager": "mo", "startsOn": ["2026-06-01"], "endsOn": "2026-07-01"}'];
        yield 'a project that is a list' => ['POST', '/projects', '{"name": ["Fog horn"], "manager": ["mo"]}'];
        yield 'reviewed entries without numbers' => ['POST', '/review/decisions', '{"decision": "approve", "entries": [{"id": [], "version": {}}]}'];
        yield 'a comment that is a list' => ['POST', '/review/decisions', '{"decision": "return", "entries": [{"id": 1, "version": 1}], "comment": ["no"]}'];
        yield 'a due day that is a list' => ['PUT', '/office/periods/due', '{"days": [1]}'];
        yield 'messages read up to a list' => ['PUT', '/messages/read', '{"upTo": [1]}'];
        yield 'a plan row of 23 digits' => ['PUT', '/projects/LENS/plan/removed', '{"task": "'.self::BIG.'"}'];
    }

    public function test_signing_in_with_lists_is_refused(): void
    {
        auth()->logout();
        $this->postJson('/sign-in/demo', ['person' => ['ada']])->assertStatus(422);
        $this->postJson('/sign-in', ['email' => ['ada'], 'password' => ['x']])->assertStatus(422);
    }

    public function test_a_list_that_is_too_long_is_refused_before_its_rows_are_looked_at(): void
    {
        $rows = array_fill(0, 1500, ['task' => 'not a number', 'date' => 'no day']);

        $this->putJson('/people/ada/week/2026-W25/cells', ['cells' => $rows])->assertStatus(422)->assertJsonValidationErrorFor('cells')->assertJsonMissingValidationErrors('cells.0.task');
        $this->putJson('/people/ada/week/2026-W25/cells', ['cells' => array_fill(0, 20_000, ['task' => 1, 'date' => 'x'])])->assertStatus(400);
        $this->putJson('/projects/LENS/plan', ['changes' => [['assignments' => array_fill(0, 401, 'x'), 'fields' => ['planned' => '1']]]])->assertJsonMissingValidationErrors('changes.0.assignments.0');
    }

    public function test_text_that_hides_the_direction_of_reading_is_stored_without_it(): void
    {
        $this->postJson('/projects', ['name' => "Fog\u{202E}nroh\u{2066}", 'code' => 'FOG', 'manager' => 'mo'])->assertRedirect();

        self::assertSame('Fognroh', DB::table('projects')->where('code', 'FOG')->value('name'));
    }

    public function test_a_page_elsewhere_that_sent_us_here_is_not_gone_back_to(): void
    {
        $this->withHeader('Referer', 'https://elsewhere.example/trap')->post('/office/periods', ['day' => 'x'])->assertRedirect('/');
        $this->withHeader('Referer', 'http://127.0.0.1.elsewhere.example/trap')->post('/office/periods', ['day' => 'x'])->assertRedirect('/');
        $this->withHeader('Referer', url('/office/periods'))->post('/office/periods', ['day' => 'x'])->assertRedirect('/office/periods');
    }

    public function test_an_address_without_a_route_shows_a_page_with_its_sections(): void
    {
        $this->get('/nowhere')->assertNotFound()->assertInertia(fn (AssertableInertia $page) => $page->component('Fault')->where('sentence', __('faults.404'))->where('signedIn.code', 'kit')->where('theme', 'system'));
        // An address that takes only another method has no session; its page has all the same what every page needs.
        Inertia::flushShared();
        $this->post('/week')->assertStatus(405)->assertInertia(fn (AssertableInertia $page) => $page->component('Fault')->where('signedIn', null)->where('theme', 'system'));
    }

    public function test_a_query_that_fails_is_logged_without_what_was_typed(): void
    {
        $log = Log::spy();
        report(new \Illuminate\Database\QueryException('sqlite', 'insert into people (name) values (?)', ['Ada Moor'], new \PDOException("UNIQUE constraint failed: 'Ada Moor'")));

        self::assertInstanceOf(MockInterface::class, $log);
        $log->shouldHaveReceived('error')->withArgs(static fn (string $message, array $context): bool => ! str_contains($message.json_encode($context), 'Ada Moor'));
    }
}
