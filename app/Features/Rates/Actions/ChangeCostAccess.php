<?php

declare(strict_types=1);

namespace App\Features\Rates\Actions;

use App\Models\Person;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use Illuminate\Support\Facades\DB;

/** Lets somebody see what hours cost on the projects that they manage, or no longer. */
final readonly class ChangeCostAccess
{
    public function __construct(private Trail $trail)
    {
    }

    public function handle(Person $office, Person $person, bool $maySee): void
    {
        DB::transaction(function () use ($office, $person, $maySee): void {
            if ($person->sees_cost === $maySee) {
                return;
            }
            $person->update(['sees_cost' => $maySee]);
            $this->trail->of([TrailLine::on(TrailSubject::Access, $person->code, $maySee ? 'show cost' : 'hide cost', $office, null, null, $person->id)]);
        });
    }
}
