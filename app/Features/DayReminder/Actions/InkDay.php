<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Actions;

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
use Moss\Core\Time\Minutes;

/** Inks what is pencilled for a day, as its owner would, by the link of a reminder; a link does so once a day. */
final readonly class InkDay
{
    public function __construct(private DayPencil $pencil, private SaveCells $save, private Today $today)
    {
    }

    /**
     * @param  string  $signature  of the link
     * @param  array<string, string>|null  $hours  as typed, by line; lines that are left out or empty are not inked; null for all as pencilled
     * @return list<CellResult>|null null where the link has been used for the day
     */
    public function handle(Person $person, Day $day, string $signature, ?array $hours = null): ?array
    {
        $inputs = [];
        foreach ($this->pencil->of($person, $day)->proposals as $line) {
            $typed = $hours === null ? null : trim($hours[$line->line] ?? '');
            if ($typed !== '') {
                [$task, $role] = explode(':', $line->line);
                $inputs[] = new CellInput((int) $task, $role === '' ? null : (int) $role, $day, $typed, null, minutes: $typed === null ? Minutes::of($line->minutes) : null);
            }
        }

        return DB::transaction(function () use ($person, $day, $signature, $inputs): ?array {
            if (self::isUsed($signature, $day)) {
                return null;
            }
            $results = $inputs === [] ? [] : $this->save->handle($person, $person, $inputs, Wording::refusal('day_reminder_by_link'));
            // With nothing saved the link is as good as before.
            if (array_filter($results, static fn (CellResult $result): bool => $result->outcome === CellOutcome::Saved) !== []) {
                UsedLink::query()->insert(['signature' => self::mark($signature, $day), 'person_id' => $person->id, 'used_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            }

            return $results;
        });
    }

    public static function isUsed(string $signature, Day $day): bool
    {
        return UsedLink::query()->where('signature', self::mark($signature, $day))->exists();
    }

    private static function mark(string $signature, Day $day): string
    {
        return hash('sha256', $signature.' '.$day->toString());
    }
}
