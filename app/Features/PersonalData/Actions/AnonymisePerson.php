<?php

declare(strict_types=1);

namespace App\Features\PersonalData\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\ClientSystemPerson;
use App\Models\ComparisonMailing;
use App\Models\Entry;
use App\Models\Expense;
use App\Models\FavouriteTask;
use App\Models\FrontPageComparison;
use App\Models\Identity;
use App\Models\LeaveRequest;
use App\Models\LeftOutSeries;
use App\Models\LineChargeCode;
use App\Models\Message;
use App\Models\OutboxAttachment;
use App\Models\OutboxMail;
use App\Models\OwnFieldValue;
use App\Models\PasswordLink;
use App\Models\Person;
use App\Models\Phrase;
use App\Models\Project;
use App\Models\Receipt;
use App\Models\Recorder;
use App\Models\RecoveryCode;
use App\Models\SavedComparisonReader;
use App\Models\SecondFactor;
use App\Models\SheetChoice;
use App\Models\SignIn;
use App\Models\Stretch;
use App\Models\Team;
use App\Models\TimeFeed;
use App\Models\Timer;
use App\Models\TrackerPerson;
use App\Models\UsedLink;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Moss\Core\Leave\LeaveState;

/**
 * Takes out who somebody was: name, address, code, what other systems call them, sign-ins, messages, mails, calendars, and what they wrote of their leave. Time, plans and
 * rates stay, so that every sum does; so do notes of work, which are the project's, and the sealed audit trail. It cannot be undone.
 */
final readonly class AnonymisePerson
{
    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @throws AnonymisationRefused if they have not left, or still have something to do */
    public function handle(?Person $by, Person $person): void
    {
        DB::transaction(function () use ($by, $person): void {
            $this->mustBeGone($person);
            $this->forget($person);
            $name = Wording::of('personal.name', ['number' => $person->id]);
            // What other systems called them; what they recorded there stays.
            TrackerPerson::query()->where('person_id', $person->id)->update(['login' => 'person-'.$person->id, 'name' => $name, 'email' => '']);
            ClientSystemPerson::query()->where('person_id', $person->id)->update(['called' => $name]);
            $person->update([
                'code' => 'person-'.$person->id, 'name' => $name, 'email' => 'person-'.$person->id.'@anonymised.invalid', 'password' => null, 'timezone' => null,
                'disabled_at' => $person->disabled_at ?? $this->now(), 'anonymised_at' => $this->now(),
            ]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Person, $person->code, 'anonymise', $by, null, null, $person->id)]);
        });
    }

    /** @throws AnonymisationRefused */
    private function mustBeGone(Person $person): void
    {
        $refusal = match (true) {
            $person->anonymised_at !== null => 'already',
            $person->ends_on === null || ! $person->ends_on->isBefore($this->today->in('UTC')) => 'not_gone',
            Project::query()->where('manager_id', $person->id)->where('state', 'open')->exists(), Team::query()->where('lead_id', $person->id)->exists(), Person::query()->where('manager_id', $person->id)->exists() => 'responsible',
            Entry::query()->where('person_id', $person->id)->whereIn('state', ['draft', 'submitted', 'returned'])->exists() => 'open_time',
            Expense::query()->where('person_id', $person->id)->whereIn('state', ['draft', 'submitted', 'returned'])->exists() => 'open_expenses',
            default => null,
        };
        if ($refusal !== null) {
            throw AnonymisationRefused::because($refusal);
        }
    }

    private function forget(Person $person): void
    {
        $mails = OutboxMail::query()->where('recipient', $person->email)->select('id');
        OutboxAttachment::query()->whereIn('outbox_mail_id', $mails)->delete();
        OutboxMail::query()->where('recipient', $person->email)->delete();
        foreach ([Message::query(), SignIn::query(), PasswordLink::query(), SecondFactor::query(), RecoveryCode::query(), Identity::query(), Phrase::query(), Recorder::query(), Stretch::query()->where('is_inked', false), Timer::query(), FavouriteTask::query(), Appointment::query(), AppointmentCalendar::query(), LeftOutSeries::query(), TimeFeed::query(), OwnFieldValue::query(), LineChargeCode::query(), SheetChoice::query(), ComparisonMailing::query(), FrontPageComparison::query(), SavedComparisonReader::query(), UsedLink::query()] as $theirs) {
            $theirs->where('person_id', $person->id)->delete();
        }
        // Receipts of expenses stay as long as the books do.
        $waiting = Receipt::query()->where('person_id', $person->id)->whereNull('expense_id');
        foreach ((clone $waiting)->get() as $receipt) {
            File::delete($receipt->path());
        }
        $waiting->delete();
        LeaveRequest::query()->where('person_id', $person->id)->where('state', '<>', LeaveState::Approved)->whereNull('replaces_id')
            ->whereNotIn('id', LeaveRequest::query()->whereNotNull('replaces_id')->select('replaces_id'))->delete();
        LeaveRequest::query()->where('person_id', $person->id)->update(['note' => '', 'comment' => '', 'calendar_uid' => null]);
    }

    private function now(): string
    {
        return $this->today->now()->format('Y-m-d\TH:i:s\Z');
    }
}
