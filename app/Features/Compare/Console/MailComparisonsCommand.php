<?php

declare(strict_types=1);

namespace App\Features\Compare\Console;

use App\Features\Compare\Jobs\MailComparisonJob;
use App\Models\ComparisonMailing;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Collection;
use Moss\Core\Calendar\DueDay;

/** Queues the saved comparisons that are due to be mailed, from six in the morning where their reader is. */
final class MailComparisonsCommand extends Command
{
    private const FROM_HOUR = 6;

    private const AT_ONCE = 500;

    protected $signature = 'moss:mail-comparisons';

    protected $description = 'Queue the saved comparisons that are due to be mailed';

    public function handle(Today $today): int
    {
        $count = 0;
        ComparisonMailing::query()->with('person')->orderBy('saved_comparison_id')->orderBy('person_id')->chunk(self::AT_ONCE, static function (Collection $mailings) use ($today, &$count): void {
            foreach ($mailings as $mailing) {
                $due = DueDay::latest($mailing->rhythm, $mailing->day, $today->for($mailing->person));
                $isDay = (int) $today->now()->setTimezone(new DateTimeZone($mailing->person->timezone ?? 'UTC'))->format('G') >= self::FROM_HOUR;
                if ($isDay && $due->isAfter($mailing->sent_on)) {
                    MailComparisonJob::dispatch($mailing->saved_comparison_id, $mailing->person_id, $due->toString());
                    $count++;
                }
            }
        });
        $this->line(Wording::choice('commands.comparisons_mailing', $count));

        return self::SUCCESS;
    }
}
