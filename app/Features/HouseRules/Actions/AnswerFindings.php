<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Actions;

use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;

/** Keeps the words with which findings of a week are answered: all of them, or none; twice is the same as once. */
final readonly class AnswerFindings
{
    public function __construct(private Trail $trail)
    {
    }

    /** @param  list<GivenWord>  $words */
    public function handle(Person $actor, Person $owner, Week $week, array $words): void
    {
        if ($words === []) {
            return;
        }
        DB::transaction(function () use ($actor, $owner, $week, $words): void {
            $before = [];
            foreach (Record::all(DB::table('finding_words')->where('person_id', $owner->id)->where('week', $week->toString())) as $kept) {
                $before[self::key($kept->string('rule'), $kept->intOrNull('task_id'), $kept->intOrNull('role_id'), $kept->stringOrNull('date'))] = $kept;
            }
            $gone = [];
            $new = [];
            $lines = [];
            foreach ($words as $word) {
                $known = $before[self::key($word->rule, $word->task, $word->role, $word->date)] ?? null;
                $said = trim($word->word);
                if (($known?->string('word') ?? '') === $said) {
                    continue;
                }
                $gone[] = $known?->int('id');
                if ($said !== '') {
                    $new[] = ['person_id' => $owner->id, 'week' => $week->toString(), 'rule' => $word->rule, 'task_id' => $word->task, 'role_id' => $word->role, 'date' => $word->date, 'word' => $said];
                }
                $lines[] = new TrailLine(
                    'answer', $actor->id, null, $owner->id, $word->task, $word->date,
                    $known === null ? null : ['role' => $word->role, 'word' => $known->string('word')], ['role' => $word->role, 'week' => $week->toString()], $said, TrailSubject::Sheet, $word->rule,
                );
            }
            DB::table('finding_words')->whereIntegerInRaw('id', array_filter($gone))->delete();
            DB::table('finding_words')->insert($new);
            $this->trail->of($lines);
        });
    }

    private static function key(string $rule, ?int $task, ?int $role, ?string $date): string
    {
        return implode(' ', [$rule, $task ?? '', $role ?? '', $date ?? '']);
    }
}
