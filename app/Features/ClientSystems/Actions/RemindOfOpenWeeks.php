<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Actions;

use App\Models\ClientSystem;
use App\Models\ClientSystemWeek;
use App\Models\MessageKind;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;

/** Tells people once a week in which weeks a client's system has other hours than they recorded. */
final readonly class RemindOfOpenWeeks
{
    private const MOST_WEEKS = 12;

    public function __construct(private NotifyPeople $notify, private FindOpenWeeks $find, private Today $today)
    {
    }

    /** @return int how many people were told */
    public function handle(): int
    {
        $now = Week::containing($this->today->in('UTC'));
        $told = 0;
        foreach (ClientSystem::query()->orderBy('id')->get() as $system) {
            $this->find->handle($system);
            $notices = [];
            foreach (ClientSystemWeek::query()->where('client_system_id', $system->id)->where('monday', '>=', $now->plusWeeks(-self::MOST_WEEKS)->monday()->toString())->orderBy('monday')->get()->groupBy('person_id') as $person => $weeks) {
                $notices[] = new Notice((int) $person, MessageKind::HoursDiffer, "hours differ $system->id ".$now->toString(), ['system' => $system->name, 'count' => $weeks->count()], '/client-systems?week='.Week::containing($weeks->firstOrFail()->monday)->toString());
            }
            DB::transaction(fn () => $this->notify->of($notices));
            $told += count($notices);
        }

        return $told;
    }
}
