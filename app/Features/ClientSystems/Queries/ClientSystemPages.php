<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Queries;

use App\Features\ClientSystems\Props\CalledKindProps;
use App\Features\ClientSystems\Props\ClientSystemPersonProps;
use App\Features\ClientSystems\Props\ClientSystemProps;
use App\Features\ClientSystems\Props\ClientSystemRowProps;
use App\Features\ClientSystems\Props\ClientSystemsProps;
use App\Features\ClientSystems\Props\ComparedCodeProps;
use App\Features\ClientSystems\Props\ComparedDayProps;
use App\Features\ClientSystems\Props\ComparedPersonProps;
use App\Features\ClientSystems\Props\OwnDifferencesProps;
use App\Models\ClientSystem;
use App\Models\ClientSystemPerson;
use App\Models\ClientSystemWeek;
use App\Models\Person;
use App\Pay\PayPremiums;
use App\Support\Database\Sql;
use Moss\Core\Agreement\ComparedDay;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;

/** What the pages of clients' systems show. */
final class ClientSystemPages
{
    /** Of weeks that somebody is shown at once. */
    private const MOST_WEEKS = 12;

    public static function all(Day $today): ClientSystemsProps
    {
        $open = ClientSystemWeek::query()->toBase()->groupBy('client_system_id')->select('client_system_id')->addSelect(Sql::count('weeks'))->pluck('weeks', 'client_system_id');

        return new ClientSystemsProps(array_values(ClientSystem::query()->with('client')->orderBy('name')->get()->map(static fn (ClientSystem $one): ClientSystemRowProps => new ClientSystemRowProps(
            $one->id, $one->name, $one->client->name, $one->read_at, is_numeric($open[$one->id] ?? 0) ? (int) ($open[$one->id] ?? 0) : 0,
        ))->all()), Week::containing($today)->monday()->toString());
    }

    public static function one(ClientSystem $system, ?Week $week, Day $today): ClientSystemProps
    {
        $open = array_values(array_unique(array_map(static fn (ClientSystemWeek $one): string => Week::containing($one->monday)->toString(), ClientSystemWeek::query()->where('client_system_id', $system->id)->orderBy('monday')->get()->all())));
        $week ??= $open === [] ? Week::containing($today)->plusWeeks(-1) : Week::of($open[0]);
        $compared = BothSystems::of($system, $week->days());
        $premiums = PayPremiums::load();
        $names = Person::query()->whereIntegerInRaw('id', array_keys($compared))->get(['id', 'code', 'name'])->keyBy('id');
        $people = [];
        foreach ($compared as $id => $days) {
            $person = $names->get($id);
            if ($person !== null && $days !== []) {
                $people[] = new ComparedPersonProps($person->code, $person->name, array_sum(array_map(static fn (ComparedDay $day): int => $day->here, $days)), array_sum(array_map(static fn (ComparedDay $day): int => $day->there, $days)), self::open($system, $premiums, $days));
            }
        }
        usort($people, static fn (ComparedPersonProps $one, ComparedPersonProps $other): int => [$one->days === [], $one->name] <=> [$other->days === [], $other->name]);

        return new ClientSystemProps(
            $system->id, $system->name, $system->client->code, $system->client->name, $system->starts_on->toString(), $system->person_by, $system->person_heading, $system->date_heading, $system->hours_heading, $system->charge_code_heading, $system->pay_kind_heading,
            array_map(static fn (string $kind): CalledKindProps => new CalledKindProps($kind, $premiums->name($kind), $system->pay_kind_names[$kind] ?? ''), $premiums->keys()),
            $system->read_at, $week->toString(), $week->monday()->toString(), $week->sunday()->toString(), $week->plusWeeks(-1)->toString(), $week->plusWeeks(1)->toString(), $open, $people,
            array_values(ClientSystemPerson::query()->where('client_system_id', $system->id)->whereNull('person_id')->orderBy('called')->get()->map(static fn (ClientSystemPerson $one): ClientSystemPersonProps => new ClientSystemPersonProps($one->id, $one->called))->all()),
        );
    }

    /** @return list<OwnDifferencesProps> where somebody's own hours differ */
    public static function own(Person $person): array
    {
        $own = [];
        $premiums = PayPremiums::load();
        foreach (ClientSystemWeek::query()->with('system.client')->where('person_id', $person->id)->orderBy('monday')->limit(self::MOST_WEEKS)->get()->groupBy('client_system_id') as $weeks) {
            $system = $weeks->firstOrFail()->system;
            $days = DayRange::between($weeks->firstOrFail()->monday, $weeks->last()->sunday ?? $weeks->firstOrFail()->sunday);
            $own[] = new OwnDifferencesProps($system->name, $system->client->name, self::open($system, $premiums, BothSystems::of($system, $days, $person->id)[$person->id] ?? []));
        }

        return $own;
    }

    /**
     * @param  list<ComparedDay>  $days
     * @return list<ComparedDayProps> those that do not agree
     */
    private static function open(ClientSystem $system, PayPremiums $premiums, array $days): array
    {
        return array_values(array_map(static fn (ComparedDay $day): ComparedDayProps => new ComparedDayProps($day->date, $day->here, $day->there, $day->side(), $day->agrees(), array_values(array_filter(array_map(
            static fn (string|int $key, array $sides): ?ComparedCodeProps => $sides[0] === $sides[1] ? null : self::part($system, $premiums, (string) $key, $sides[0], $sides[1]), array_keys($day->codes), array_values($day->codes),
        )))), array_filter($days, static fn (ComparedDay $day): bool => ! $day->agrees())));
    }

    private static function part(ClientSystem $system, PayPremiums $premiums, string $key, int $here, int $there): ComparedCodeProps
    {
        [$code, $kind] = CodeAndKind::parts($key);

        return new ComparedCodeProps($system->charge_code_heading === '' ? null : $code, $kind === '' ? '' : $premiums->name($kind), $here, $there);
    }
}
