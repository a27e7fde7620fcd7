<?php

declare(strict_types=1);

namespace App\Features\PersonalData\Queries;

use App\Models\Absence;
use App\Models\Answer;
use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\Assignment;
use App\Models\AuditTrailRow;
use App\Models\Correction;
use App\Models\DaySpan;
use App\Models\Entry;
use App\Models\EntryPayChoice;
use App\Models\EntryPayKind;
use App\Models\Expense;
use App\Models\FavouriteTask;
use App\Models\FindingExplanation;
use App\Models\Identity;
use App\Models\LeaveAllowance;
use App\Models\LeaveRequest;
use App\Models\LeftOutSeries;
use App\Models\LineChargeCode;
use App\Models\Message;
use App\Models\OutboxMail;
use App\Models\OwnFieldValue;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Phrase;
use App\Models\ProposedEstimate;
use App\Models\Rate;
use App\Models\Receipt;
use App\Models\Recorder;
use App\Models\RemainingEstimate;
use App\Models\SavedComparison;
use App\Models\SignIn;
use App\Models\StandIn;
use App\Models\Stretch;
use App\Models\Timer;
use App\OwnFields\OwnFieldValues;
use App\Support\Database\Record;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Moss\Core\OwnFields\FieldSubject;

/** Everything that is stored about a person, as pieces of one JSON object; secrets such as the password are left out. */
final class PersonalDataFile
{
    private const SECRETS = ['password', 'remember_token'];

    /** @return iterable<string> */
    public static function pieces(Person $person): iterable
    {
        yield '{"person":'.self::json(array_diff_key($person->getAttributes(), array_flip(self::SECRETS)) + [
            'team' => $person->team?->name, 'line_manager' => $person->manager?->name, 'usual_role' => $person->role?->name,
        ]);
        foreach (self::tables($person) as $name => $query) {
            yield ',"'.$name.'":[';
            $comma = '';
            foreach (Record::each($query) as $row) {
                yield $comma.self::json($row->toArray());
                $comma = ",\n";
            }
            yield ']';
        }
        yield "}\n";
    }

    /** @return iterable<string, Builder> by what they are called */
    private static function tables(Person $person): iterable
    {
        $of = static fn (EloquentBuilder $query, string $column = 'person_id'): Builder => self::own($query, $column, $person->id);
        yield 'entries' => $of(Entry::query(), 'entries.person_id')->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->select('entries.date', 'projects.name AS project', 'tasks.name AS task', 'roles.name AS role', 'entries.minutes', 'entries.state', 'entries.note', 'entries.client_note', 'entries.billable', 'entries.corrects', 'entries.charge_code')->selectSub(OwnFieldValues::beside(FieldSubject::Entry, 'entries.id'), 'own_fields')->orderBy('entries.date')->orderBy('entries.id');
        yield 'assignments' => $of(Assignment::query(), 'assignments.person_id')->join('tasks', 'tasks.id', 'assignments.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->select('projects.name AS project', 'tasks.name AS task', 'assignments.planned_minutes', 'assignments.starts_on', 'assignments.ends_on')->orderBy('assignments.id');
        yield 'pay_kinds' => $of(EntryPayKind::query()->join('entries', 'entries.id', 'entry_pay_kinds.entry_id'), 'entries.person_id')->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->select('entries.date', 'projects.name AS project', 'tasks.name AS task', 'entry_pay_kinds.kind', 'entry_pay_kinds.minutes')->orderBy('entries.date')->orderBy('entry_pay_kinds.id');
        yield 'pay_choices' => $of(EntryPayChoice::query()->join('entries', 'entries.id', 'entry_pay_choices.entry_id'), 'entries.person_id')->leftJoin('pay_premiums', 'pay_premiums.id', 'entry_pay_choices.pay_premium_id')
            ->select('entries.date', 'entry_pay_choices.kind', 'pay_premiums.name AS premium', 'entry_pay_choices.minutes')->orderBy('entries.date')->orderBy('entry_pay_choices.id');
        yield 'expenses' => $of(Expense::query(), 'expenses.person_id')->join('tasks', 'tasks.id', 'expenses.task_id')->join('projects', 'projects.id', 'tasks.project_id')->join('expense_categories', 'expense_categories.id', 'expenses.expense_category_id')
            ->leftJoin('currencies', 'currencies.id', 'expenses.currency_id')->leftJoin('trips', 'trips.id', 'expenses.trip_id')
            ->select('expenses.date', 'projects.name AS project', 'tasks.name AS task', 'expense_categories.name AS category', 'currencies.code AS currency', 'expenses.gross_minor', 'expenses.tax_minor', 'expenses.gross_cents', 'expenses.distance_tenths')
            ->addSelect('expenses.from_place', 'expenses.to_place', 'trips.name AS trip', 'expenses.note', 'expenses.client_note', 'expenses.explanation', 'expenses.state')->orderBy('expenses.date')->orderBy('expenses.id');
        yield 'receipts' => $of(Receipt::query())->select('name', 'media_type', 'bytes', 'reading', 'mailed', 'received_at')->orderBy('id');
        yield 'pay_rules' => $of(PayRule::query())->orderBy('id');
        yield 'own_fields' => $of(OwnFieldValue::query(), 'own_field_values.person_id')->join('own_fields', 'own_fields.id', 'own_field_values.own_field_id')->select('own_fields.name', 'own_field_values.value')->orderBy('own_fields.id');
        yield 'absences' => $of(Absence::query(), 'absences.person_id')->join('absence_kinds', 'absence_kinds.id', 'absences.absence_kind_id')->select('absences.date', 'absences.minutes', 'absence_kinds.name AS kind')->orderBy('absences.date');
        yield 'leave_requests' => $of(LeaveRequest::query(), 'leave_requests.person_id')->join('absence_kinds', 'absence_kinds.id', 'leave_requests.absence_kind_id')
            ->select('absence_kinds.name AS kind', 'starts_on', 'ends_on', 'from_midday', 'until_midday', 'note', 'state', 'requested_at', 'decided_at', 'comment')->orderBy('leave_requests.id');
        foreach ([
            'leave_allowances' => LeaveAllowance::query(), 'remaining_estimates' => RemainingEstimate::query(), 'proposed_estimates' => ProposedEstimate::query(), 'corrections' => Correction::query(),
            'days_by_the_clock' => DaySpan::query(), 'time_by_the_clock' => Stretch::query(), 'timers' => Timer::query(), 'calendars' => AppointmentCalendar::query(), 'appointments' => Appointment::query(), 'left_out_appointments' => LeftOutSeries::query(), 'pinned_tasks' => FavouriteTask::query(), 'charge_codes_of_lines' => LineChargeCode::query(), 'recording_permissions' => Recorder::query(), 'explanations' => FindingExplanation::query(), 'answers' => Answer::query(), 'rates' => Rate::query(),
            'stand_ins' => StandIn::query(), 'saved_phrases' => Phrase::query(), 'messages' => Message::query(), 'sign_ins' => SignIn::query(), 'sign_in_identities' => Identity::query(), 'audit_trail' => AuditTrailRow::query(),
        ] as $name => $query) {
            yield $name => $of($query)->orderBy($query->getModel()->getTable().'.'.($name === 'audit_trail' ? 'id' : 'person_id'));
        }
        yield 'own_acts' => $of(AuditTrailRow::query(), 'actor_id')->where(static fn (Builder $others): Builder => $others->whereNull('person_id')->orWhere('person_id', '<>', $person->id))->select('at', 'act', 'subject', 'name', 'date')->orderBy('id');
        yield 'saved_comparisons' => $of(SavedComparison::query(), 'owner_id')->orderBy('id');
        yield 'emails' => OutboxMail::query()->toBase()->where('recipient', $person->email)->select('at', 'subject', 'text')->orderBy('id');
    }

    /** @param  EloquentBuilder<covariant Model>  $query */
    private static function own(EloquentBuilder $query, string $column, int $person): Builder
    {
        return $query->toBase()->where($column, $person);
    }

    /** @param  array<string, mixed>  $values */
    private static function json(array $values): string
    {
        return json_encode((object) $values, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }
}
