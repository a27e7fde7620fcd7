<?php

declare(strict_types=1);

namespace Tests\App\OwnFields;

use App\Models\Entry;
use App\OwnFields\OwnFieldValues;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Moss\Core\OwnFields\FieldSubject;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\TestCase;

/** Own fields and composed charge codes in the week. */
final class WeekTest extends TestCase
{
    private const WEEK = '/people/ada/week/2026-W25';

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(OwnFieldFiles::files());
    }

    public function test_the_week_says_which_fields_are_asked_where(): void
    {
        $week = $this->actingAs($this->person('ada'))->given(self::WEEK);

        self::assertSame(['place', 'miles'], self::each($week->value('sheet.fields'), 'code'));
        self::assertSame(['At home', 'At the client', 'On the train'], self::each($week->value('sheet.fields.0.choices'), 'name'));
        self::assertSame([['place', 'miles'], true, null], [$week->value('sheet.lines.0.fields'), $week->value('sheet.lines.0.choosesChargeCode'), $week->value('sheet.lines.0.chargeCode')]);

        $this->import(['entries.csv' => "person,project,task,date,hours\nbo,OWN,TRAIN,2026-06-17,1\nada,OWN,TRAIN,2026-06-17,1\n"]);
        $bo = $this->actingAs($this->person('bo'))->given('/people/bo/week/2026-W25');
        self::assertSame(['miles'], self::each($bo->value('sheet.fields'), 'code'), 'the place is asked of people in the field only');
        self::assertSame([], $bo->value('sheet.lines.0.fields'), 'miles are asked for the harbour board only');
        $before = $this->actingAs($this->person('ada'))->given('/people/ada/week/2026-W21');
        self::assertSame(['miles'], self::each($before->value('sheet.fields'), 'code'), 'the place is asked from June on');
    }

    public function test_they_are_saved_with_the_cell_kept_over_other_changes_and_go_with_it(): void
    {
        $this->save(['hours' => '4', 'fields' => ['place' => 'At home', 'miles' => '12,50']])->assertJsonPath('cells.0.cell.fields', ['place' => 'home', 'miles' => '12.5']);
        self::assertSame(['place' => 'home', 'miles' => '12.5'], $this->held());
        $this->save(['hours' => '5', 'seen' => 1])->assertJsonPath('cells.0.cell.fields', ['place' => 'home', 'miles' => '12.5'])->assertJsonPath('cells.0.cell.version', 2);
        $this->save(['fields' => ['miles' => ''], 'seen' => 2])->assertJsonPath('cells.0.cell.fields', ['place' => 'home']);
        $this->save(['fields' => ['miles' => ''], 'seen' => 3])->assertJsonPath('cells.0.cell.version', 3);

        $told = json_decode((string) self::text(DB::table('audit_trail')->where('act', 'change')->orderByDesc('id')->value('before')), true);
        self::assertSame('12.5', is_array($told) ? $told['field miles'] ?? null : null);

        $this->save(['hours' => '', 'seen' => 3])->assertJsonPath('cells.0.cell.fields', []);
        self::assertSame(0, DB::table('own_field_values')->count());
    }

    /** @param  array<string, mixed>  $wanted */
    #[TestWith([['fields' => ['place' => 'abroad']], '“Place of work” has no choice “abroad”'])]
    #[TestWith([['fields' => ['place' => 'train']], '“Place of work” has no choice “train”'])]
    #[TestWith([['fields' => ['miles' => 'far']], '“Miles driven” takes a number'])]
    #[TestWith([['fields' => ['old' => 'x']], 'There is no field old here'])]
    #[TestWith([['fields' => ['risk' => 'high']], 'There is no field risk here'])]
    #[TestWith([['chargeCode' => 'WP2/LAB'], 'The parts of “WP2/LAB” do not go together for Harbour Board'])]
    #[TestWith([['chargeCode' => 'WP1'], 'have no “”'])]
    #[TestWith([['chargeCode' => 'WP9/LAB'], 'have no “WP9”'])]
    #[TestWith([['task' => 'TRAIN', 'chargeCode' => 'WP1/LAB'], 'This project has no client'])]
    public function test_what_a_field_does_not_take_is_refused_with_a_sentence(array $wanted, string $sentence): void
    {
        $this->save(['hours' => '4', ...$wanted])->assertJsonPath('cells.0.outcome', 'refused')->assertJsonPath('cells.0.message', static fn (string $message): bool => str_contains($message, $sentence));

        self::assertSame(0, DB::table('entries')->count());
    }

    public function test_a_charge_code_is_chosen_for_a_line_and_what_is_recorded_there_later_has_it(): void
    {
        $this->save(['hours' => '4']);
        $this->import(['entries.csv' => "person,project,task,date,hours,state\nada,LENS,FIT,2026-06-15,1,approved\n"]);
        $this->getJson(self::WEEK.'/charge-code?task='.$this->task('FIT')->id)->assertOk()->assertJsonPath('parts.0.name', 'Work package')->assertJsonPath('combinations', ['* TRV', 'WP1 LAB']);
        $this->getJson(self::WEEK.'/charge-code?task='.$this->task('TRAIN')->id)->assertNotFound();
        $choose = fn (string $code, string $task = 'FIT'): TestResponse => $this->put(self::WEEK.'/charge-code', ['task' => $this->task($task)->id, 'role' => null, 'chargeCode' => $code]);
        $choose('WP1/LAB')->assertSessionHas('message', 'The charge code is WP1/LAB.');

        self::assertSame(['2026-06-15' => null, '2026-06-17' => 'WP1/LAB'], Entry::query()->orderBy('date')->pluck('charge_code', 'date')->mapWithKeys(static fn (mixed $code, mixed $date): array => [(string) self::text($date) => $code])->all());
        $this->save(['hours' => '2', 'date' => '2026-06-18'])->assertJsonPath('cells.0.cell.chargeCode', 'WP1/LAB');
        self::assertSame('WP1/LAB', $this->given(self::WEEK)->value('sheet.lines.'.$this->lineOf('FIT').'.chargeCode'));

        $choose('WP2/LAB')->assertSessionHas('refusal');
        $choose('WP1/LAB', 'TRAIN')->assertSessionHas('refusal');
        $choose('')->assertSessionHas('message', 'The charge code of the task holds again.');
        self::assertSame(0, Entry::query()->whereNotNull('charge_code')->count());
        self::assertSame(0, DB::table('line_charge_codes')->count());

        $this->task('FIT')->update(['charge_code' => 'WP2/TRV']);
        $choose('WP2/TRV');
        self::assertSame([0, 0], [Entry::query()->whereNotNull('charge_code')->count(), DB::table('line_charge_codes')->count()], 'that of the task needs no choice');
        $this->actingAs($this->person('bo'))->put(self::WEEK.'/charge-code', ['task' => $this->task('FIT')->id, 'chargeCode' => 'WP1/LAB'])->assertForbidden();
    }

    public function test_house_rules_ask_for_what_is_required(): void
    {
        $this->save(['hours' => '8']);
        $found = $this->getJson(self::WEEK.'/findings')->assertOk();
        self::assertSame(['Not filled in: Place of work.', 'The client wants a charge code, and none is chosen.'], array_values(array_intersect(array_filter(self::each($found->json('findings'), 'what'), is_string(...)), ['Not filled in: Place of work.', 'The client wants a charge code, and none is chosen.'])));

        $this->save(['fields' => ['place' => 'home'], 'chargeCode' => 'WP1/LAB', 'seen' => 1]);
        $found = $this->getJson(self::WEEK.'/findings')->assertOk();
        self::assertSame([], array_intersect(array_filter(self::each($found->json('findings'), 'rule'), is_string(...)), ['field_missing', 'charge_code_missing']));
    }

    public function test_a_difference_to_settled_time_has_what_that_has(): void
    {
        $this->import(OwnFieldFiles::HELD);
        DB::table('entries')->where('state', 'approved')->delete();
        $entry = Entry::query()->where('state', 'settled')->sole();
        $this->actingAs($this->person('ada'))->post(self::WEEK.'/corrections', ['reason' => 'Too much', 'cells' => [['task' => $entry->task_id, 'role' => null, 'date' => '2026-06-16', 'hours' => '3', 'seen' => $entry->version]]])->assertSessionHasNoErrors();
        $this->actingAs($this->person('mo'))->post('/review/corrections', ['corrections' => DB::table('corrections')->pluck('id')->all(), 'accept' => true, 'comment' => '']);

        $posted = Entry::query()->whereNotNull('corrects')->first();
        if ($posted === null) {
            self::fail('Nothing was posted: '.json_encode(DB::table('corrections')->get()));
        }
        self::assertSame(['WP1/LAB', ['place' => 'train']], [$posted->charge_code, OwnFieldValues::of(FieldSubject::Entry, [$posted->id])[$posted->id] ?? []]);
    }

    public function test_the_approver_sees_them_beside_the_week(): void
    {
        $this->save(['hours' => '4', 'fields' => ['place' => 'home', 'miles' => '0.5'], 'chargeCode' => 'WP1/LAB']);
        $this->save(['hours' => '2', 'date' => '2026-06-18', 'fields' => ['place' => 'client', 'miles' => '12'], 'chargeCode' => 'WP2/TRV']);
        Entry::query()->update(['state' => 'submitted', 'approver_id' => $this->person('mo')->id]);
        $desk = $this->actingAs($this->person('mo'))->given('/review');

        self::assertSame(["Place of work: At home 4\u{00A0}h, At the client 2\u{00A0}h", 'Miles driven: 12.5'], $desk->value('review.sheets.0.fields'));
        self::assertSame('WP1/LAB, WP2/TRV', $desk->value('review.sheets.0.lines.0.chargeCode'));
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @return TestResponse<Response>
     */
    private function save(array $wanted): TestResponse
    {
        $task = is_string($wanted['task'] ?? null) ? $wanted['task'] : 'FIT';

        return $this->actingAs($this->person('ada'))->putJson(self::WEEK.'/cells', ['cells' => [['role' => null, 'date' => '2026-06-17', ...$wanted, 'task' => $this->task($task)->id]]])->assertOk();
    }

    /** @return array<string, string> */
    private function held(): array
    {
        $id = $this->entry('ada', 'FIT', '2026-06-17')->id ?? 0;

        return OwnFieldValues::of(FieldSubject::Entry, [$id])[$id] ?? [];
    }

    /** The place of the line without a role. */
    private function lineOf(string $task): int
    {
        $keys = self::each($this->given(self::WEEK)->value('sheet.lines'), 'key');

        return (int) array_search($this->task($task)->id.':', $keys, true);
    }

    private static function text(mixed $value): ?string
    {
        return is_scalar($value) || $value instanceof \Stringable ? (string) $value : ($value instanceof \Moss\Core\Calendar\Day ? $value->toString() : null);
    }
}
