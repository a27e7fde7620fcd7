<?php

declare(strict_types=1);

namespace App\Features\PersonalData\Queries;

use App\Models\Absence;
use App\Models\Answer;
use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\Assignment;
use App\Models\AuditTrailRow;
use App\Models\ClientSystemPerson;
use App\Models\ClientSystemWeek;
use App\Models\ComparisonMailing;
use App\Models\Correction;
use App\Models\DaySpan;
use App\Models\Entry;
use App\Models\EntryPayChoice;
use App\Models\EntryPayKind;
use App\Models\Expense;
use App\Models\FavouriteTask;
use App\Models\FileTransfer;
use App\Models\FindingExplanation;
use App\Models\FrontPageComparison;
use App\Models\Identity;
use App\Models\LeaveAllowance;
use App\Models\LeaveRequest;
use App\Models\LeftOutSeries;
use App\Models\LineChargeCode;
use App\Models\Message;
use App\Models\OutboxMail;
use App\Models\OwnFieldValue;
use App\Models\PasswordLink;
use App\Models\PayPremiumPerson;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Phrase;
use App\Models\ProposedEstimate;
use App\Models\Rate;
use App\Models\Receipt;
use App\Models\Recorder;
use App\Models\RecoveryCode;
use App\Models\RemainingEstimate;
use App\Models\SavedComparison;
use App\Models\SavedComparisonReader;
use App\Models\ScheduleFile;
use App\Models\SecondFactor;
use App\Models\SheetChoice;
use App\Models\SignIn;
use App\Models\StandIn;
use App\Models\Stretch;
use App\Models\SubmittedFinding;
use App\Models\TimeFeed;
use App\Models\Timer;
use App\Models\TrackerPerson;
use App\Models\Trip;
use App\Models\Upload;
use App\Models\UsedLink;
use App\Models\WorkRequest;
use App\Models\WorkRequestComment;
use App\OwnFields\OwnFieldValues;
use App\Support\Database\Record;
use Closure;
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
        yield 'findings' => $of(SubmittedFinding::query())->select('week', 'date', 'rule', 'severity', 'text_values', 'explanation')->orderBy('id');
        yield 'trips' => $of(Trip::query())->select('name')->orderBy('id');
        yield 'work_requests' => $of(WorkRequest::query())->select('title', 'description', 'wanted_by', 'about_minutes', 'state', 'requested_at', 'decided_at', 'comment')->orderBy('id');
        yield 'comments_on_work_requests' => $of(WorkRequestComment::query(), 'work_request_comments.person_id')->join('work_requests', 'work_requests.id', 'work_request_comments.work_request_id')->select('work_requests.title', 'text', 'commented_at')->orderBy('work_request_comments.id');
        foreach ([
            'leave_allowances' => LeaveAllowance::query(), 'remaining_estimates' => RemainingEstimate::query(), 'proposed_estimates' => ProposedEstimate::query(), 'corrections' => Correction::query(),
            'days_by_the_clock' => DaySpan::query(), 'time_by_the_clock' => Stretch::query(), 'timers' => Timer::query(), 'calendars' => AppointmentCalendar::query(), 'appointments' => Appointment::query(), 'left_out_appointments' => LeftOutSeries::query(), 'pinned_tasks' => FavouriteTask::query(), 'charge_codes_of_lines' => LineChargeCode::query(), 'recording_permissions' => Recorder::query(), 'explanations' => FindingExplanation::query(), 'answers' => Answer::query(), 'rates' => Rate::query(),
            'stand_ins' => StandIn::query(), 'saved_phrases' => Phrase::query(), 'messages' => Message::query(), 'sign_ins' => SignIn::query(), 'sign_in_identities' => Identity::query(), 'audit_trail' => AuditTrailRow::query(),
        ] as $name => $query) {
            yield $name => $of($query)->orderBy($query->getModel()->getTable().'.'.($name === 'audit_trail' ? 'id' : 'person_id'));
        }
        yield from self::inOtherSystems($of);
        yield from self::chosen($of);
        yield from self::account($of);
        yield 'own_acts' => $of(AuditTrailRow::query(), 'actor_id')->where(static fn (Builder $others): Builder => $others->whereNull('person_id')->orWhere('person_id', '<>', $person->id))->select('at', 'act', 'subject', 'name', 'date')->orderBy('id');
        yield 'saved_comparisons' => $of(SavedComparison::query(), 'owner_id')->orderBy('id');
        yield 'emails' => OutboxMail::query()->toBase()->where('recipient', $person->email)->select('at', 'subject', 'text')->orderBy('id');
    }

    /**
     * What task trackers and clients call them, and where they differ.
     *
     * @param  Closure(EloquentBuilder<covariant Model>, string=): Builder  $of
     * @return iterable<string, Builder>
     */
    private static function inOtherSystems(Closure $of): iterable
    {
        yield 'names_in_task_trackers' => $of(TrackerPerson::query())->join('trackers', 'trackers.id', 'tracker_people.tracker_id')->select('trackers.name AS tracker', 'tracker_people.login', 'tracker_people.name', 'tracker_people.email')->orderBy('tracker_people.id');
        yield 'names_in_client_systems' => $of(ClientSystemPerson::query())->join('client_systems', 'client_systems.id', 'client_system_people.client_system_id')->select('client_systems.name AS system', 'client_system_people.called')->orderBy('client_system_people.id');
        yield 'weeks_that_differ_in_client_systems' => $of(ClientSystemWeek::query())->join('client_systems', 'client_systems.id', 'client_system_weeks.client_system_id')->select('client_systems.name AS system', 'monday', 'sunday', 'days')->orderBy('client_system_weeks.id');
    }

    /**
     * What they may use, follow or are sent, and what they chose beside what is recorded.
     *
     * @param  Closure(EloquentBuilder<covariant Model>, string=): Builder  $of
     * @return iterable<string, Builder>
     */
    private static function chosen(Closure $of): iterable
    {
        yield 'premiums' => $of(PayPremiumPerson::query())->join('pay_premiums', 'pay_premiums.id', 'pay_premium_people.pay_premium_id')->select('pay_premiums.name')->orderBy('pay_premium_people.id');
        foreach (['comparisons_on_the_front_page' => FrontPageComparison::query(), 'comparisons_by_email' => ComparisonMailing::query(), 'comparisons_shared_with_them' => SavedComparisonReader::query()] as $name => $query) {
            $table = $query->getModel()->getTable();
            yield $name => $of($query, $table.'.person_id')->join('saved_comparisons', 'saved_comparisons.id', $table.'.saved_comparison_id')->select('saved_comparisons.name')->orderBy('saved_comparisons.id');
        }
        yield 'choices_in_weeks' => $of(SheetChoice::query(), 'sheet_choices.person_id')->join('tasks', 'tasks.id', 'sheet_choices.task_id')->select('sheet_choices.week', 'tasks.name AS task', 'sheet_choices.date', 'sheet_choices.choice')->orderBy('sheet_choices.id');
    }

    /**
     * How they sign in, without what is secret of it, and the files that they sent.
     *
     * @param  Closure(EloquentBuilder<covariant Model>, string=): Builder  $of
     * @return iterable<string, Builder>
     */
    private static function account(Closure $of): iterable
    {
        yield 'second_factor' => $of(SecondFactor::query())->select('confirmed_at');
        yield 'recovery_codes' => $of(RecoveryCode::query())->select('used_at')->orderBy('id');
        yield 'password_links' => $of(PasswordLink::query())->select('kind', 'sent_at', 'expires_at', 'used_at')->orderBy('id');
        yield 'used_links' => $of(UsedLink::query())->select('used_at')->orderBy('used_at');
        yield 'time_feed' => $of(TimeFeed::query())->select('created_at');
        yield 'imports_and_exports' => $of(FileTransfer::query())->select('kind', 'state', 'begun_at', 'finished_at', 'options', 'report')->orderBy('id');
        yield 'schedule_files' => $of(ScheduleFile::query())->select('name', 'received_at')->orderBy('id');
        yield 'uploads' => $of(Upload::query())->select('name', 'size', 'begun_at')->orderBy('begun_at');
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
