<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Files;

use App\Features\ClientSystems\Queries\CodeAndKind;
use App\Features\ClientSystems\Queries\HoursHere;
use App\Features\ClientSystems\Queries\PayKindNames;
use App\Models\ClientSystem;
use App\Models\ClientSystemPerson;
use App\Models\Person;
use App\Support\Files\CsvFile;
use App\Support\Files\Spreadsheet\SheetCell;
use App\Support\Files\SpreadsheetText;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/** Our hours in the form in which a client's system writes its own: under its headings, with people as it calls them. */
final class HoursForClient
{
    /** @return iterable<string> CSV piece by piece */
    public static function of(ClientSystem $system, DayRange $days): iterable
    {
        $hasCode = $system->charge_code_heading !== '';
        $hasKind = $system->pay_kind_heading !== '';
        yield CsvFile::write([[$system->person_heading, $system->date_heading, ...$hasCode ? [$system->charge_code_heading] : [], ...$hasKind ? [$system->pay_kind_heading] : [], $system->hours_heading]]);
        $names = PayKindNames::of($system);
        $hours = HoursHere::of($system, $days->first()->toString(), $days->last()->toString());
        $called = ClientSystemPerson::query()->where('client_system_id', $system->id)->whereNotNull('person_id')->pluck('called', 'person_id');
        foreach (Person::query()->whereIntegerInRaw('id', array_keys($hours))->orderBy('code')->get(['id', 'code', 'email', 'name']) as $person) {
            $name = $called[$person->id] ?? $person->getAttribute($system->person_by);
            ksort($hours[$person->id]);
            foreach ($hours[$person->id] as $date => $sums) {
                ksort($sums);
                foreach (array_filter($sums) as $key => $minutes) {
                    [$code, $kind] = CodeAndKind::parts((string) $key);
                    yield CsvFile::write([[
                        SpreadsheetText::guarded(is_string($name) ? $name : $person->name), $date, ...$hasCode ? [SpreadsheetText::guarded($code)] : [],
                        ...$hasKind ? [SpreadsheetText::guarded($names->called($kind))] : [], SheetCell::hours(Minutes::of($minutes))->value,
                    ]]);
                }
            }
        }
    }
}
