<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Models\Person;
use App\Models\Team;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use stdClass;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** People pasted from a spreadsheet. */
final class PastedPeopleTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    public function test_rows_are_added_with_teams_roles_and_managers_by_name_code_or_address_also_among_themselves(): void
    {
        $this->post('/office/people/pasted', ['rows' => [
            ['name' => 'Wyn Gale', 'email' => 'Wyn@lighthouse.example', 'team' => 'FIELD', 'manager' => 'una rook', 'role' => 'surveyor'],
            ['name' => 'Una Rook', 'email' => 'una@lighthouse.example', 'manager' => 'lee@lighthouse.example', 'access' => 'Manager', 'startsOn' => '2026-07-01'],
            ['name' => 'Ada Other', 'email' => 'ada@elsewhere.example', 'manager' => 'Lee Tor'],
        ]])->assertRedirect('/office/people')->assertSessionHas('message', '3 people are added. Invite them under Accounts once they are to sign in.');

        $wyn = $this->person('wyn');
        self::assertSame(['field', 'una', 'surveyor', 'member'], [$wyn->team?->code, $wyn->manager?->code, $wyn->role?->code, $wyn->access->value]);
        $una = $this->person('una');
        self::assertSame(['lee', 'manager', '2026-07-01'], [$una->manager?->code, $una->access->value, $una->starts_on?->toString()]);
        // Who has no first day begins in the week in which they are added.
        self::assertSame(['lee', '2026-06-15'], [$this->person('ada-2')->manager?->code, $this->person('ada-2')->starts_on?->toString()]);
        self::assertSame(['wyn', 'una', 'ada-2'], DB::table('audit_trail')->where('subject', 'person')->where('act', 'add')->orderBy('id')->pluck('name')->all());
    }

    /** @param  array<string, string>  $wrong */
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['email' => 'wyn'], 'email'])]
    #[TestWith([['email' => 'ADA@lighthouse.example'], 'email'])]
    #[TestWith([['email' => 'first@lighthouse.example'], 'email'])]
    #[TestWith([['team' => 'Ships'], 'team'])]
    #[TestWith([['role' => 'Captain'], 'role'])]
    #[TestWith([['access' => 'king'], 'access'])]
    #[TestWith([['manager' => 'Nobody'], 'manager'])]
    #[TestWith([['startsOn' => 'soon'], 'startsOn'])]
    public function test_a_row_that_is_wrong_is_named_and_nobody_is_added(array $wrong, string $field): void
    {
        $this->post('/office/people/pasted', ['rows' => [['name' => 'First', 'email' => 'first@lighthouse.example'], $wrong + ['name' => 'Wyn Gale', 'email' => 'wyn@lighthouse.example']]])->assertSessionHasErrors("rows.1.$field");
        self::assertSame(6, Person::query()->count());
    }

    public function test_teams_and_roles_that_there_are_not_yet_are_added_with_people_once_that_is_agreed_to(): void
    {
        $rows = [
            ['name' => 'Wyn Gale', 'email' => 'wyn@lighthouse.example', 'team' => 'Ships', 'role' => 'Ship’s carpenter'],
            ['name' => 'Una Rook', 'email' => 'una@lighthouse.example', 'team' => 'SHIPS', 'role' => 'Surveyor'],
        ];
        $told = 'team “Ships”, role “Ship’s carpenter”';
        $this->post('/office/people/pasted', ['rows' => $rows])->assertSessionHasErrors(['rows.0.team' => 'There is no team “Ships”.', 'rows.0.role' => 'There is no role “Ship’s carpenter”.', 'new' => $told]);
        $this->post('/office/people/pasted', ['rows' => [...$rows, ['name' => 'No address', 'email' => '']], 'agreed' => $told])->assertSessionHasErrors('rows.2.email');
        // Only what was agreed to is added.
        $this->post('/office/people/pasted', ['rows' => [['team' => 'Shops'] + $rows[0], $rows[1]], 'agreed' => $told])->assertSessionHasErrors(['new' => 'team “Shops”, team “SHIPS”, role “Ship’s carpenter”']);
        self::assertSame([6, 0], [Person::query()->count(), Team::query()->where('code', 'ships')->count()]);

        $this->post('/office/people/pasted', ['rows' => $rows, 'agreed' => $told])->assertSessionHasNoErrors();
        self::assertSame([['ships', 'Ships', 'ships.carpenter'], ['ships', 'Ships', 'surveyor']], array_map(fn (string $code): array => [$this->person($code)->team?->code, $this->person($code)->team?->name, $this->person($code)->role?->code], ['wyn', 'una']));
        self::assertSame([['team', 'ships'], ['role', 'ships.carpenter'], ['person', 'wyn'], ['person', 'una']], DB::table('audit_trail')->whereIn('subject', ['team', 'role', 'person'])->where('act', 'add')->orderBy('id')->get()->map(static fn (stdClass $line): array => [$line->subject, $line->name])->all());

        // What several are called is not new.
        Team::query()->insert([['code' => 'quay-1', 'name' => 'Quay'], ['code' => 'quay-2', 'name' => 'Quay']]);
        $this->post('/office/people/pasted', ['rows' => [['name' => 'Cy', 'email' => 'cy@lighthouse.example', 'team' => 'quay']]])
            ->assertSessionHasErrors(['rows.0.team' => 'Several teams are called “quay”. Enter the code.'])->assertSessionDoesntHaveErrors('new');
    }

    public function test_managers_among_the_rows_do_not_go_round_in_a_circle(): void
    {
        $this->post('/office/people/pasted', ['rows' => [
            ['name' => 'Wyn', 'email' => 'wyn@lighthouse.example', 'manager' => 'Una'], ['name' => 'Una', 'email' => 'una@lighthouse.example', 'manager' => 'Wyn'],
        ]])->assertSessionHasErrors('rows.0.manager');
        self::assertSame(6, Person::query()->count());
    }

    public function test_hundreds_of_rows_take_as_many_queries_as_one(): void
    {
        $rows = static fn (int $count, string $name): array => ['rows' => array_map(static fn (int $number): array => ['name' => "$name $number", 'email' => "$name$number@lighthouse.example", 'team' => 'Field', 'manager' => 'Lee Tor'], range(1, $count))];
        $one = $this->queriesOf(fn () => $this->post('/office/people/pasted', $rows(1, 'a'))->assertSessionHasNoErrors());
        self::assertSame($one, $this->queriesOf(fn () => $this->post('/office/people/pasted', $rows(300, 'b'))->assertSessionHasNoErrors()));
        self::assertSame(307, Person::query()->count());
        foreach ([[], ['rows' => []], $rows(501, 'c')] as $body) {
            $this->post('/office/people/pasted', $body)->assertSessionHasErrors('rows');
        }
    }
}
