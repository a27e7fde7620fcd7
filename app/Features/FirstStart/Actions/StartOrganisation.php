<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Calendars\Actions\KeepHolidays;
use App\Features\Calendars\Actions\KeepOrganisation;
use App\Features\Calendars\Queries\CountryHolidays;
use App\Features\FirstStart\StartKey;
use App\Features\Leave\Actions\KeepAbsenceKinds;
use App\Features\Passwords\Actions\PasswordRefused;
use App\Features\Passwords\PasswordRules;
use App\Features\SignIn\Actions\ChangeAccess;
use App\Features\SignIn\Actions\SignInSessions;
use App\Lookup\FreeCode;
use App\Models\Access;
use App\Models\Person;
use App\Models\SignInMethod;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;
use Moss\Core\Calendar\WorkPattern;

/** Makes an empty installation an organisation with somebody who keeps its time office, and signs them in. */
final readonly class StartOrganisation
{
    public function __construct(
        private KeepOrganisation $organisation,
        private KeepHolidays $holidays,
        private KeepAbsenceKinds $absenceKinds,
        private PasswordRules $rules,
        private ChangeAccess $access,
        private SignInSessions $sessions,
        private AuditTrail $auditTrail,
        private Today $today,
    ) {
    }

    /**
     * @param  string  $country  whose public holidays hold, of this year and the next; empty for none yet
     *
     * @throws PasswordRefused if the password is not good enough, or somebody was faster
     */
    public function handle(string $name, string $country, string $currency, WorkPattern $pattern, string $person, string $email, string $password, ?string $timezone): void
    {
        $first = DB::transaction(function () use ($name, $country, $currency, $pattern, $person, $email, $password, $timezone): Person {
            if (! StartKey::isOpen()) {
                throw PasswordRefused::because((string) __('organisation.start_key'));
            }
            $calendar = $country === '' ? null : $this->organisation->addCalendar(null, trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', CountryHolidays::countries()[$country] ?? $country), '-'));
            $this->organisation->handle(null, $name, $currency, $pattern, null, $calendar);
            $first = Person::query()->create(['code' => FreeCode::of(Person::query(), (string) strstr($email, '@', true), 'office'), 'name' => $person, 'email' => $email, 'access' => Access::Office, 'timezone' => $timezone, 'starts_on' => Week::containing($this->today->in($timezone ?? 'UTC'))->monday()])->refresh();
            $fault = $this->rules->fault($password, $first);
            if ($fault !== null) {
                throw PasswordRefused::because($fault);
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Person, $first->code, 'add', null, null, ['name' => $person, 'email' => $email, 'access' => Access::Office->value], $first->id)]);
            if ($calendar !== null) {
                $year = $this->today->in('UTC')->year();
                $this->holidays->addOfCountry($first, $calendar, $country, $year, $year + 1);
            }
            $this->absenceKinds->addUsual($first);
            $this->access->setPassword($first, $password, $first);

            return $first;
        });
        $this->sessions->begin($first, SignInMethod::Password);
    }
}
