<?php

declare(strict_types=1);

namespace Tests\App\Api;

use App\Models\AccessRight;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Project;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;
use ZipArchive;

/** What programs keep: people, projects and their plans, estimates, corrections, files. Mo manages LENS, kit is the office. */
final class KeepingTest extends TestCase
{
    use AsksWithToken;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
    }

    public function test_people_are_added_and_changed_as_they_were_seen(): void
    {
        $this->ask('kit', 'POST', '/people', ['name' => 'Wyn Shaw', 'email' => 'wyn@lighthouse.example', 'access' => 'member', 'team' => 'field', 'pattern' => ['8', '8', '8', '8', '4', '0', '0'], 'startsOn' => '2026-06-01'])
            ->assertOk()->assertJsonPath('code', 'wyn')->assertJsonPath('team', 'field')->assertJsonPath('pattern.4', '4');
        $read = $this->ask('kit', 'GET', '/people/wyn')->assertOk();
        $tag = (string) $read->headers->get('ETag');
        $person = self::body($read->json());
        $this->ask('kit', 'PUT', '/people/wyn', $person)->assertStatus(428);
        $this->ask('kit', 'PUT', '/people/wyn', ['name' => 'Wyn Shore'] + $person, ['If-Match' => $tag])->assertOk()->assertJsonPath('name', 'Wyn Shore')->assertJsonPath('pattern.4', '4');
        $this->ask('kit', 'PUT', '/people/wyn', ['name' => 'Wyn Sand'] + $person, ['If-Match' => $tag])->assertStatus(412)->assertJsonPath('detail', __('api.changed'));
        $this->ask('kit', 'POST', '/people', ['name' => 'Other', 'email' => 'wyn@lighthouse.example', 'access' => 'member'])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '#/email');

        // As it was read, it is written without a change.
        $lines = DB::table('audit_trail')->count();
        $read = $this->ask('kit', 'GET', '/people/wyn');
        $this->ask('kit', 'PUT', '/people/wyn', self::body($read->json()), ['If-Match' => (string) $read->headers->get('ETag')])->assertOk();
        self::assertSame($lines, DB::table('audit_trail')->count());

        $first = $this->ask('kit', 'GET', '/people?limit=2')->assertJsonCount(2, 'data');
        $codes = array_column((array) $first->json('data'), 'code');
        while (is_string($next = $first->json('next'))) {
            $first = $this->ask('kit', 'GET', '/people?limit=2&cursor='.urlencode($next));
            $codes = [...$codes, ...array_column((array) $first->json('data'), 'code')];
        }
        self::assertSame(Person::query()->orderBy('code')->pluck('code')->all(), $codes);
        self::assertSame(['wyn'], array_column((array) $this->ask('kit', 'GET', '/people?email=wyn@lighthouse.example')->json('data'), 'code'));
    }

    public function test_a_project_is_created_planned_and_read(): void
    {
        $this->ask('mo', 'POST', '/projects', ['name' => 'Pier', 'code' => 'PIER', 'manager' => 'mo', 'startsOn' => '2026-06-15', 'endsOn' => '2026-07-31'])->assertOk()->assertJsonPath('manager', 'mo')->assertJsonPath('isOpen', true);
        $this->ask('mo', 'POST', '/projects', ['name' => 'Pier', 'code' => 'PIER', 'manager' => 'mo'])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '#/code');
        $plan = $this->ask('mo', 'POST', '/projects/PIER/plan', ['lines' => [
            ['task' => 'Piles', 'code' => 'PILES', 'who' => 'ada', 'role' => 'surveyor', 'planned' => '40', 'startsOn' => '2026-06-15', 'endsOn' => '2026-06-26'], ['who' => 'bo', 'planned' => '8'],
        ]])->assertOk()->assertJsonPath('plannedMinutes', 2880)->assertJsonPath('tasks.0.assignments.0.person', 'ada');
        $id = $plan->json('tasks.0.assignments.0.ids.0');
        $this->ask('mo', 'PATCH', '/projects/PIER/plan', ['changes' => [['assignments' => [$id], 'fields' => ['planned' => '30']]]])->assertOk()->assertJsonPath('plannedMinutes', 2280);
        $this->ask('mo', 'PATCH', '/projects/PIER/plan', ['changes' => [['assignments' => [$id], 'fields' => ['planned' => 'lots']]]])->assertUnprocessable();
        $this->ask('mo', 'POST', '/projects/PIER/plan/removals', ['assignments' => [$plan->json('tasks.0.assignments.1.ids.0')]])->assertOk()->assertJsonPath('plannedMinutes', 1800);

        $this->ask('ada', 'PUT', '/people/ada/entries', ['entries' => [['project' => 'PIER', 'task' => 'PILES', 'role' => 'surveyor', 'date' => '2026-06-16', 'hours' => '5']]])->assertJsonPath('data.0.outcome', 'saved');
        $this->ask('ada', 'PUT', '/projects/PIER/tasks/PILES/people/ada/remaining', ['done' => 'no', 'hours' => '28', 'reason' => 'More piles'])->assertOk()->assertJsonPath('remainingMinutes', 1680)->assertJsonPath('isEstimated', true);
        $this->ask('ada', 'PUT', '/projects/PIER/tasks/PILES/people/ada/remaining', ['done' => 'no', 'hours' => 'some'])->assertUnprocessable();
        $this->ask('mo', 'GET', '/projects/PIER/status')->assertOk()->assertJsonPath('figures', ['task' => null, 'planned' => 1800, 'actual' => 0, 'pending' => 300, 'remaining' => 1680, 'forecast' => 1980, 'variance' => 180])->assertJsonPath('tasks.0.task', 'PILES');
        $this->ask('mo', 'GET', '/projects/PIER/tasks/NONE/people/ada/remaining')->assertNotFound();

        $read = $this->ask('mo', 'GET', '/projects/PIER');
        $this->ask('mo', 'PUT', '/projects/PIER', ['isOpen' => false] + self::body($read->json()), ['If-Match' => (string) $read->headers->get('ETag')])->assertOk()->assertJsonPath('isOpen', false);
        self::assertSame(['OLD', 'PIER'], array_column((array) $this->ask('mo', 'GET', '/projects?state=closed&manager=mo')->json('data'), 'code'));
        self::assertSame(Project::query()->where('manager_id', $this->person('mo')->id)->orderBy('code')->pluck('code')->all(), array_column((array) $this->ask('mo', 'GET', '/projects')->json('data'), 'code'));
    }

    public function test_a_comparison_has_the_figures_of_its_file(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,2,approved\nada,LENS,FIT,surveyor,2026-06-17,3,submitted\n"]);
        $query = 'by=project&then=person&across=week&from=2026-06-01&to=2026-06-30&pending=in&show=planned,actual,pending,difference-pct';
        $asked = $this->ask('mo', 'GET', '/comparison?'.$query)->assertOk()->assertJsonPath('measures', ['planned', 'actual', 'pending', 'difference-pct']);
        $file = json_decode((string) $this->actingAs($this->person('mo'))->get('/compare.json?'.$query)->streamedContent(), true);
        self::assertIsArray($file);
        $rows = (array) $asked->json('rows');
        self::assertCount(count((array) $file['rows']), $rows);
        foreach ($rows as $place => $row) {
            foreach (['planned', 'actual', 'pending', 'difference_pct'] as $measure) {
                self::assertSame(data_get($file, "rows.$place.$measure"), data_get($row, 'values.'.$measure));
            }
            self::assertSame(data_get($file, "rows.$place.periods"), data_get($row, 'periods'));
        }
        self::assertSame(data_get($file, 'total.actual'), $asked->json('total.values.actual'));
    }

    public function test_a_correction_is_proposed_and_decided(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,2,approved\n"]);
        $id = Entry::query()->sole()->id;
        $body = ['entries' => [['entry' => $id, 'hours' => '3']], 'reason' => 'Forgot the climb'];
        $this->ask('ada', 'POST', '/people/ada/corrections', ['entries' => [['entry' => 999, 'hours' => '3']], 'reason' => 'x'])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '#/entries/0/entry');
        $this->ask('ada', 'POST', '/people/ada/corrections', $body)->assertOk()->assertJsonPath('waiting', 1);
        $this->ask('ada', 'POST', '/people/ada/corrections', $body)->assertOk()->assertJsonPath('waiting', 0);
        $waiting = $this->ask('mo', 'GET', '/waiting-corrections')->assertOk()->assertJsonPath('data.0.minutes', 180)->assertJsonPath('data.0.reason', 'Forgot the climb');
        $this->ask('mo', 'POST', '/correction-decisions', ['corrections' => [$waiting->json('data.0.id')], 'accept' => true])->assertOk()->assertJsonPath('decided', 1);
        self::assertSame(['accepted'], array_column((array) $this->ask('ada', 'GET', '/people/ada/corrections')->json('data'), 'state'));
        self::assertSame(180, (int) Entry::query()->sum('minutes'));

        $this->ask('ada', 'POST', '/people/ada/corrections', ['entries' => [['entry' => $id, 'hours' => '1']], 'reason' => 'Less'])->assertOk();
        $this->ask('ada', 'DELETE', '/people/ada/corrections/'.Correction::query()->latest('id')->firstOrFail()->id)->assertNoContent();
        self::assertSame([], $this->ask('mo', 'GET', '/waiting-corrections')->json('data'));
    }

    public function test_files_go_in_and_out(): void
    {
        $files = [['name' => 'clients.csv', 'content' => "client,name\nharbour,Harbour office\nquay,Quay office\n"]];
        $import = $this->ask('kit', 'POST', '/files/imports', ['files' => $files])->assertOk()->assertJsonPath('kind', 'import');
        $id = $import->json('id');
        self::assertIsInt($id);
        $checked = $this->ask('kit', 'GET', "/files/$id")->assertOk()->assertJsonPath('state', 'checked');
        self::assertSame(1, $checked->json('files.0.new'));
        $this->ask('kit', 'POST', "/files/$id/run")->assertOk();
        $this->ask('kit', 'GET', "/files/$id")->assertJsonPath('state', 'done');
        $this->assertDatabaseHas('clients', ['code' => 'quay']);
        $this->ask('kit', 'POST', "/files/$id/run")->assertUnprocessable();
        $this->ask('kit', 'POST', '/files/imports', ['files' => [['name' => '../x.csv', 'content' => 'x']]])->assertUnprocessable();

        $export = $this->ask('kit', 'POST', '/files/exports', ['kinds' => ['clients.csv']])->assertOk()->json('id');
        self::assertIsInt($export);
        $this->ask('kit', 'GET', "/files/$id/download")->assertNotFound();
        $file = $this->ask('kit', 'GET', "/files/$export/download")->assertOk()->baseResponse;
        self::assertInstanceOf(\Symfony\Component\HttpFoundation\BinaryFileResponse::class, $file);
        $zip = new ZipArchive;
        $zip->open($file->getFile()->getPathname());
        self::assertStringContainsString('Quay office', (string) $zip->getFromName('clients.csv'));
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, int>  $people
     */
    #[TestWith(['GET', '/people', [], ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['GET', '/people/ada', [], ['ada' => 200, 'bo' => 403, 'mo' => 403, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['POST', '/people', ['name' => 'Wyn', 'email' => 'wyn@lighthouse.example', 'access' => 'office'], ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['PUT', '/people/ada', ['name' => 'Ada', 'email' => 'ada@lighthouse.example', 'access' => 'office'], ['ada' => 403, 'mo' => 403, 'kit' => 412, 'vic' => 403]])]
    #[TestWith(['GET', '/projects', [], ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200]])]
    #[TestWith(['GET', '/projects/LENS', [], ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 200]])]
    #[TestWith(['GET', '/projects/LENS/status', [], ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 200]])]
    #[TestWith(['GET', '/projects/LENS/plan', [], ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 200]])]
    #[TestWith(['POST', '/projects', ['name' => 'Pier', 'manager' => 'mo'], ['ada' => 403, 'mo' => 200, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['PUT', '/projects/LENS', ['name' => 'Pier', 'manager' => 'mo'], ['ada' => 403, 'mo' => 412, 'lee' => 403, 'kit' => 412, 'vic' => 403]])]
    #[TestWith(['POST', '/projects/LENS/plan', ['lines' => [['task' => 'New']]], ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['PATCH', '/projects/LENS/plan', ['changes' => [['task' => 1, 'fields' => ['name' => 'x']]]], ['ada' => 403, 'lee' => 403, 'vic' => 403]])]
    #[TestWith(['POST', '/projects/LENS/plan/removals', ['task' => 1], ['ada' => 403, 'lee' => 403, 'vic' => 403]])]
    #[TestWith(['GET', '/projects/LENS/tasks/FIT/people/ada/remaining', [], ['ada' => 200, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200]])]
    #[TestWith(['PUT', '/projects/LENS/tasks/FIT/people/ada/remaining', ['done' => 'no', 'hours' => '20', 'reason' => 'so'], ['ada' => 200, 'bo' => 403, 'mo' => 200, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['GET', '/people/ada/corrections', [], ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['POST', '/people/ada/corrections', ['entries' => [['entry' => 1, 'hours' => '1']], 'reason' => 'x'], ['bo' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403]])]
    #[TestWith(['DELETE', '/people/ada/corrections/1', [], ['bo' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403]])]
    #[TestWith(['GET', '/waiting-corrections', [], ['ada' => 200, 'mo' => 200, 'vic' => 403]])]
    #[TestWith(['POST', '/correction-decisions', ['corrections' => [1], 'accept' => true], ['ada' => 422, 'vic' => 403]])]
    #[TestWith(['GET', '/comparison', [], ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200]])]
    #[TestWith(['GET', '/files', [], ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['POST', '/files/imports', ['files' => [['name' => 'clients.csv', 'content' => 'x']]], ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403]])]
    #[TestWith(['POST', '/files/exports', ['kinds' => ['clients.csv']], ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403]])]
    public function test_the_same_people_may_as_on_the_pages(string $method, string $address, array $body, array $people): void
    {
        foreach ($people as $person => $status) {
            DB::beginTransaction();
            self::assertSame($status, $this->ask($person, $method, $address, $body, ['If-Match' => '"seen"'])->getStatusCode(), "$person $method $address");
            DB::rollBack();
            $this->tokens = [];
        }
        $this->ask('kit', $method, $address, $body, ['If-Match' => '"seen"'], $method === 'GET' ? [] : [AccessRight::Read])->assertForbidden();
    }

    /** @return array<string, mixed> what was read, to be written */
    private static function body(mixed $read): array
    {
        return is_array($read) ? array_filter($read, is_string(...), ARRAY_FILTER_USE_KEY) : [];
    }
}
