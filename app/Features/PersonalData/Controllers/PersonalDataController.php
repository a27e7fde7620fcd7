<?php

declare(strict_types=1);

namespace App\Features\PersonalData\Controllers;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\PersonalData\Actions\AnonymisationRefused;
use App\Features\PersonalData\Actions\AnonymisePerson;
use App\Features\PersonalData\Queries\PersonalDataFile;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What is stored about a person. */
final readonly class PersonalDataController
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function own(#[CurrentUser] Person $person): StreamedResponse
    {
        Gate::authorize('changePreferences', $person);

        return $this->file($person, $person);
    }

    public function show(#[CurrentUser] Person $office, Person $person): StreamedResponse
    {
        Gate::authorize('keep', Organisation::class);

        return $this->file($office, $person);
    }

    public function destroy(#[CurrentUser] Person $office, Person $person, AnonymisePerson $anonymise): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $anonymise->handle($office, $person);
        } catch (AnonymisationRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return redirect()->route('office.people')->with('message', Wording::choice('personal.done', 1));
    }

    private function file(Person $by, Person $person): StreamedResponse
    {
        DB::transaction(fn () => $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Person, $person->code, 'export personal data', $by, null, null, $person->id)]));

        return response()->streamDownload(static function () use ($person): void {
            foreach (PersonalDataFile::pieces($person) as $piece) {
                echo $piece;
            }
        }, 'personal-data-'.$person->code.'.json', ['Content-Type' => 'application/json']);
    }
}
