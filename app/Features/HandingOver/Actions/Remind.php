<?php

declare(strict_types=1);

namespace App\Features\HandingOver\Actions;

use App\Features\HandingOver\Queries\MissingWeeks;
use App\Features\Messages\Actions\LateWeek;
use App\Features\Messages\Actions\Tell;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\HandOver;

/** Reminds those who have not handed a week over, or one of them, of what is missing; once a day. */
final readonly class Remind
{
    public function __construct(private MissingWeeks $weeks, private Tell $tell, private Trail $trail, private Today $today)
    {
    }

    /**
     * @param  list<string>|null  $codes  null for all who have not
     * @return int how many were reminded
     */
    public function handle(Person $reader, Week $week, string $search, ?array $codes): int
    {
        $due = HandOver::dueOn($week, max(0, Organisation::query()->sole()->week_due));
        $notices = [];
        foreach ($this->weeks->missing($reader, $week, $search)[1] as [$person, $status]) {
            if ($codes === null || in_array($person->code, $codes, true)) {
                $notices[] = LateWeek::notice($person, $week, $due, $status, $this->today->for($person), $reader);
            }
        }
        $this->tell->many($notices);
        if ($notices !== []) {
            DB::transaction(fn () => $this->trail->of([TrailLine::on(TrailSubject::Sheet, $week->toString(), 'remind', $reader, null, ['people' => count($notices)])]));
        }

        return count($notices);
    }
}
