<?php

declare(strict_types=1);

namespace App\Features\People\Queries;

use App\Features\People\Props\EmploymentBreakProps;
use App\Features\People\Props\PatternProps;
use App\Features\People\Props\PersonFormProps;
use App\Http\Input\WeekHours;
use App\Lookup\Props\OptionProps;
use App\Models\Access;
use App\Models\Calendar;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\OwnFields\OwnFieldList;
use App\OwnFields\OwnFieldValues;
use App\Support\Clock\Today;
use App\Support\Language\ReaderLanguage;
use DateTimeZone;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\EmploymentBreaks;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\OwnFields\FieldSubject;

/** What the form of a person begins from. */
final readonly class PersonForm
{
    public function __construct(private Today $today)
    {
    }

    /** Somebody new begins today, where the office is. */
    public function ofNew(Person $office): PersonFormProps
    {
        return $this->of(new Person(['timezone' => $office->timezone, 'starts_on' => $this->today->for($office)->toString(), 'access' => Access::Member->value]));
    }

    public function of(Person $person): PersonFormProps
    {
        $person->loadMissing(['team', 'manager', 'role', 'calendar']);
        $patterns = $person->pattern === null ? [] : self::patterns(WorkPattern::of($person->pattern));
        $today = $this->today->in('UTC');
        $option = static fn (Person|Team|Role|null $one): ?OptionProps => $one === null ? null : new OptionProps($one->code, $one->name);

        return new PersonFormProps(
            $person->code ?? '',
            $person->name ?? '',
            $person->email ?? '',
            $option($person->team),
            $option($person->manager),
            $person->access,
            $option($person->role),
            $person->calendar?->code,
            $person->timezone,
            $person->starts_on?->toString(),
            $person->ends_on?->toString(),
            $person->pattern === null ? null : WeekHours::texts(WorkPattern::of($person->pattern), $today),
            count($patterns) > 1 ? $patterns : [],
            WeekHours::texts(WorkPattern::of(Organisation::query()->sole()->pattern), $today),
            array_values(array_filter(Calendar::query()->orderBy('code')->pluck('code')->all(), is_string(...))),
            DateTimeZone::listIdentifiers(),
            array_map(static fn (DayRange $break): EmploymentBreakProps => new EmploymentBreakProps($break->first()->toString(), $break->last()->toString()), EmploymentBreaks::of($person->employment_breaks ?? '')->ranges()),
            $person->language ?? config()->string('app.locale'),
            ReaderLanguage::languages(),
            OwnFieldList::of(FieldSubject::Person)->asked($today, $person->team?->code, null)->props(),
            $person->exists ? OwnFieldValues::of(FieldSubject::Person, [$person->id])[$person->id] ?? [] : [],
            $person->anonymised_at === null && $person->ends_on !== null && $person->ends_on->isBefore($today),
        );
    }

    /** @return non-empty-list<PatternProps> */
    private static function patterns(WorkPattern $pattern): array
    {
        $held = $pattern->byFirstDay();

        return array_map(static fn (string $from, array $minutes): PatternProps => new PatternProps($from === '' ? null : $from, array_values($minutes)), array_keys($held), array_values($held));
    }
}
