<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Actions;

use App\Features\ClientSystems\Queries\BothSystems;
use App\Models\ClientSystem;
use App\Models\ClientSystemWeek;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;

/** Finds anew in which weeks a client's system and we do not agree; of weeks that are over. */
final readonly class FindOpenWeeks
{
    public function __construct(private Today $today)
    {
    }

    public function handle(ClientSystem $system): void
    {
        $last = Week::containing($this->today->in('UTC'))->monday()->plusDays(-1);
        $open = [];
        foreach ($last->isBefore($system->starts_on) ? [] : BothSystems::of($system, DayRange::between($system->starts_on, $last)) as $person => $days) {
            foreach ($days as $day) {
                if (! $day->agrees()) {
                    $monday = Week::containing(Day::of($day->date))->monday()->toString();
                    $open["$person $monday"] = ['client_system_id' => $system->id, 'person_id' => $person, 'monday' => $monday, 'sunday' => Day::of($monday)->plusDays(6)->toString(), 'days' => ($open["$person $monday"]['days'] ?? 0) + 1];
                }
            }
        }
        DB::transaction(static function () use ($system, $open): void {
            ClientSystemWeek::query()->where('client_system_id', $system->id)->delete();
            foreach (array_chunk(array_values($open), 500) as $part) {
                ClientSystemWeek::query()->insert($part);
            }
        });
    }

    /** Before something is billed: of every client, or of one. */
    public function ofClient(?int $client): void
    {
        foreach (ClientSystem::query()->when($client !== null, static fn ($of) => $of->where('client_id', $client))->get() as $system) {
            $this->handle($system);
        }
    }
}
