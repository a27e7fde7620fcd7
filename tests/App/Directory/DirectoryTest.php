<?php

declare(strict_types=1);

namespace Tests\App\Directory;

use App\Models\Assignment;
use App\Models\Client;
use App\Models\Role;
use App\Models\Task;
use App\Models\Team;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Teams, roles and clients, kept in the browser. */
final class DirectoryTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    public function test_each_kind_is_added_renamed_and_removed_and_the_audit_trail_tells(): void
    {
        foreach (['teams', 'roles', 'clients'] as $kind) {
            $this->post("/office/directory/$kind", ['name' => 'Night & Fog'])->assertSessionHas('message', 'Night & Fog is added.');
            $this->put("/office/directory/$kind/night.fog", ['name' => 'Day'])->assertSessionHas('message', 'Day is saved.');
            self::assertContains('Day', self::each($this->given("/office/$kind?search=day")->value('directory.rows'), 'name'));
            $this->delete("/office/directory/$kind/night.fog")->assertSessionHas('message', 'Day is removed.');
        }
        self::assertSame(['add', 'change', 'remove', 'add', 'change', 'remove', 'add', 'change', 'remove'], DB::table('audit_trail')->whereIn('subject', ['team', 'role', 'client'])->orderBy('id')->pluck('act')->all());
        self::assertSame([1, 2, 1], [Team::query()->count(), Role::query()->count(), Client::query()->count()]);
    }

    public function test_what_is_used_stays(): void
    {
        foreach (['teams/field' => 'Field', 'roles/surveyor' => 'Surveyor', 'clients/harbour' => 'Harbour Board'] as $entry => $name) {
            $this->delete("/office/directory/$entry")->assertSessionHas('refusal', "$name is used, so it cannot be removed.");
        }
        self::assertSame([0, 1], [DB::table('audit_trail')->where('act', 'remove')->count(), Team::query()->count()]);
        $this->delete('/office/directory/teams/none')->assertNotFound();
    }

    public function test_a_team_has_a_lead_and_its_people_are_counted(): void
    {
        $this->put('/office/directory/teams/field', ['name' => 'Field', 'lead' => 'mo'])->assertSessionHas('message');
        $row = $this->given('/office/teams')->rows('directory.rows')[0];
        self::assertSame(['Mo Fell', 1], [$row->text('lead.name'), $row->int('uses')]);
        $this->put('/office/directory/teams/field', ['name' => 'Field', 'lead' => 'nobody'])->assertSessionHasErrors('lead');
    }

    public function test_names_and_codes_are_checked(): void
    {
        $this->post('/office/directory/teams', ['name' => ''])->assertSessionHasErrors('name');
        $this->post('/office/directory/teams', ['name' => 'Other', 'code' => 'field'])->assertSessionHasErrors(['code' => __('organisation.entry_code_taken')]);
        $this->post('/office/directory/teams', ['name' => 'Other', 'code' => 'a b'])->assertSessionHasErrors('code');
        $this->post('/office/directory/ships', ['name' => 'Other'])->assertNotFound();
        self::assertSame(1, Team::query()->count());
    }

    public function test_what_is_retired_is_not_offered_any_more_but_goes_on_where_it_is_used(): void
    {
        foreach (['teams/field' => 'Field', 'roles/surveyor' => 'Surveyor', 'clients/harbour' => 'Harbour Board'] as $entry => $name) {
            $this->put("/office/directory/$entry", ['name' => $name, 'retired' => true])->assertSessionHas('message', "$name is saved.");
            self::assertNotContains($name, self::each($this->getJson('/lookup/'.explode('/', $entry)[0])->json('options'), 'name'));
        }
        self::assertSame('field', $this->person('ada')->team?->code);
        $this->put('/office/directory/teams/field', ['name' => 'Field', 'retired' => false]);
        self::assertContains('Field', self::each($this->getJson('/lookup/teams')->json('options'), 'name'));
    }

    public function test_a_team_is_merged_with_its_people_assignments_and_rules_and_totals_follow(): void
    {
        $this->import(['teams.csv' => "team,name\nquay,Quay\n", 'people.csv' => "person,name,email,team\ncal,Cal Dune,cal@lighthouse.example,quay\n", 'assignments.csv' => "project,task,person,team,role,planned,starts_on,ends_on\nLENS,FIT,,quay,,4,2026-06-15,2026-06-16\nLENS,CLEAN,,quay,,5,2026-06-15,2026-06-18\n"]);
        DB::table('house_rules')->insert([['rule' => 'day_above', 'severity' => 'blocking', 'team_id' => Team::query()->where('code', 'quay')->sole()->id, 'limit_number' => 600]]);
        $this->post('/office/directory/teams/quay/merge', ['into' => 'quay'])->assertSessionHas('refusal', 'Choose another one to merge into.');
        $this->post('/office/directory/teams/quay/merge', ['into' => 'field'])->assertSessionHas('message', 'Quay is merged into Field.');

        $field = Team::query()->where('code', 'field')->sole();
        self::assertSame(['field', true], [$this->person('cal')->team?->code, Team::query()->where('code', 'quay')->sole()->is_retired]);
        // Of the two on CLEAN from the same day one could not be moved, and stays.
        self::assertSame([['CLEAN', 480], ['FIT', 240]], Assignment::query()->with('task')->where('team_id', $field->id)->get()->sortBy('task.code')->map(static fn (Assignment $one): array => [$one->task->code, $one->planned_minutes->toInt()])->values()->all());
        self::assertSame($field->id, DB::table('house_rules')->sole()->team_id);
        self::assertSame(0, Artisan::call('moss:verify'));
    }

    public function test_a_role_and_a_client_are_merged_and_what_was_recorded_stays(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,settled\n", 'clients.csv' => "client,name\npier,Pier Trust\n"]);
        $this->post('/office/directory/roles/surveyor/merge', ['into' => 'senior'])->assertSessionHas('message', 'Surveyor is merged into Senior.');
        self::assertSame(['senior', 'surveyor'], [$this->person('ada')->role?->code, DB::table('entries')->join('roles', 'roles.id', 'role_id')->value('code')]);
        self::assertSame(0, DB::table('assignments')->join('roles', 'roles.id', 'role_id')->where('code', 'surveyor')->count());

        $this->post('/office/clients/of/harbour/contacts', ['name' => 'Orla Finch', 'email' => 'orla@harbour.example']);
        $this->post('/office/directory/clients/harbour/merge', ['into' => 'pier']);
        self::assertSame([2, 'pier'], [DB::table('projects')->join('clients', 'clients.id', 'client_id')->where('clients.code', 'pier')->count(), DB::table('client_contacts')->join('clients', 'clients.id', 'client_id')->value('code')]);
        self::assertSame(0, Artisan::call('moss:verify'));
    }

    public function test_a_client_has_contacts(): void
    {
        $contact = ['name' => 'Orla Finch', 'email' => 'orla@harbour.example', 'phone' => '+353 1 555 0100', 'position' => 'Harbour master'];
        $this->post('/office/clients/of/harbour/contacts', $contact)->assertSessionHas('message', 'Orla Finch is saved.');
        $this->post('/office/clients/of/harbour/contacts', $contact)->assertSessionHasErrors(['name' => __('organisation.contact_taken')]);
        $this->post('/office/clients/of/harbour/contacts', ['email' => 'orla'] + $contact)->assertSessionHasErrors('email');
        $this->put('/office/contacts/1', ['name' => 'Orla Finch-Reed'] + $contact)->assertSessionHasNoErrors();
        self::assertSame([['Orla Finch-Reed', 'Harbour master']], array_map(null, self::each($this->given('/office/clients/of/harbour')->value('client.contacts'), 'name'), self::each($this->given('/office/clients/of/harbour')->value('client.contacts'), 'position')));
        $this->delete('/office/contacts/1')->assertSessionHas('message', 'Orla Finch-Reed is removed.');
        self::assertSame(['add contact', 'change contact', 'remove contact'], DB::table('audit_trail')->where('subject', 'client')->orderBy('id')->pluck('act')->all());
    }

    public function test_charge_codes_are_made_up_as_the_client_wants_them(): void
    {
        $this->put('/office/clients/of/harbour', ['name' => 'Harbour Board', 'scheme' => 'a b'])->assertSessionHasErrors('scheme');
        $this->put('/office/clients/of/harbour', ['name' => 'Harbour Board', 'scheme' => 'HB-{project}-##'])->assertSessionHas('message', 'Harbour Board is saved.');
        $add = fn (string $name, string $chargeCode) => $this->actingAs($this->person('mo'))->postJson('/projects/LENS/plan', ['lines' => [['task' => $name, 'chargeCode' => $chargeCode]]]);
        $add('Fog horn', 'HB-LENS-7')->assertUnprocessable()->assertSee('Charge codes of Harbour Board look like HB-{project}-##');
        $add('Fog horn', 'HB-LENS-07')->assertSuccessful();
        $add('Bell', '')->assertSuccessful();
        $this->putJson('/projects/LENS/plan', ['changes' => [['task' => $this->task('FIT')->id, 'fields' => ['chargeCode' => 'X']]]])->assertUnprocessable();
        self::assertSame(['HB-LENS-07', null], [DB::table('tasks')->where('name', 'Fog horn')->value('charge_code'), DB::table('tasks')->where('name', 'Bell')->value('charge_code')]);

        $this->actingAs($this->person('kit'))->put('/office/clients/of/harbour', ['name' => 'Harbour Board', 'scheme' => 'HB-{task}']);
        $add('Whistle', '')->assertSuccessful();
        $whistle = Task::query()->where('name', 'Whistle')->sole();
        self::assertSame('HB-'.$whistle->code, $whistle->charge_code);
    }

    public function test_details_go_out_and_come_back_the_same(): void
    {
        $this->put('/office/directory/roles/senior', ['name' => 'Senior', 'retired' => true]);
        $this->put('/office/clients/of/harbour', ['name' => 'Harbour Board', 'scheme' => 'HB-##']);
        $this->post('/office/clients/of/harbour/contacts', ['name' => 'Orla Finch']);
        $folder = $this->folder();
        self::assertSame(0, Artisan::call('moss:export', ['folder' => $folder]));
        self::assertSame(["role,retired\nsenior,yes\n", "client,retired,charge_code_scheme,charge_code_separator\nharbour,no,HB-##,\n", "client,name,email,phone,position\nharbour,\"Orla Finch\",,,\n", false], [file_get_contents("$folder/role_details.csv"), file_get_contents("$folder/client_details.csv"), file_get_contents("$folder/client_contacts.csv"), file_exists("$folder/team_details.csv")]);
        Role::query()->update(['is_retired' => false]);
        Client::query()->update(['charge_code_scheme' => null]);
        self::assertSame(0, Artisan::call('moss:import', ['source' => $folder]));
        self::assertSame([true, 'HB-##'], [Role::query()->where('code', 'senior')->sole()->is_retired, Client::query()->sole()->charge_code_scheme]);
    }
}
