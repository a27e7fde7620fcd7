<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Models\Person;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
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
        ]])->assertRedirect('/office/people')->assertSessionHas('message', '3 people are added.');

        $wyn = $this->person('wyn');
        self::assertSame(['field', 'una', 'surveyor', 'member'], [$wyn->team?->code, $wyn->manager?->code, $wyn->role?->code, $wyn->access->value]);
        $una = $this->person('una');
        self::assertSame(['lee', 'manager', '2026-07-01'], [$una->manager?->code, $una->access->value, $una->starts_on?->toString()]);
        self::assertSame('lee', $this->person('ada-2')->manager?->code);
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
