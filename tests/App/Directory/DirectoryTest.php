<?php

declare(strict_types=1);

namespace Tests\App\Directory;

use App\Models\Client;
use App\Models\Role;
use App\Models\Team;
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
}
