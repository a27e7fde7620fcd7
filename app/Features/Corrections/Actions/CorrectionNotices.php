<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Features\Messages\Actions\Notice;
use App\Features\Messages\Actions\Tell;
use App\Models\Correction;
use App\Models\MessageKind;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/** Tells approvers what is asked of them, and owners what was decided. */
final readonly class CorrectionNotices
{
    public function __construct(private Tell $tell)
    {
    }

    public function asked(Person $owner, Correction $correction): void
    {
        // Without an approver, the office decides: all of it is told.
        $approvers = $correction->approver_id === null
            ? array_map(static fn (Record $person): int => $person->int('id'), Record::all(DB::table('people')->select('id')->where('access', 'office')->where('id', '<>', $owner->id)))
            : [$correction->approver_id];
        $this->tell->of(array_map(static fn (int $approver): Notice => new Notice($approver, MessageKind::CorrectionAsked, 'correction '.$correction->id.' '.$correction->minutes, [
            'name' => $owner->name, 'day' => Day::of($correction->date), 'before' => Minutes::of($correction->minutes_before), 'after' => Minutes::of($correction->minutes), 'word' => $correction->reason,
        ], '/review'), $approvers));
    }

    public function decided(Person $approver, Correction $correction): void
    {
        $week = Week::containing(Day::of($correction->date));
        $this->tell->of([new Notice($correction->person_id, MessageKind::CorrectionDecided, 'correction '.$correction->id.' decided', [
            'name' => $approver->name, 'day' => Day::of($correction->date), 'verdict' => $correction->state->value,
            'before' => Minutes::of($correction->minutes_before), 'after' => Minutes::of($correction->minutes), 'word' => $correction->word,
        ], '/week/'.$week->toString())]);
    }
}
