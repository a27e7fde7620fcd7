<?php

declare(strict_types=1);

namespace Tests\App\OwnFields;

use App\Models\Client;
use App\Models\OwnField;
use App\Models\Team;
use App\OwnFields\OwnFieldValues;
use Illuminate\Support\Facades\DB;
use Moss\Core\OwnFields\FieldSubject;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\TestCase;

/** The office keeps own fields and composed charge codes; forms of people, projects and plans ask them. */
final class SettingsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(OwnFieldFiles::files(['own_field_values.csv' => "field,person,project,value\nunion,ada,,yes\nledger,,LENS,4711\n"]));
        $this->actingAs($this->person('kit'));
    }

    public function test_a_field_is_added_changed_and_removed(): void
    {
        $this->post('/office/own-fields', ['name' => 'Kind of weather', 'subject' => 'entry', 'kind' => 'choice', 'isRequired' => true, 'startsOn' => '2026-07-01', 'team' => 'field', 'client' => 'harbour', 'choices' => "Calm sea\r\nrough = Rough sea\n"])->assertSessionHasNoErrors();
        $field = OwnField::query()->where('name', 'Kind of weather')->sole();
        self::assertSame([['calm-sea' => 'Calm sea', 'rough' => 'Rough sea'], true, '2026-07-01', 'field', 'harbour'], [$field->choices()->pluck('name', 'code')->all(), $field->is_required, $field->starts_on?->toString(), $field->team?->code, $field->client?->code]);

        $this->put('/office/own-fields/'.$field->code, ['name' => 'Weather', 'kind' => 'text', 'choices' => 'rough = Rough', 'startsOn' => '', 'isRetired' => true])->assertSessionHasNoErrors();
        $field = $field->fresh() ?? $field;
        self::assertSame(['Weather', 'choice', ['rough' => 'Rough'], true, null], [$field->name, $field->kind->value, $field->choices()->pluck('name', 'code')->all(), $field->is_retired, $field->team_id]);
        $this->delete('/office/own-fields/'.$field->code)->assertSessionHasNoErrors();
        self::assertNull($field->fresh());
        self::assertSame(['add', 'change', 'remove'], DB::table('audit_trail')->where('subject', 'own field')->where('act', '<>', 'import')->orderBy('id')->pluck('act')->all());
    }

    public function test_what_holds_something_is_retired_instead_of_removed(): void
    {
        $this->delete('/office/own-fields/union')->assertSessionHasErrors(['field' => '“Union member” holds something already, so it cannot be removed. It can be retired.']);
        $this->import(['entries.csv' => "person,project,task,date,hours\nada,LENS,FIT,2026-06-17,1\n", 'own_field_values.csv' => "field,person,project,task,date,value\nplace,ada,LENS,FIT,2026-06-17,home\n"]);
        $this->put('/office/own-fields/place', ['name' => 'Place', 'choices' => 'client = At the client'])->assertSessionHasNoErrors();

        self::assertSame(['client' => 0, 'home' => 1], DB::table('own_field_choices')->where('own_field_id', OwnField::query()->where('code', 'place')->sole()->id)->orderBy('code')->pluck('is_retired', 'code')->all(), 'nothing holds the train');
    }

    /** @param  array<string, mixed>  $wrong */
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['code' => 'a b'], 'code'])]
    #[TestWith([['code' => 'place'], 'code'])]
    #[TestWith([['subject' => 'boat'], 'subject'])]
    #[TestWith([['kind' => 'colour'], 'kind'])]
    #[TestWith([['startsOn' => 'soon'], 'startsOn'])]
    #[TestWith([['team' => 'nix'], 'team'])]
    #[TestWith([['kind' => 'choice', 'choices' => ''], 'choices'])]
    #[TestWith([['kind' => 'choice', 'choices' => "a = A\na = B"], 'choices'])]
    #[TestWith([['kind' => 'choice', 'choices' => 'a b = A'], 'choices'])]
    public function test_what_is_no_field_is_refused(array $wrong, string $field): void
    {
        $before = OwnField::query()->count();
        $this->post('/office/own-fields', ['name' => 'New', 'subject' => 'entry', 'kind' => 'text', ...$wrong])->assertSessionHasErrors($field);
        self::assertSame($before, OwnField::query()->count());
    }

    public function test_charge_codes_of_a_client_are_composed(): void
    {
        $this->put('/office/clients/of/harbour/charge-codes', ['separator' => '-', 'parts' => [['name' => 'Area', 'codes' => "N North\n(S) South\n"], ['name' => 'Cost', 'codes' => "LAB\nTRV Travel"]], 'combinations' => "N LAB\n* TRV"])->assertSessionHasNoErrors();
        $client = $this->given('/office/clients/of/harbour');
        self::assertSame(['-', ['N', 'S'], [false, true], ['LAB', 'Travel'], ['N LAB', '* TRV']], [
            $client->value('client.composition.separator'), self::each($client->value('client.composition.parts.0.codes'), 'code'), self::each($client->value('client.composition.parts.0.codes'), 'isRetired'),
            self::each($client->value('client.composition.parts.1.codes'), 'name'), $client->value('client.composition.combinations'),
        ]);
        foreach ([['separator' => '+'], ['separator' => '-', 'parts' => [['name' => 'Area', 'codes' => 'N-1']]], ['separator' => '-', 'parts' => [['name' => 'Area', 'codes' => "N\nN"]]], ['separator' => '-', 'parts' => [['name' => 'Area', 'codes' => 'N']], 'combinations' => 'X']] as $wrong) {
            $this->put('/office/clients/of/harbour/charge-codes', $wrong)->assertSessionHasErrors();
        }
        self::assertSame(2, DB::table('charge_code_parts')->count());

        $fit = $this->task('FIT')->id;
        $change = fn (string $code) => $this->actingAs($this->person('mo'))->putJson('/projects/LENS/plan', ['changes' => [['task' => $fit, 'fields' => ['chargeCode' => $code]]]]);
        $change('N-LAB')->assertOk();
        $change('S-TRV')->assertUnprocessable()->assertJson(['faults' => ["t$fit.chargeCode" => 'The charge codes of Harbour Board have no “S”. Choose one for each part.']]);
        self::assertSame('N-LAB', $this->task('FIT')->charge_code);

        $this->actingAs($this->person('kit'))->put('/office/clients/of/harbour/charge-codes', ['separator' => '-', 'parts' => []])->assertSessionHasNoErrors();
        self::assertNull($this->given('/office/clients/of/harbour')->value('client.composition'));
    }

    public function test_tasks_have_fields_in_the_plan_which_survive_copying(): void
    {
        $fit = $this->task('FIT')->id;
        $mo = $this->person('mo');
        $plan = $this->actingAs($mo)->given('/projects/LENS/plan');
        self::assertSame([['risk'], ['ledger'], ['ledger' => '4711']], [self::each($plan->value('plan.taskFields'), 'code'), self::each($plan->value('plan.fields'), 'code'), $plan->value('plan.values')]);
        $this->actingAs($mo)->putJson('/projects/LENS/plan', ['changes' => [['task' => $fit, 'fields' => ['own:risk' => 'High', 'name' => 'Fit it']]]])->assertOk();
        $this->actingAs($mo)->putJson('/projects/LENS/plan', ['changes' => [['task' => $fit, 'fields' => ['own:risk' => 'sky-high']]]])->assertUnprocessable()->assertJson(['faults' => ["t$fit.own:risk" => '“Risk” has no choice “sky-high”. Choose one that it offers.']]);
        $this->actingAs($mo)->postJson('/projects/LENS/plan', ['lines' => [['task' => 'Paint it', 'own:risk' => 'low']]])->assertOk();
        $this->actingAs($mo)->postJson('/projects/LENS/plan', ['lines' => [['task' => 'Oil it', 'own:risk' => 'nix']]])->assertUnprocessable()->assertJson(['faults' => ['0.own:risk' => '“Risk” has no choice “nix”. Choose one that it offers.']]);
        self::assertSame([['high', 'low']], [DB::table('own_field_values')->whereNotNull('task_id')->orderBy('task_id')->pluck('value')->all()]);

        $this->actingAs($mo)->post('/projects/LENS/copy', ['name' => 'Lens again', 'code' => 'LENS2', 'manager' => 'mo', 'startsOn' => '2026-08-01', 'fields' => ['ledger' => '4712']])->assertSessionHasNoErrors();
        self::assertSame(['high', 'high', 'low', 'low'], DB::table('own_field_values')->whereNotNull('task_id')->orderBy('value')->pluck('value')->all());
    }

    public function test_forms_of_projects_and_people_ask_what_is_required(): void
    {
        $project = ['name' => 'Lens refit', 'client' => 'harbour', 'manager' => 'mo', 'startsOn' => '2026-06-01', 'endsOn' => '2026-07-31'];
        $this->put('/projects/LENS', [...$project, 'fields' => ['ledger' => '']])->assertSessionHasErrors(['fields.ledger' => 'Fill in “Ledger number”.']);
        $this->put('/projects/LENS', [...$project, 'fields' => ['ledger' => '4712']])->assertSessionHasNoErrors();
        $this->put('/projects/LENS', $project)->assertSessionHasNoErrors();
        self::assertSame('4712', DB::table('own_field_values')->whereNotNull('project_id')->value('value'));
        $this->post('/projects', ['name' => 'Another', 'manager' => 'mo', 'fields' => ['ledger' => '']])->assertSessionHasErrors('fields.ledger');
        self::assertSame(0, DB::table('projects')->where('name', 'Another')->count());

        $person = ['name' => 'Ada Moor', 'email' => 'ada@lighthouse.example', 'access' => 'member', 'team' => 'field', 'ownPattern' => false];
        self::assertSame([['union'], ['union' => 'yes']], [self::each($this->given('/office/people/of/ada')->value('person.fields'), 'code'), $this->given('/office/people/of/ada')->value('person.values')]);
        $this->put('/office/people/of/ada', [...$person, 'fields' => ['union' => 'perhaps']])->assertSessionHasErrors(['fields.union' => '“Union member” takes yes or no, instead of “perhaps”.']);
        $this->put('/office/people/of/ada', [...$person, 'fields' => ['union' => 'No']])->assertSessionHasNoErrors();
        self::assertSame('no', OwnFieldValues::of(FieldSubject::Person, [$this->person('ada')->id])[$this->person('ada')->id]['union'] ?? null);
    }

    public function test_merging_teams_and_clients_takes_their_fields_along(): void
    {
        Team::query()->create(['code' => 'shore', 'name' => 'Shore']);
        Client::query()->create(['code' => 'quay', 'name' => 'Quay']);
        $this->post('/office/directory/teams/field/merge', ['into' => 'shore'])->assertSessionHasNoErrors();
        $this->post('/office/directory/clients/harbour/merge', ['into' => 'quay'])->assertSessionHasNoErrors();

        self::assertSame(['shore', 'quay'], [OwnField::query()->where('code', 'place')->sole()->team?->code, OwnField::query()->where('code', 'miles')->sole()->client?->code]);
    }

    public function test_others_do_not_get_there(): void
    {
        foreach (['ada', 'mo', 'vic'] as $code) {
            $this->actingAs($this->person($code))->get('/office/own-fields')->assertForbidden();
            $this->actingAs($this->person($code))->delete('/office/own-fields/old')->assertForbidden();
        }
        $this->actingAs($this->person('kit'))->given('/office/own-fields?field=place');
        self::assertSame(6, OwnField::query()->count());
    }
}
