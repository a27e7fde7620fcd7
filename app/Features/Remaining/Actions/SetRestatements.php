<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Models\Organisation;
use App\Models\Person;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;
use Illuminate\Support\Facades\DB;
use Moss\Core\Effort\RestatementMode;
use Moss\Core\Time\Minutes;

/** How words on what is left count in the organisation, and how far they may depart from the rule without a reason. */
final readonly class SetRestatements
{
    public function __construct(private Trail $trail)
    {
    }

    public function handle(Person $office, RestatementMode $mode, Minutes $tolerance): void
    {
        DB::transaction(function () use ($office, $mode, $tolerance): void {
            $organisation = Organisation::query()->sole();
            $before = ['restatements' => $organisation->restatements->value, 'tolerance_minutes' => $organisation->restatement_tolerance];
            $after = ['restatements' => $mode->value, 'tolerance_minutes' => $tolerance->toInt()];
            if ($before !== $after) {
                $organisation->update(['restatements' => $mode, 'restatement_tolerance' => $tolerance->toInt()]);
                $this->trail->of([TrailLine::on(TrailSubject::Setting, 'what is left', 'set', $office, $before, $after)]);
            }
        });
    }
}
