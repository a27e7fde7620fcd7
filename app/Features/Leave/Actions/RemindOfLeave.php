<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\Approval\LeaveDeciders;
use App\Models\LeaveRequest;
use App\Models\MessageKind;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Leave\LeaveState;

/** Reminds whoever decides of requests that have waited for three days, or begin within three; once on each of these occasions. */
final readonly class RemindOfLeave
{
    private const DAYS = 3;

    private const AT_ONCE = 100;

    public function __construct(private NotifyPeople $notify, private Today $today)
    {
    }

    public function handle(DateTimeImmutable $now): void
    {
        $today = Day::of($now->format('Y-m-d'));
        $since = $now->modify('-'.self::DAYS.' days')->format('Y-m-d\TH:i:s\Z');
        $soon = $today->plusDays(self::DAYS)->toString();
        LeaveRequest::query()->with(['kind', 'person'])->where('state', LeaveState::Requested)
            ->where(static fn ($due) => $due->where('requested_at', '<=', $since)->orWhere('starts_on', '<=', $soon))
            ->chunkById(self::AT_ONCE, function (Collection $requests) use ($since, $soon): void {
                $notices = [];
                foreach ($requests as $request) {
                    foreach (LeaveDeciders::of($request->person, $this->today->for($request->person)) as $decider) {
                        foreach ([['waits', $request->requested_at <= $since], ['begins', $request->starts_on->toString() <= $soon]] as [$why, $holds]) {
                            if ($holds) {
                                $notices[] = new Notice($decider, MessageKind::LeaveRequested, 'leave '.$request->id.' '.$why.' '.$request->starts_on->toString(), LeaveNotices::values($request), '/leave/requests');
                            }
                        }
                    }
                }
                DB::transaction(fn () => $this->notify->of($notices));
            });
    }
}
