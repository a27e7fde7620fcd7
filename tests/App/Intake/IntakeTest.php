<?php

declare(strict_types=1);

namespace Tests\App\Intake;

use App\Models\ClientContact;
use App\Models\IntakeLink;
use App\Models\OutboxMail;
use App\Models\Project;
use App\Models\Upload;
use App\Models\WorkRequest;
use App\Models\WorkRequestFile;
use App\Models\WorkRequestState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Requests for work, until they are declined or a project. Today is Wednesday 17 June 2026. */
final class IntakeTest extends TestCase
{
    private const PIER = ['title' => 'Paint the pier', 'description' => "All of it.\nTwice.", 'client' => 'harbour', 'wantedBy' => '2026-09-30', 'about' => '120'];

    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.default' => 'outbox']);
        $this->import(Lighthouse::files());
    }

    protected function tearDown(): void
    {
        foreach (WorkRequestFile::query()->get() as $file) {
            File::delete(WorkRequestFile::folder().'/'.$file->stored_as);
        }
        parent::tearDown();
    }

    public function test_anybody_asks_once_the_office_has_opened_intake(): void
    {
        $this->actingAs($this->person('ada'))->post('/requests', self::PIER)->assertForbidden();
        self::assertFalse($this->given('/my-figures')->value('signedIn.requestsWork'));
        $this->actingAs($this->person('kit'))->put('/office/intake', ['open' => true])->assertSessionHas('message', 'Everybody in the organisation can request work now.');

        $this->actingAs($this->person('ada'))->post('/requests', self::PIER)->assertRedirect('/requests/1')->assertSessionHas('message', 'Your request has been sent.');
        $request = $this->given('/requests/1');
        self::assertSame(['Paint the pier', 'Harbour Board', '2026-09-30', 7200, false], [$request->value('request.title'), $request->value('request.client.name'), $request->value('request.wantedBy'), $request->value('request.about'), $request->value('request.decides')]);
        self::assertSame(['Ada Moor requests work: “Paint the pier”.'], $this->messagesOf('kit'));
        self::assertSame([1, false], [$this->actingAs($this->person('ada'))->given('/requests')->int('requests.open'), $this->given('/requests')->value('requests.decides')]);
    }

    public function test_it_is_discussed_and_each_side_is_told(): void
    {
        $this->asked();
        $this->actingAs($this->person('mo'))->post('/requests/1/comments', ['text' => 'Which colour?'])->assertSessionHas('message', 'Your comment is added.');
        self::assertContains('Mo Fell on “Paint the pier”: “Which colour?”', $this->messagesOf('ada'));
        $this->actingAs($this->person('ada'))->post('/requests/1/comments', ['text' => 'White.']);
        self::assertContains('Ada Moor on “Paint the pier”: “White.”', $this->messagesOf('mo'));
        self::assertSame(['Mo Fell', 'Ada Moor'], self::each($this->given('/requests/1')->value('request.comments'), 'by'));
        $this->post('/requests/1/comments', ['text' => ''])->assertSessionHasErrors('text');
    }

    public function test_it_is_declined_with_a_comment_once(): void
    {
        $this->asked();
        $this->actingAs($this->person('mo'))->post('/requests/1/declined', ['text' => ''])->assertSessionHasErrors('text');
        $this->post('/requests/1/declined', ['text' => 'Not this year.'])->assertSessionHas('message', 'The request is declined.');
        self::assertContains('Mo Fell declined your request “Paint the pier”: “Not this year.”', $this->messagesOf('ada'));
        $this->actingAs($this->person('kit'))->post('/requests/1/declined', ['text' => 'No.'])->assertSessionHas('refusal', 'This request has been decided already. Reload to see what became of it.');
        $this->post('/requests/1/project', ['name' => 'Pier', 'manager' => 'mo'])->assertSessionHas('refusal');
        self::assertSame(['Not this year.', 3], [WorkRequest::query()->sole()->comment, Project::query()->count()]);
    }

    public function test_it_becomes_a_project_with_client_dates_and_hours(): void
    {
        $this->asked();
        $this->actingAs($this->person('mo'))->post('/requests/1/project', ['name' => 'Pier paint', 'client' => 'harbour', 'manager' => 'mo', 'startsOn' => '2026-07-01', 'endsOn' => '2026-09-30', 'hours' => '120'])
            ->assertSessionHas('message', 'The request is now the project Pier paint.');

        $project = Project::query()->where('name', 'Pier paint')->sole();
        self::assertSame(['harbour', 'mo', '2026-07-01', '2026-09-30', [7200]], [$project->client?->code, $project->manager->code, $project->starts_on?->toString(), $project->ends_on?->toString(), DB::table('tasks')->where('project_id', $project->id)->pluck('planned_minutes')->all()]);
        self::assertContains('Mo Fell accepted your request “Paint the pier”: it is now the project Pier paint.', $this->messagesOf('ada'));
        self::assertSame([WorkRequestState::Accepted, $project->id], [WorkRequest::query()->sole()->state, WorkRequest::query()->sole()->project_id]);
        // Ada may not look at the project, Mo may.
        self::assertNull($this->actingAs($this->person('ada'))->given('/requests/1')->value('request.project'));
        self::assertSame('Pier paint', $this->actingAs($this->person('mo'))->given('/requests/1')->value('request.project.name'));
    }

    public function test_nothing_is_decided_where_the_project_cannot_be(): void
    {
        $this->asked();
        $this->actingAs($this->person('mo'))->post('/requests/1/project', ['name' => 'Pier', 'manager' => 'mo', 'hours' => 'many'])->assertSessionHasErrors('name');
        self::assertSame([WorkRequestState::Open, 3], [WorkRequest::query()->sole()->state, Project::query()->count()]);
    }

    /** @param  array<string, mixed>  $changed */
    #[TestWith([['title' => ''], 'title'])]
    #[TestWith([['client' => 'none'], 'client'])]
    #[TestWith([['wantedBy' => 'soon'], 'wantedBy'])]
    #[TestWith([['about' => 'much'], 'about'])]
    #[TestWith([['uploads' => ['../x']], 'uploads.0'])]
    #[TestWith([['uploads' => ['0123456789abcdef0123456789abcdef']], 'uploads'])]
    public function test_what_is_wrong_is_said_and_nothing_is_sent(array $changed, string $field): void
    {
        $this->actingAs($this->person('mo'))->post('/requests', $changed + self::PIER)->assertSessionHasErrors($field);
        self::assertSame(0, WorkRequest::query()->count());
    }

    public function test_files_are_known_by_their_content_and_only_downloaded(): void
    {
        $this->actingAs($this->person('mo'));
        $this->post('/requests', ['uploads' => [$this->sent('page.pdf', "<html><script>alert(1)</script></html>\n")]] + self::PIER)->assertSessionHasErrors(['uploads' => 'page.pdf is not a kind of file that can be attached. Attach PDF, pictures, text, office documents or ZIP.']);
        self::assertSame([0, 0], [WorkRequest::query()->count(), WorkRequestFile::query()->count()]);
        $this->post('/requests', ['uploads' => [$this->sent('plan.txt', "Paint it.\n")]] + self::PIER)->assertSessionHasNoErrors();
        $file = WorkRequestFile::query()->sole();
        $answer = $this->get("/requests/$file->work_request_id/files/$file->id")->assertOk();
        self::assertSame(['application/octet-stream', 'attachment; filename=plan.txt', 'sandbox'], [$answer->headers->get('Content-Type'), $answer->headers->get('Content-Disposition'), $answer->headers->get('Content-Security-Policy')]);
        $this->actingAs($this->person('bo'))->get("/requests/$file->work_request_id/files/$file->id")->assertForbidden();
    }

    public function test_a_client_asks_by_a_signed_link_and_is_told_by_email(): void
    {
        $this->actingAs($this->person('kit'))->post('/office/intake/links', ['client' => 'harbour', 'endsOn' => '2026-12-31'])->assertSessionHas('message', 'The link for Harbour Board is ready. Copy it from the list.');
        $link = $this->path($this->given('/office/intake')->value('intake.links.0.address'));
        $this->app->make('auth')->forgetGuards();
        $this->get('/intake/1')->assertForbidden();
        self::assertSame('Harbour Board', $this->given($link)->value('client'));
        $uploads = $this->given($link)->value('uploads');
        self::assertIsString($uploads);
        $id = $this->postJson($uploads, ['name' => 'plan.txt', 'size' => 3])->assertCreated()->json('id');
        self::assertIsString($id);
        $this->call('PUT', "/uploads/$id?from=0", content: 'abc')->assertOk();
        $this->post($link, ['name' => '', 'email' => 'x'] + self::PIER)->assertSessionHasErrors(['name', 'email']);
        $status = $this->post($link, ['name' => 'Orla Finch', 'email' => 'orla@harbour.example', 'uploads' => [$id]] + self::PIER)->assertRedirect()->headers->get('Location');

        $request = WorkRequest::query()->sole();
        self::assertSame(['Orla Finch', 'harbour', 1], [$request->contact_name, $request->client?->code, WorkRequestFile::query()->count()]);
        self::assertSame('Paint the pier', $this->given($this->path($status))->value('request.title'));
        $this->get("/intake/requests/$request->id")->assertForbidden();
        $this->post($this->path($status), ['text' => 'Any news?'])->assertSessionHas('message');

        $this->actingAs($this->person('mo'))->post("/requests/$request->id/comments", ['text' => 'Which colour?']);
        $this->post("/requests/$request->id/project", ['name' => 'Pier paint', 'client' => 'harbour', 'manager' => 'mo'])->assertSessionHasNoErrors();
        self::assertSame(['Your request “Paint the pier”', 'A comment on “Paint the pier”', 'Your request “Paint the pier” is accepted'], OutboxMail::query()->where('recipient', 'orla@harbour.example')->orderBy('id')->pluck('subject')->all());
        self::assertSame(['Orla Finch', 1], [Project::query()->where('name', 'Pier paint')->sole()->contact?->name, ClientContact::query()->count()]);
        self::assertSame('Orla Finch, orla@harbour.example', $this->given('/projects/'.Project::query()->where('name', 'Pier paint')->sole()->code)->value('project.contact'));
        // What the client sees names no project.
        $this->app->make('auth')->forgetGuards();
        self::assertNull($this->given($this->path($status))->value('request.project'));
    }

    public function test_a_link_works_until_its_last_day_or_until_it_is_revoked(): void
    {
        $this->actingAs($this->person('kit'))->post('/office/intake/links', ['client' => 'harbour', 'endsOn' => '2026-06-16'])->assertSessionHasErrors('endsOn');
        $this->post('/office/intake/links', ['client' => 'harbour', 'endsOn' => '2026-06-17']);
        $this->travelTo('2026-06-17 12:00:00');
        $link = $this->path($this->given('/office/intake')->value('intake.links.0.address'));
        $stored = IntakeLink::query()->sole();
        self::assertSame([true, false], [$stored->works(Day::of('2026-06-17')), $stored->works(Day::of('2026-06-18'))]);
        $this->get($link)->assertOk();
        $this->delete('/office/intake/links/1')->assertSessionHas('message', 'The link for Harbour Board no longer works.');
        $this->get($link)->assertForbidden();
        $this->post($link, self::PIER + ['name' => 'Orla', 'email' => 'orla@harbour.example'])->assertForbidden();
        // The signature ends too, whatever is stored.
        $stored->update(['revoked_at' => null]);
        $this->travelTo('2026-06-20 12:00:00');
        $this->get($link)->assertForbidden();
        self::assertSame(0, WorkRequest::query()->count());
    }

    private function asked(): void
    {
        $this->actingAs($this->person('kit'))->put('/office/intake', ['open' => true]);
        $this->actingAs($this->person('ada'))->post('/requests', self::PIER)->assertSessionHasNoErrors();
    }

    private function sent(string $name, string $content): string
    {
        $id = $this->postJson('/uploads', ['name' => $name, 'size' => strlen($content)])->json('id');
        self::assertIsString($id);
        $this->call('PUT', "/uploads/$id?from=0", content: $content);

        return Upload::query()->findOrFail($id)->id;
    }

    /** An address without the host. */
    private function path(mixed $address): string
    {
        self::assertIsString($address);

        return (string) preg_replace('~^https?://[^/]+~', '', $address);
    }

    /** @return list<mixed> */
    private function messagesOf(string $person): array
    {
        return self::each(array_filter((array) $this->actingAs($this->person($person))->given('/messages')->value('messages.messages'), static fn (mixed $one): bool => is_array($one) && is_string($one['link']) && str_starts_with($one['link'], '/requests')), 'text');
    }
}
