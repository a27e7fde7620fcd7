<?php

declare(strict_types=1);

namespace Tests\App\Api;

use App\Models\AccessRight;
use App\Models\AccessToken;
use App\Models\Entry;
use App\Models\IdempotencyKey;
use App\Models\Person;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What programs ask with a token of ada's, unless it says otherwise. Today is Wednesday 17 June 2026. */
final class ApiTest extends TestCase
{
    use AsksWithToken;

    private const FIT = ['project' => 'LENS', 'task' => 'FIT', 'role' => 'surveyor'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
    }

    public function test_a_week_is_recorded_submitted_and_taken_back(): void
    {
        $this->ask('ada', 'GET', '/me')->assertOk()->assertJsonPath('person', 'ada')->assertJsonPath('rights', ['read', 'record', 'review', 'plan', 'office']);
        $work = $this->ask('ada', 'GET', '/assignments?from=2026-06-15&to=2026-06-21')->assertOk()->json('data');
        self::assertSame(['CLEAN', 'FIT', 'DRAW', 'SCRAP'], array_column(is_array($work) ? $work : [], 'task'));

        $saved = $this->ask('ada', 'PUT', '/people/ada/entries', ['entries' => [
            self::FIT + ['date' => '2026-06-16', 'hours' => '7:30', 'note' => 'bolts'], self::FIT + ['date' => '2026-06-17', 'minutes' => 480],
            ['project' => 'OLD', 'task' => 'SCRAP', 'role' => 'surveyor', 'date' => '2026-06-17', 'hours' => '1'], self::FIT + ['date' => '2026-06-18', 'hours' => 'much'],
        ]])->assertOk();
        self::assertSame(['saved', 'saved', 'refused', 'refused'], array_column((array) $saved->json('data'), 'outcome'));
        $saved->assertJsonPath('data.3.message', '“much” is not a number of hours. Enter it as 8, 7.5, 7:30, 7h 30m or 450m.');
        self::assertSame([450, 'bolts', 'draft', 1], [$saved->json('data.0.entry.minutes'), $saved->json('data.0.entry.note'), $saved->json('data.0.entry.state'), $saved->json('data.0.entry.version')]);

        $this->ask('ada', 'GET', '/people/ada/days/2026-W25/submission')->assertOk()->assertJsonPath('minutes', 930)->assertJsonPath('entries', 2);
        $this->ask('ada', 'POST', '/people/ada/days/2026-W25/submission')->assertOk()->assertJsonPath('minutes', 930)->assertJsonPath('approved', 0);
        $this->ask('ada', 'POST', '/people/ada/days/2026-W25/submission')->assertOk()->assertJsonPath('minutes', 0);
        self::assertSame(2, Entry::query()->where('state', 'submitted')->count());
        $this->ask('ada', 'DELETE', '/people/ada/days/2026-W25/submission')->assertOk()->assertJsonPath('minutes', 930);
        // The audit trail names the person, whatever asked.
        self::assertSame([$this->person('ada')->id], DB::table('audit_trail')->whereIn('act', ['submit', 'take back'])->distinct()->pluck('actor_id')->all());
    }

    public function test_what_the_house_rules_ask_is_explained(): void
    {
        $this->import(['house_rules.csv' => "rule,severity,limit,from\nday_above,explanation,600,2026-01-01\n", 'entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-17,11\n"]);
        $found = $this->ask('ada', 'GET', '/people/ada/days/2026-W25/submission')->json('findings');
        self::assertContains('day_above', array_column(is_array($found) ? $found : [], 'rule'));
        $this->ask('ada', 'POST', '/people/ada/days/2026-W25/submission')->assertUnprocessable()->assertJsonPath('status', 422);
        $this->ask('ada', 'POST', '/people/ada/days/2026-W25/submission', ['explanations' => [['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => 'Storm']]])->assertOk()->assertJsonPath('minutes', 660);
        $this->ask('ada', 'POST', '/people/ada/days/2026-W25/submission', ['explanations' => [['rule' => 'unknown', 'explanation' => 'Storm']]])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '#/explanations/0/rule');
    }

    public function test_entries_come_in_parts_in_the_order_of_days(): void
    {
        $rows = '';
        foreach (range(1, 12) as $day) {
            $rows .= sprintf("ada,OWN,TRAIN,,2026-06-%02d,1,%s\n", $day, $day < 5 ? 'submitted' : 'draft');
        }
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\n".$rows]);
        $dates = [];
        $cursor = '';
        do {
            $part = $this->ask('ada', 'GET', '/entries?limit=5'.$cursor)->assertOk();
            array_push($dates, ...array_column((array) $part->json('data'), 'date'));
            $next = $part->json('next');
            $cursor = is_string($next) ? '&cursor='.urlencode($next) : null;
        } while ($cursor !== null);
        self::assertSame(array_map(static fn (int $day): string => sprintf('2026-06-%02d', $day), range(1, 12)), $dates);

        self::assertCount(4, (array) $this->ask('ada', 'GET', '/entries?state=submitted')->json('data'));
        self::assertCount(3, (array) $this->ask('ada', 'GET', '/entries?from=2026-06-10&to=2026-06-30&project=OWN')->json('data'));
        self::assertCount(0, (array) $this->ask('ada', 'GET', '/entries?project=LENS')->json('data'));
        foreach (['cursor=nonsense', 'cursor='.base64_encode('{"password":"x","_pointsToNextItems":true}'), 'limit=501', 'limit=0', 'from=soon', 'state=lost', 'person=nobody'] as $asked) {
            $this->ask('ada', 'GET', '/entries?'.$asked)->assertUnprocessable()->assertHeader('Content-Type', 'application/problem+json');
        }
    }

    public function test_an_entry_is_changed_as_it_was_seen(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-17,2\n"]);
        $id = (int) $this->entry('ada', 'FIT', '2026-06-17')?->id;
        $tag = (string) $this->ask('ada', 'GET', "/entries/$id")->assertOk()->headers->get('ETag');
        self::assertSame('"1"', $tag);
        $this->ask('ada', 'GET', "/entries/$id", headers: ['If-None-Match' => $tag])->assertStatus(304);

        $this->ask('ada', 'PUT', "/entries/$id", ['hours' => '3'])->assertStatus(428);
        $changed = $this->ask('ada', 'PUT', "/entries/$id", ['hours' => '3', 'note' => 'bolts'], ['If-Match' => $tag])->assertOk()->assertJsonPath('minutes', 180)->assertJsonPath('note', 'bolts');
        self::assertSame('"2"', $changed->headers->get('ETag'));
        $this->ask('ada', 'PUT', "/entries/$id", ['hours' => '4'], ['If-Match' => $tag])->assertStatus(412)->assertJsonPath('detail', __('api.changed'));
        $this->ask('ada', 'PUT', "/entries/$id", ['hours' => '25'], ['If-Match' => '"2"'])->assertUnprocessable();
        $this->ask('ada', 'PUT', "/entries/$id", ['hours' => '1', 'minutes' => 60], ['If-Match' => '"2"'])->assertUnprocessable();
        $this->ask('ada', 'DELETE', "/entries/$id", headers: ['If-Match' => $tag])->assertStatus(412);
        $this->ask('ada', 'DELETE', "/entries/$id", headers: ['If-Match' => '"2"'])->assertNoContent();
        $this->ask('ada', 'GET', "/entries/$id")->assertNotFound();
    }

    public function test_what_waits_is_approved_or_returned_as_it_was_seen(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,2\nada,LENS,FIT,surveyor,2026-06-17,3\n"]);
        $this->ask('ada', 'POST', '/people/ada/days/2026-W25/submission')->assertOk();
        $waiting = $this->ask('mo', 'GET', '/waiting?limit=1')->assertOk()->assertJsonPath('data.0.date', '2026-06-16');
        $next = $waiting->json('next');
        self::assertIsString($next);
        $this->ask('mo', 'GET', '/waiting?limit=1&cursor='.urlencode($next))->assertJsonPath('data.0.date', '2026-06-17')->assertJsonPath('next', null);
        [$first, $second] = Entry::query()->orderBy('date')->get()->all();

        $this->ask('mo', 'POST', '/decisions', ['decision' => 'return', 'entries' => [['id' => $first->id, 'version' => $first->version]]])->assertUnprocessable();
        $this->ask('mo', 'POST', '/decisions', ['decision' => 'return', 'entries' => [['id' => $first->id, 'version' => $first->version]], 'comment' => 'Which lens?'])->assertOk()->assertJsonPath('minutes', 120);
        $this->ask('mo', 'POST', '/decisions', ['decision' => 'approve', 'entries' => [['id' => $second->id, 'version' => $second->version], ['id' => $first->id, 'version' => $first->version]]])->assertOk()->assertJsonPath('minutes', 180)->assertJsonPath('isWhole', false);
        self::assertSame(['returned', 'approved'], [$first->refresh()->state->value, $second->refresh()->state->value]);
        self::assertSame([], $this->ask('lee', 'GET', '/waiting')->json('data'));
        // Reading is never answered from before.
        $this->ask('mo', 'GET', '/waiting', headers: ['Idempotency-Key' => 'read'])->assertOk();
        $this->ask('mo', 'GET', '/waiting', headers: ['Idempotency-Key' => 'read'])->assertHeaderMissing('Idempotent-Replayed');
        $this->ask('vic', 'GET', '/waiting')->assertForbidden();
        $this->ask('ada', 'POST', '/decisions', ['decision' => 'approve', 'entries' => [['id' => $first->id, 'version' => 3]]], rights: [AccessRight::Read])->assertForbidden();
    }

    public function test_a_request_with_a_key_is_done_once(): void
    {
        $body = ['entries' => [self::FIT + ['date' => '2026-06-17', 'hours' => '2']]];
        $first = $this->ask('ada', 'PUT', '/people/ada/entries', $body, ['Idempotency-Key' => 'a1'])->assertOk();
        $again = $this->ask('ada', 'PUT', '/people/ada/entries', $body, ['Idempotency-Key' => 'a1'])->assertOk()->assertHeader('Idempotent-Replayed', 'true');
        self::assertSame($first->getContent(), $again->getContent());
        self::assertSame(1, DB::table('audit_trail')->where('subject', 'entry')->count());
        $this->ask('ada', 'PUT', '/people/ada/entries', ['entries' => [self::FIT + ['date' => '2026-06-17', 'hours' => '3']]], ['Idempotency-Key' => 'a1'])->assertUnprocessable()->assertJsonPath('detail', __('api.key_used'));
        $this->ask('ada', 'PUT', '/people/ada/entries', $body, ['Idempotency-Key' => str_repeat('a', 201)])->assertStatus(400);
        // Somebody else's key is another one.
        $this->ask('bo', 'PUT', '/people/bo/entries', ['entries' => [['project' => 'OWN', 'task' => 'TRAIN', 'date' => '2026-06-17', 'hours' => '1']]], ['Idempotency-Key' => 'a1'])->assertOk()->assertHeaderMissing('Idempotent-Replayed');
        IdempotencyKey::query()->where('key', 'a1')->update(['status' => null]);
        $this->ask('ada', 'PUT', '/people/ada/entries', $body, ['Idempotency-Key' => 'a1'])->assertStatus(409);

        IdempotencyKey::query()->update(['asked_at' => '2026-01-01T00:00:00Z']);
        Artisan::call('moss:clear-keys');
        self::assertSame(0, IdempotencyKey::query()->count());
    }

    /** @param  array<string, mixed>  $entry */
    #[TestWith([['task' => 'NONE'], '#/entries/0/task'])]
    #[TestWith([['role' => 'none'], '#/entries/0/role'])]
    #[TestWith([['date' => '2026-02-30'], '#/entries/0/date'])]
    #[TestWith([['minutes' => 60], '#/entries/0/minutes'])]
    #[TestWith([['minutes' => -1, 'hours' => null], '#/entries/0/minutes'])]
    public function test_entries_that_cannot_be_read_are_refused_together(array $entry, string $pointer): void
    {
        $answer = $this->ask('ada', 'PUT', '/people/ada/entries', ['entries' => [$entry + self::FIT + ['date' => '2026-06-17', 'hours' => '2'], self::FIT + ['date' => '2026-06-16', 'hours' => '2']]]);
        $answer->assertUnprocessable()->assertJsonPath('errors.0.pointer', $pointer)->assertJsonPath('type', 'about:blank');
        self::assertSame(0, Entry::query()->count());
        $this->ask('ada', 'PUT', '/people/ada/entries', ['entries' => [self::FIT + ['date' => '2026-06-17', 'hours' => '2'], self::FIT + ['date' => '2026-06-17', 'hours' => '3']]])->assertUnprocessable();
    }

    /**
     * What each person may ask of ada's time.
     *
     * @param  array<string, int>  $people
     */
    #[TestWith(['GET', '/people/ada/days/2026-W25/submission', ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403]])]
    #[TestWith(['POST', '/people/ada/days/2026-W25/submission', ['ada' => 200, 'bo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403]])]
    #[TestWith(['DELETE', '/people/ada/days/2026-W25/submission', ['ada' => 200, 'bo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403]])]
    #[TestWith(['GET', '/entries?person=ada', ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['GET', '/entries/1', ['ada' => 200, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['PUT', '/entries/1', ['ada' => 200, 'bo' => 403, 'mo' => 403, 'vic' => 403]])]
    #[TestWith(['DELETE', '/entries/1', ['ada' => 204, 'bo' => 403, 'mo' => 403, 'vic' => 403]])]
    #[TestWith(['PUT', '/people/ada/entries', ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['GET', '/assignments', ['ada' => 200, 'vic' => 403]])]
    #[TestWith(['GET', '/me', ['ada' => 200, 'vic' => 200]])]
    public function test_the_same_people_may_as_on_the_pages(string $method, string $address, array $people): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-17,2\n"]);
        $body = $address === '/people/ada/entries' ? ['entries' => [self::FIT + ['date' => '2026-06-16', 'note' => 'bolts', 'hours' => '1']]] : ['note' => 'bolts'];
        foreach ($people as $person => $status) {
            DB::beginTransaction();
            $this->ask($person, $method, $address, $body, ['If-Match' => '"1"'])->assertStatus($status);
            DB::rollBack();
            $this->tokens = [];
        }
    }

    public function test_a_token_does_what_its_rights_say_until_its_last_day(): void
    {
        $reads = [AccessRight::Read];
        $this->ask('ada', 'GET', '/me', rights: $reads)->assertOk()->assertHeader('X-RateLimit-Limit');
        $this->ask('ada', 'POST', '/people/ada/days/2026-W25/submission', rights: $reads)->assertForbidden()->assertJsonPath('detail', __('api.right', ['right' => 'record']));
        $this->ask('ada', 'GET', '/entries', rights: [AccessRight::Record])->assertForbidden();
        self::assertNotNull(AccessToken::query()->firstOrFail()->last_used_at);

        AccessToken::query()->update(['expires_at' => '2026-01-01 00:00:00']);
        $this->ask('ada', 'GET', '/me', rights: $reads)->assertUnauthorized()->assertHeader('Content-Type', 'application/problem+json');
        AccessToken::query()->update(['expires_at' => '2999-01-01 00:00:00']);
        Person::query()->where('code', 'ada')->update(['disabled_at' => '2026-06-01T00:00:00Z']);
        $this->ask('ada', 'GET', '/me', rights: $reads)->assertUnauthorized();
        AccessToken::query()->delete();
        $this->ask('ada', 'GET', '/me', rights: $reads)->assertUnauthorized();
    }

    public function test_a_session_is_no_token_and_a_token_opens_no_page(): void
    {
        $this->actingAs($this->person('ada'))->getJson('/api/v1/me')->assertUnauthorized();
        $token = $this->person('ada')->createToken('Test', ['read'], now()->addDay())->plainTextToken;
        $this->app->make('auth')->forgetGuards();
        $this->withToken($token)->get('/week/2026-W25')->assertRedirect('/sign-in');
    }

    public function test_the_document_is_for_everybody_and_complete(): void
    {
        $document = $this->getJson('/api/v1/openapi.json')->assertOk()->assertJsonPath('openapi', '3.1.0');
        self::assertCount(30, (array) $document->json('paths'));
        $this->getJson('/api/v1/nowhere')->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
        $this->postJson('/api/v1/me')->assertStatus(405)->assertJsonPath('status', 405);
    }
}
