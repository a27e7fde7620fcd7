<?php

declare(strict_types=1);

namespace Tests\App\Compare;

use App\Models\ComparisonMailing;
use App\Models\OutboxAttachment;
use App\Models\OutboxMail;
use App\Models\SavedComparison;
use DateTimeImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Today is Wednesday 17 June 2026. */
final class SavedComparisonsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'entries.csv' => "person,project,task,role,date,hours,state,note\nada,LENS,FIT,surveyor,2026-06-16,8,approved,\nbo,OWN,TRAIN,,2026-06-16,4,approved,\n",
        ]));
    }

    public function test_a_comparison_is_saved_under_a_name_with_a_period_that_moves_along(): void
    {
        $saved = $this->saved('kit', 'Coast', 'by=team&period=this-month&team=field&page=4&figure=actual&nonsense=1');

        self::assertSame('by=team&period=this-month&team=field&tolerance=10&sort=attention&show=planned%2Cplanned-to-date%2Cactual%2Cpending%2Cdifference', $saved->address);
        $this->get('/comparisons/'.$saved->id)->assertRedirect('/compare?'.$saved->address.'&saved='.$saved->id);
        $page = $this->props('/compare?'.$saved->address.'&saved='.$saved->id);
        self::assertSame(['Coast', false, '2026-06-01'], [$page->text('saved.name'), $page->value('saved.isChanged'), $page->text('comparison.first')]);
        self::assertTrue($this->props('/compare?by=person&saved='.$saved->id)->value('saved.isChanged'));
        $list = $this->props('/comparisons')->rows('comparisons');
        self::assertSame(['Coast', 'this-month', '2026-06-30'], [$list[0]->text('name'), $list[0]->text('period'), $list[0]->text('last')]);
    }

    public function test_every_change_is_a_version_and_says_who_made_it(): void
    {
        $saved = $this->saved('mo', 'Mine', 'by=person');
        $this->put('/comparisons/'.$saved->id, ['name' => 'Ours', 'address' => 'by=team', 'version' => 1])->assertSessionHas('message');
        $this->put('/comparisons/'.$saved->id, ['name' => 'Ours'])->assertSessionHas('message');
        $this->put('/comparisons/'.$saved->id.'/sharing', ['sharing' => 'everybody', 'readers' => []])->assertSessionHas('message');
        $this->actingAs($this->person('kit'))->put('/comparisons/'.$saved->id, ['name' => 'All of ours'])->assertSessionHas('message');

        $one = $this->props('/comparisons')->rows('comparisons')[0];
        self::assertSame([[3, 'All of ours', 'Kit Ness'], [2, 'Ours', 'Mo Fell'], [1, 'Mine', 'Mo Fell']], array_map(
            static fn (PageProps $version): array => [$version->int('number'), $version->text('name'), $version->text('by')], $one->rows('versions'),
        ));
        self::assertStringStartsWith('by=team&', $saved->refresh()->address);
        $this->put('/comparisons/'.$saved->id, ['name' => 'Too late', 'address' => 'by=role', 'version' => 2])->assertSessionHas('refusal');
        self::assertSame('All of ours', $saved->refresh()->name);
    }

    public function test_a_name_is_asked_for_and_taken_once(): void
    {
        $this->saved('kit', 'Coast', '');
        $this->post('/comparisons', ['name' => 'Coast', 'address' => ''])->assertSessionHas('refusal', 'You have a comparison with this name already. Choose another name.');
        $this->post('/comparisons', ['name' => ' ', 'address' => ''])->assertSessionHasErrors('name');
        $this->post('/comparisons', ['name' => str_repeat('x', 81), 'address' => ''])->assertSessionHasErrors('name');
        $this->actingAs($this->person('mo'))->post('/comparisons', ['name' => 'Coast', 'address' => ''])->assertSessionHas('message');

        self::assertSame(2, SavedComparison::query()->count());
    }

    /** @param  list<string>  $readers */
    #[DataProvider('sharings')]
    public function test_a_comparison_is_read_by_whom_it_is_shared_with_and_by_nobody_else(string $sharing, array $readers, string $reader, bool $reads): void
    {
        $saved = $this->saved('mo', 'Mine', 'by=person');
        $this->put('/comparisons/'.$saved->id.'/sharing', ['sharing' => $sharing, 'readers' => $readers])->assertSessionHas('message');

        $this->actingAs($this->person($reader));
        self::assertCount($reads ? 1 : 0, $this->props('/comparisons')->rows('comparisons'));
        self::assertSame($reads, $this->props('/compare?saved='.$saved->id)->value('saved') !== null);
        $this->get('/comparisons/'.$saved->id)->assertStatus($reads ? 302 : 403);
        $this->put('/comparisons/'.$saved->id.'/mail', ['rhythm' => 'week', 'day' => 1])->assertStatus($reads ? 302 : 403);
        $this->put('/comparisons/front-page', ['comparisons' => [$saved->id]])->assertRedirect();
        self::assertSame($reads ? 1 : 0, DB::table('front_page_comparisons')->count());
    }

    /** @return iterable<string, array{string, list<string>, string, bool}> */
    public static function sharings(): iterable
    {
        yield 'nobody' => ['nobody', [], 'kit', false];
        yield 'nobody, also where readers are named' => ['nobody', ['person:kit'], 'kit', false];
        yield 'everybody' => ['everybody', [], 'vic', true];
        yield 'a person' => ['some', ['person:vic'], 'vic', true];
        yield 'another person' => ['some', ['person:vic'], 'lee', false];
        yield 'a team of which one is no member' => ['some', ['team:field'], 'lee', false];
        yield 'nobody that there is' => ['some', ['person:nobody', 'team:sea'], 'kit', false];
    }

    public function test_a_team_reads_what_is_shared_with_it(): void
    {
        $this->person('lee')->update(['team_id' => DB::table('teams')->value('id')]);
        $saved = $this->saved('mo', 'Mine', 'by=person');
        $this->put('/comparisons/'.$saved->id.'/sharing', ['sharing' => 'some', 'readers' => ['team:field']]);

        $this->actingAs($this->person('lee'));
        self::assertSame('Field', $this->props('/comparisons')->text('comparisons.0.readers.0.name'));
    }

    public function test_each_reader_sees_what_they_may_see(): void
    {
        $saved = $this->saved('kit', 'All', 'by=project&period=this-month&show=actual,cost');
        $this->put('/comparisons/'.$saved->id.'/sharing', ['sharing' => 'everybody']);
        $seen = [];
        foreach (['kit', 'mo', 'vic'] as $reader) {
            $page = $this->actingAs($this->person($reader))->props('/compare?'.$saved->address.'&saved='.$saved->id);
            $seen[$reader] = [$page->int('comparison.total.actual'), $page->value('comparison.measures'), $page->value('saved.isChanged')];
        }

        self::assertSame(['kit' => [720, ['actual', 'cost'], false], 'mo' => [480, ['actual'], false], 'vic' => [720, ['actual'], false]], $seen);
    }

    #[DataProvider('changes')]
    public function test_nobody_else_changes_it(string $method, string $path): void
    {
        $saved = $this->saved('mo', 'Mine', 'by=person');
        $this->put('/comparisons/'.$saved->id.'/sharing', ['sharing' => 'everybody']);
        $this->actingAs($this->person('lee'))->json($method, '/comparisons/'.$saved->id.$path, ['name' => 'x', 'sharing' => 'nobody'])->assertForbidden();
        $this->actingAs($this->person('ada'))->json($method, '/comparisons/'.$saved->id.$path, ['name' => 'x', 'sharing' => 'nobody'])->assertForbidden();

        self::assertSame('Mine', $saved->refresh()->name);
    }

    /** @return iterable<array{string, string}> */
    public static function changes(): iterable
    {
        yield ['put', ''];
        yield ['delete', ''];
        yield ['put', '/sharing'];
    }

    public function test_what_is_removed_is_gone_from_everywhere(): void
    {
        $saved = $this->saved('kit', 'Coast', '');
        $this->put('/comparisons/front-page', ['comparisons' => [$saved->id]]);
        $this->put('/comparisons/'.$saved->id.'/mail', ['rhythm' => 'month', 'day' => 28]);
        $this->delete('/comparisons/'.$saved->id)->assertRedirect('/comparisons');

        foreach (['saved_comparisons', 'saved_comparison_versions', 'comparison_mailings', 'front_page_comparisons'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
    }

    public function test_it_is_mailed_once_on_its_day_with_the_figures_that_the_reader_may_see(): void
    {
        // It is not mailed in the night.
        $this->travelTo(new DateTimeImmutable('2026-06-17T12:00:00Z'));
        $saved = $this->saved('kit', 'Coast: the whole', 'by=project&period=this-month');
        $this->put('/comparisons/'.$saved->id.'/sharing', ['sharing' => 'everybody']);
        $this->actingAs($this->person('mo'))->put('/comparisons/'.$saved->id.'/mail', ['rhythm' => 'week', 'day' => 3])->assertSessionHas('message');
        Artisan::call('moss:mail-comparisons');
        self::assertSame(0, OutboxMail::query()->count(), 'The first one comes on the next such day.');

        ComparisonMailing::query()->update(['sent_on' => '2026-06-16']);
        Artisan::call('moss:mail-comparisons');
        Artisan::call('moss:mail-comparisons');

        $mail = OutboxMail::query()->sole();
        self::assertSame(['mo@lighthouse.example', 'Coast: the whole, 1 Jun 2026 to 30 Jun 2026'], [$mail->recipient, $mail->subject]);
        self::assertStringContainsString('8 h actual', str_replace("\u{00A0}", ' ', $mail->text));
        $files = OutboxAttachment::query()->orderBy('id')->get();
        self::assertSame(['coast-the-whole-2026-06-01-to-2026-06-30.pdf', 'coast-the-whole-2026-06-01-to-2026-06-30.csv'], $files->pluck('name')->all());
        self::assertStringStartsWith('%PDF', $files[0]->contents ?? '');
        self::assertStringContainsString('LENS', $files[1]->contents ?? '');
        self::assertStringNotContainsString('OWN', $files[1]->contents ?? '', 'A manager gets their projects alone.');
        $path = '/outbox/'.$mail->id.'/attachments/'.($files[1]->id ?? 0);
        self::assertSame($files[1]->contents ?? '', $this->get($path)->assertOk()->streamedContent());
        $this->actingAs($this->person('kit'))->get($path)->assertNotFound();
    }

    public function test_whoever_may_not_read_it_any_more_gets_no_mail(): void
    {
        $saved = $this->saved('kit', 'Coast', '');
        $this->put('/comparisons/'.$saved->id.'/sharing', ['sharing' => 'everybody']);
        $this->actingAs($this->person('mo'))->put('/comparisons/'.$saved->id.'/mail', ['rhythm' => 'week', 'day' => 3]);
        ComparisonMailing::query()->update(['sent_on' => '2026-06-16']);
        $this->actingAs($this->person('kit'))->put('/comparisons/'.$saved->id.'/sharing', ['sharing' => 'nobody']);
        Artisan::call('moss:mail-comparisons');

        self::assertSame(0, OutboxMail::query()->count());
    }

    #[DataProvider('badDays')]
    public function test_a_day_that_no_week_or_month_has_is_refused(string $rhythm, int $day): void
    {
        $saved = $this->saved('kit', 'Coast', '');
        $this->put('/comparisons/'.$saved->id.'/mail', ['rhythm' => $rhythm, 'day' => $day])->assertSessionHasErrors();

        self::assertSame(0, ComparisonMailing::query()->count());
    }

    /** @return iterable<array{string, int}> */
    public static function badDays(): iterable
    {
        yield ['week', 8];
        yield ['month', 29];
        yield ['week', 0];
        yield ['year', 1];
    }

    private function saved(string $owner, string $name, string $address): SavedComparison
    {
        $this->actingAs($this->person($owner))->post('/comparisons', ['name' => $name, 'address' => $address])->assertSessionHas('message');

        return SavedComparison::query()->orderByDesc('id')->firstOrFail();
    }

    private function props(string $address): PageProps
    {
        $props = null;
        $this->get($address)->assertOk()->assertInertia(function (AssertableInertia $page) use (&$props): void {
            $props = PageProps::of($page->toArray())->value('props');
        });

        return PageProps::of($props);
    }
}
