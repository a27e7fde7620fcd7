<?php

declare(strict_types=1);

namespace App\Features\Compare\Jobs;

use App\Features\Compare\Actions\MailComparison;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Moss\Core\Calendar\Day;

/** Mails one saved comparison to one reader. Run twice, it mails once. */
final class MailComparisonJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** @param  string  $due  day for which it is */
    public function __construct(public readonly int $comparison, public readonly int $person, public readonly string $due)
    {
    }

    public function handle(MailComparison $mail): void
    {
        $mail->handle($this->comparison, $this->person, Day::of($this->due));
    }
}
