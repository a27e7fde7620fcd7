<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Actions;

use App\Features\DayReminder\Props\DayReminderLineProps;
use App\Features\DayReminder\Queries\DayPencil;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Person;
use App\Models\UsedLink;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Inks all that is pencilled for a day, as its owner would, by the link of a reminder; a link does so once. */
final readonly class InkDay
{
    public function __construct(private DayPencil $pencil, private SaveCells $save, private Today $today)
    {
    }

    /**
     * @param  string  $signature  of the link
     * @return list<CellResult>|null null where the link has been used
     */
    public function handle(Person $person, Day $day, string $signature): ?array
    {
        $inputs = array_map(static function (DayReminderLineProps $line) use ($day): CellInput {
            [$task, $role] = explode(':', $line->line);

            return new CellInput((int) $task, $role === '' ? null : (int) $role, $day, $line->minutes.'m', null);
        }, $this->pencil->of($person, $day)->proposals);

        return DB::transaction(function () use ($person, $signature, $inputs): ?array {
            if (self::isUsed($signature)) {
                return null;
            }
            $results = $inputs === [] ? [] : $this->save->handle($person, $person, $inputs, Wording::refusal('day_reminder_by_link'));
            // With nothing saved the link is as good as before.
            if (array_filter($results, static fn (CellResult $result): bool => $result->outcome === CellOutcome::Saved) !== []) {
                UsedLink::query()->insert(['signature' => hash('sha256', $signature), 'person_id' => $person->id, 'used_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            }

            return $results;
        });
    }

    public static function isUsed(string $signature): bool
    {
        return UsedLink::query()->where('signature', hash('sha256', $signature))->exists();
    }
}
