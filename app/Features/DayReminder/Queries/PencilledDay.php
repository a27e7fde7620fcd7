<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Queries;

use App\Features\DayReminder\Props\DayReminderLineProps;
use App\Models\Person;
use App\Support\Language\Wording;
use Moss\Core\Time\Minutes;

/** A day as it stands: expected, entered and pencilled, in minutes. */
final readonly class PencilledDay
{
    /** @param  list<DayReminderLineProps>  $proposals */
    public function __construct(public int $expected, public int $entered, public int $pencilled, public array $proposals)
    {
    }

    public static function nothing(): self
    {
        return new self(0, 0, 0, []);
    }

    /** Whether less is entered than is expected. */
    public function isShort(): bool
    {
        return $this->entered < $this->expected;
    }

    /** @return list<string> what is pencilled, in words */
    public function lines(Person $reader): array
    {
        return array_map(static fn (DayReminderLineProps $line): string => Wording::of('messages.mail.line', [
            'hours' => Wording::hours(Minutes::of($line->minutes), $reader), 'task' => $line->task, 'project' => $line->project,
        ]), $this->proposals);
    }
}
