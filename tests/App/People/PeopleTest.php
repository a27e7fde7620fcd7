<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Models\Person;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Who works in the organisation, kept in the browser. Today is Wednesday 17 June 2026. */
final class PeopleTest extends TestCase
{
    private const NEW = ['name' => 'Wyn Gale', 'email' => 'Wyn.Gale@lighthouse.example', 'access' => 'member', 'team' => 'field', 'manager' => 'lee', 'role' => 'surveyor', 'timezone' => 'Europe/Dublin', 'startsOn' => '2026-06-22', 'ownPattern' => false];

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    public function test_somebody_is_added_with_all_that_holds_for_them(): void
    {
        $this->post('/office/people', self::NEW)->assertRedirect('/office/people')->assertSessionHas('message', 'Wyn Gale is added. Invite them under Accounts once they are to sign in.');

        $wyn = $this->person('wyn.gale');
        self::assertSame(['wyn.gale@lighthouse.example', 'field', 'lee', 'surveyor', 'Europe/Dublin', '2026-06-22', null], [$wyn->email, $wyn->team?->code, $wyn->manager?->code, $wyn->role?->code, $wyn->timezone, $wyn->starts_on?->toString(), $wyn->pattern]);
        $told = DB::table('audit_trail')->where('subject', 'person')->sole();
        self::assertSame(['add', 'wyn.gale', $this->person('kit')->id], [$told->act, $told->name, $told->actor_id]);
        $this->post('/office/people', ['email' => 'wyn.gale@elsewhere.example', 'another' => true] + self::NEW)->assertRedirect('/office/people/new');
        self::assertSame('wyn.gale@elsewhere.example', $this->person('wyn.gale-2')->email);
    }

    /** @param  array<string, mixed>  $changed */
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['email' => 'wyn'], 'email'])]
    #[TestWith([['email' => 'ADA@lighthouse.example'], 'email'])]
    #[TestWith([['code' => 'ada'], 'code'])]
    #[TestWith([['code' => 'a b'], 'code'])]
    #[TestWith([['team' => 'none'], 'team'])]
    #[TestWith([['access' => 'king'], 'access'])]
    #[TestWith([['timezone' => 'Moon/Base'], 'timezone'])]
    #[TestWith([['startsOn' => '2026-06-22', 'endsOn' => '2026-06-21'], 'endsOn'])]
    #[TestWith([['startsOn' => 'soon'], 'startsOn'])]
    #[TestWith([['ownPattern' => true, 'pattern' => ['8', '8']], 'pattern'])]
    #[TestWith([['ownPattern' => true, 'pattern' => ['8', '8', '8', '8', '30', '0', '0']], 'pattern.4'])]
    public function test_what_is_wrong_is_said_and_nobody_is_added(array $changed, string $field): void
    {
        $this->post('/office/people', $changed + self::NEW)->assertSessionHasErrors($field);
        self::assertSame(6, Person::query()->count());
    }

    public function test_a_change_is_told_with_what_was_before(): void
    {
        $this->put('/office/people/of/bo', ['name' => 'Bo Carrick', 'email' => 'bo@lighthouse.example', 'access' => 'manager', 'team' => 'field', 'ownPattern' => false])->assertSessionHas('message', 'Bo Carrick is saved.');

        $told = DB::table('audit_trail')->where('subject', 'person')->sole();
        self::assertSame(['name' => 'Bo Carr', 'team' => null, 'access' => 'member'], json_decode(is_string($told->before) ? $told->before : '', true));
        self::assertSame(['name' => 'Bo Carrick', 'team' => 'field', 'access' => 'manager'], json_decode(is_string($told->after) ? $told->after : '', true));
        // Saved once more, nothing has changed.
        $this->put('/office/people/of/bo', ['name' => 'Bo Carrick', 'email' => 'bo@lighthouse.example', 'access' => 'manager', 'team' => 'field', 'ownPattern' => false]);
        self::assertSame(1, DB::table('audit_trail')->where('subject', 'person')->count());
    }

    public function test_nobody_is_their_own_line_manager_not_even_through_others(): void
    {
        $of = static fn (string $name, string $manager): array => ['name' => $name, 'email' => "$name@lighthouse.example", 'access' => 'manager', 'manager' => $manager, 'ownPattern' => false];
        $this->put('/office/people/of/lee', $of('lee', 'lee'))->assertSessionHasErrors('manager');
        // Ada's manager is Lee.
        $this->put('/office/people/of/lee', $of('lee', 'ada'))->assertSessionHasErrors('manager');
        $this->put('/office/people/of/lee', $of('lee', 'kit'))->assertSessionHasNoErrors();
    }

    public function test_nobody_of_the_office_takes_its_access_from_themselves(): void
    {
        $this->put('/office/people/of/kit', ['name' => 'Kit Ness', 'email' => 'kit@lighthouse.example', 'access' => 'member', 'ownPattern' => false])->assertSessionHasErrors(['access' => __('organisation.person_own_access')]);
        self::assertTrue($this->person('kit')->isOffice());
    }

    public function test_hours_hold_from_their_day_on_and_what_was_before_stays(): void
    {
        $save = fn (array $pattern, ?string $from): mixed => $this->put('/office/people/of/ada', ['name' => 'Ada Moor', 'email' => 'ada@lighthouse.example', 'access' => 'member', 'manager' => 'lee', 'team' => 'field', 'role' => 'surveyor', 'ownPattern' => true, 'pattern' => $pattern, 'patternFrom' => $from])->assertSessionHasNoErrors();
        $save(['4', '4', '4', '4', '4', '0', '0'], '2026-06-18');
        self::assertSame('8 8 8 8 6 0 0 from 2026-06-18 4 4 4 4 4 0 0', $this->person('ada')->pattern);

        // Harbour Day on Monday; half a day of leave on Friday.
        $expected = array_map(static fn ($day): mixed => $day->value('expected'), $this->actingAs($this->person('ada'))->given('/week/2026-W25')->rows('sheet.days'));
        self::assertSame([0, 480, 480, 240, 0, 0, 0], $expected);

        $this->actingAs($this->person('kit'));
        $given = $this->given('/office/people/of/ada');
        self::assertSame([['8', '8', '8', '8', '6', '0', '0'], [null, '2026-06-18']], [$given->value('person.pattern'), self::each($given->value('person.patterns'), 'from')]);
        $save(['8', '8', '8', '8', '8', '0', '0'], null);
        self::assertSame('8 8 8 8 8 0 0', $this->person('ada')->pattern);
    }

    public function test_plans_and_costs_follow_what_changed_of_somebody(): void
    {
        $planned = fn (string $first, string $last): int => (int) DB::table('planned_weeks')->where('person_id', $this->person('ada')->id)->where('task_id', $this->task('FIT')->id)->whereBetween('starts_on', [$first, $last])->sum('planned_minutes');
        $before = $planned('2026-06-22', '2026-06-28');
        $this->put('/office/people/of/ada', ['name' => 'Ada Moor', 'email' => 'ada@lighthouse.example', 'access' => 'member', 'manager' => 'lee', 'team' => 'field', 'role' => 'surveyor', 'ownPattern' => true, 'pattern' => ['2', '2', '2', '2', '2', '0', '0'], 'patternFrom' => '2026-06-22'])->assertSessionHasNoErrors();

        self::assertLessThan($before, $planned('2026-06-22', '2026-06-28'));
        self::assertSame(32 * 60, $planned('2026-06-15', '2026-06-28'));
        self::assertSame(0, Artisan::call('moss:verify'));
    }

    public function test_the_list_is_searched_filtered_sorted_and_paged_in_as_many_queries_whatever_its_length(): void
    {
        $this->person('bo')->update(['ends_on' => '2026-06-16']);
        $this->person('mo')->update(['starts_on' => Day::of('2026-07-01')->toString()]);
        $codes = fn (string $address): array => self::each($this->given("/office/people?$address")->value('people.rows'), 'code');

        self::assertSame(['ada', 'kit', 'lee', 'vic'], $codes(''));
        self::assertSame(['mo'], $codes('state=coming'));
        self::assertSame(['bo'], $codes('state=left'));
        self::assertSame(['bo'], array_slice($codes('state=all&sort=last-day'), -1));
        self::assertSame(['ada'], $codes('search=moor'));
        self::assertSame(['ada'], $codes('team=field'));
        $few = $this->queriesOf(fn () => $this->get('/office/people')->assertOk());
        foreach (range(1, 120) as $number) {
            Person::query()->create(['code' => "p$number", 'name' => sprintf('Person %03d', $number), 'email' => "p$number@lighthouse.example", 'access' => 'member', 'manager_id' => $this->person('lee')->id]);
        }
        self::assertSame($few, $this->queriesOf(fn () => $this->get('/office/people')->assertOk()));
        $page = $this->given('/office/people?page=2');
        self::assertSame([50, 3, 124], [count($page->rows('people.rows')), $page->int('people.pages'), $page->int('people.found')]);
    }

    public function test_employment_has_breaks_in_which_nothing_is_expected(): void
    {
        $save = fn (array $changed) => $this->put('/office/people/of/bo', $changed + ['name' => 'Bo Carr', 'email' => 'bo@lighthouse.example', 'access' => 'member', 'ownPattern' => false, 'startsOn' => '2026-01-01', 'language' => 'en']);
        $save(['breaks' => [['first' => '2026-06-16', 'last' => '2026-06-17']]])->assertSessionHasNoErrors();
        self::assertSame([0, 0, 0, 480, 480], array_slice(self::each($this->given('/people/bo/week/2026-W25')->value('sheet.days'), 'expected'), 0, 5));
        self::assertSame([['first' => '2026-06-16', 'last' => '2026-06-17']], json_decode((string) json_encode($this->given('/office/people/of/bo')->value('person.breaks')), true));

        $save(['breaks' => [['first' => '2026-06-17', 'last' => '2026-06-16']]])->assertSessionHasErrors('breaks');
        $save(['breaks' => [['first' => '2025-12-01', 'last' => '2025-12-31']]])->assertSessionHasErrors(['breaks' => __('organisation.person_breaks')]);
        $save(['breaks' => [['first' => 'x', 'last' => '2026-06-17']]])->assertSessionHasErrors('breaks.0.first');
        $save(['language' => 'xx'])->assertSessionHasErrors('language');
        $folder = $this->folder();
        Artisan::call('moss:export', ['folder' => $folder]);
        self::assertSame("person,language,employment_breaks\nbo,en,2026-06-16/2026-06-17\n", file_get_contents("$folder/person_details.csv"));
        $save(['breaks' => []])->assertSessionHasNoErrors();
        self::assertNull($this->person('bo')->employment_breaks);
        $this->import(['person_details.csv' => (string) file_get_contents("$folder/person_details.csv")]);
        self::assertSame('2026-06-16/2026-06-17', $this->person('bo')->employment_breaks);
    }
}
