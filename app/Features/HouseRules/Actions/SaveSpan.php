<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Actions;

use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Writes down from when to when somebody worked on a day; twice is the same as once. */
final readonly class SaveSpan
{
    public function __construct(private Trail $trail)
    {
    }

    /** @param  array{int, int, int}|null  $span  start and end in minutes after midnight, and the break; null for none */
    public function handle(Person $actor, Person $owner, Day $day, ?array $span): void
    {
        DB::transaction(function () use ($actor, $owner, $day, $span): void {
            $key = ['person_id' => $owner->id, 'date' => $day->toString()];
            $kept = Record::all(DB::table('day_spans')->where($key))[0] ?? null;
            $before = $kept?->only('starts_at', 'ends_at', 'break_minutes');
            $after = $span === null ? null : ['starts_at' => $span[0], 'ends_at' => $span[1], 'break_minutes' => $span[2]];
            if ($before === $after) {
                return;
            }
            DB::table('day_spans')->where($key)->delete();
            if ($after !== null) {
                DB::table('day_spans')->insert($key + $after);
            }
            $this->trail->of([new TrailLine('change', $actor->id, null, $owner->id, null, $day->toString(), $before, $after, '', TrailSubject::Sheet, 'start, end and break')]);
        });
    }
}
