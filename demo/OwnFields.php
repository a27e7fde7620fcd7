<?php

declare(strict_types=1);

namespace Demo;

use App\Features\Directory\Actions\KeepChargeCodes;
use App\Features\OwnFieldSettings\Actions\KeepOwnFields;
use App\Features\OwnFieldSettings\Actions\OwnFieldInput;
use App\Models\Client;
use App\Models\Entry;
use App\Models\LineChargeCode;
use App\Models\OwnField;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\OwnFields\OwnFieldValues;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\ChargeCodes\CodedPart;
use Moss\Core\ChargeCodes\Composition;
use Moss\Core\ChargeCodes\PartCode;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;

/** The place of work that the tax office asks for, two more fields, and a client whose charge codes are composed of parts. */
final readonly class OwnFields
{
    private const PLACES = ['office' => 'Workshop or office', 'site' => 'On site', 'home' => 'At home', 'abroad' => 'Abroad'];

    public function __construct(private KeepOwnFields $fields, private KeepChargeCodes $chargeCodes)
    {
    }

    public function handle(Day $today): void
    {
        $office = Person::query()->where('code', 'tobin.vale')->sole();
        $since = Week::containing($today)->plusWeeks(-8)->monday();
        $place = $this->fields->add($office, new OwnFieldInput('place', 'Place of work', FieldSubject::Entry, FieldKind::Choice, false, $since, null, null, self::PLACES, false));
        $this->fields->add($office, new OwnFieldInput('ledger', 'Ledger number', FieldSubject::Project, FieldKind::Text, false, null, null, null, [], false));
        $this->fields->add($office, new OwnFieldInput('first-aid', 'First aid until', FieldSubject::Person, FieldKind::Date, false, null, null, null, [], false));
        if ($place !== null) {
            self::recordPlaces($place, $since, $today);
        }
        $this->composeChargeCodes($office, $since);
    }

    /** Some work at home on Fridays, who draws is in the office, all others on site; this week nobody has said so yet. */
    private static function recordPlaces(OwnField $place, Day $since, Day $today): void
    {
        $values = [];
        foreach (Entry::query()->with('task.project')->whereBetween('date', [$since->toString(), Week::containing($today)->monday()->plusDays(-1)->toString()])->get() as $entry) {
            $values[$entry->id] = [$place->id => match (true) {
                $entry->date->weekday() === 5 && $entry->person_id % 3 === 0 => 'home',
                $entry->task->project->internal, in_array($entry->task->code, ['DRAW', 'MODEL', 'DESIGN', 'REPORT', 'CONSENT', 'COSTS', 'RECORD'], true) => 'office',
                default => 'site',
            }];
        }
        OwnFieldValues::write(FieldSubject::Entry, $values);
    }

    private function composeChargeCodes(Person $office, Day $since): void
    {
        $client = Client::query()->where('code', 'hollin')->sole();
        $this->chargeCodes->handle($office, $client, Composition::of('-', [
            new CodedPart('Grant', [new PartCode('H1', 'Wildlife'), new PartCode('H2', 'Fabric')]),
            new CodedPart('Work', [new PartCode('SUR', 'Survey'), new PartCode('WRK', 'Works'), new PartCode('AFT', 'Aftercare')]),
            new CodedPart('Cost', [new PartCode('LAB', 'Labour'), new PartCode('TRV', 'Travel')]),
        ], ['H1 SUR *', 'H1 WRK LAB', 'H1 AFT LAB', 'H2 * LAB']));
        // The trust is still finding out what belongs where, so nobody is held up yet.
        DB::table('house_rules')->insertOrIgnore(['rule' => RuleCode::ChargeCodeMissing->value, 'severity' => Severity::Information->value, 'starts_on' => $since->toString()]);
        $tasks = Task::query()->whereIn('project_id', Project::query()->where('code', 'BATS')->select('id'))->with('phase')->get();
        foreach ($tasks as $task) {
            if ($task->phase !== null && $task->phase->name !== 'Survey') {
                $task->update(['charge_code' => $task->phase->name === 'Works' ? 'H1-WRK-LAB' : 'H1-AFT-LAB']);
            }
        }
        $ilse = Person::query()->where('code', 'ilse.navarro')->sole();
        foreach ($tasks->where('phase.name', 'Survey') as $task) {
            LineChargeCode::query()->create(['person_id' => $ilse->id, 'task_id' => $task->id, 'role_id' => $ilse->role_id, 'charge_code' => 'H1-SUR-TRV']);
            Entry::query()->where('person_id', $ilse->id)->where('task_id', $task->id)->where('state', '<>', 'settled')->update(['charge_code' => 'H1-SUR-TRV']);
        }
    }
}
