<?php

declare(strict_types=1);

namespace Tests\App\FirstStart;

use App\Models\Access;
use App\Models\Holiday;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** From an empty database to an organisation. Today is Wednesday 17 June 2026. */
final class FirstStartTest extends TestCase
{
    use SignsIn;

    private const GIVEN = [
        'organisation' => 'Skerry Instruments', 'country' => 'IE', 'currency' => 'EUR', 'pattern' => ['7:30', '7.5', '7.5', '7.5', '6', '', '0'],
        'name' => 'Nora Vane', 'email' => 'Nora.Vane@skerry.example', 'password' => 'seven herons at low water', 'timezone' => 'Europe/Dublin',
    ];

    public function test_where_nobody_is_yet_everything_leads_to_setting_up(): void
    {
        $this->get('/')->assertRedirect('/sign-in');
        $this->get('/sign-in')->assertRedirect('/start');
        self::assertSame('', $this->given('/start')->text('start.key'));
        $this->post('/start?key=guessed', self::GIVEN)->assertForbidden();
        self::assertSame(0, Person::query()->count());
    }

    public function test_the_link_sets_up_the_organisation_and_signs_its_first_person_in(): void
    {
        $link = $this->link();
        self::assertNotSame('', $this->given($link)->text('start.key'));
        $this->post($link, self::GIVEN)->assertRedirect('/office')->assertSessionHas('message', __('organisation.started'));

        $organisation = Organisation::query()->with('calendar')->sole();
        self::assertSame(['Skerry Instruments', 'EUR', '7.5 7.5 7.5 7.5 6 0 0', 'Ireland'], [$organisation->name, $organisation->currency, $organisation->pattern, $organisation->calendar?->code]);
        $nora = Person::query()->sole();
        self::assertSame(['nora.vane', 'nora.vane@skerry.example', Access::Office, 'Europe/Dublin', '2026-06-15'], [$nora->code, $nora->email, $nora->access, $nora->timezone, $nora->starts_on?->toString()]);
        self::assertSame([20, '2026-01-01', '2027-12-26'], [Holiday::query()->count(), DB::table('holidays')->min('date'), DB::table('holidays')->max('date')]);
        $this->whoAsks()->get('/office')->assertOk();
    }

    public function test_what_comes_next_is_listed_until_time_is_recorded(): void
    {
        $this->post($this->link(), self::GIVEN);
        $steps = fn (): array => array_column(array_map(static fn ($step): array => [$step->text('step'), $step->value('isDone')], $this->whoAsks()->given('/office')->rows('needs.steps')), 1, 0);
        self::assertSame(['organisation' => true, 'people' => false, 'clients' => false, 'project' => false, 'rules' => false, 'rates' => false, 'week' => false], $steps());
        self::assertNull($this->whoAsks()->given('/office')->value('needs.period'));

        $this->whoAsks()->post('/office/clients', [])->assertStatus(405);
        $this->whoAsks()->post('/office/directory/clients', ['name' => 'Harbour Board'])->assertSessionHas('message', 'Harbour Board is added.');
        $this->whoAsks()->post('/office/people', ['name' => 'Odd Reef', 'email' => 'odd@skerry.example', 'access' => 'member', 'ownPattern' => false])->assertRedirect('/office/people');
        self::assertSame([true, true], [$steps()['people'], $steps()['clients']]);
    }

    public function test_time_that_is_recorded_ends_the_list(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,draft\n"]));
        self::assertSame([], $this->actingAs($this->person('kit'))->given('/office')->value('needs.steps'));
    }

    public function test_once_somebody_is_there_nothing_sets_up_again(): void
    {
        $link = $this->link();
        $this->import(Lighthouse::files());

        $this->get($link)->assertRedirect('/sign-in');
        $this->post($link, self::GIVEN)->assertForbidden();
        self::assertSame(1, Artisan::call('moss:start-link'));
        self::assertSame('Lighthouse', Organisation::query()->sole()->name);
        $this->get('/sign-in')->assertOk();
    }

    #[TestWith(['organisation', ''])]
    #[TestWith(['currency', 'euros'])]
    #[TestWith(['country', 'ZZ'])]
    #[TestWith(['email', 'nora'])]
    #[TestWith(['password', 'short'])]
    #[TestWith(['password', 'I am Nora Vane indeed'])]
    #[TestWith(['pattern', ['8']])]
    #[TestWith(['pattern.0', ['25', '8', '8', '8', '8', '0', '0']])]
    public function test_what_is_wrong_is_said_and_nothing_is_half_set_up(string $field, mixed $value): void
    {
        $this->post($this->link(), [explode('.', $field)[0] => $value] + self::GIVEN)->assertSessionHasErrors($field);
        self::assertSame([0, 0, 0], [Person::query()->count(), Holiday::query()->count(), DB::table('audit_trail')->count()]);
    }

    private function link(): string
    {
        self::assertSame(0, Artisan::call('moss:start-link'));

        return (string) strstr(trim(Artisan::output()), '/start');
    }
}
