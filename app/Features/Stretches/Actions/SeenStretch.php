<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Models\Person;
use App\Models\Stretch;

/** The time by the clock that an act is on, as it was seen by whoever acts. */
final readonly class SeenStretch
{
    public function __construct(private int $id, private int $version)
    {
    }

    /**
     * As the week shows it; within a transaction.
     *
     * @throws StretchRefused if it is gone, or was changed in the meantime
     */
    public function of(Person $owner): Stretch
    {
        $stretch = Stretch::query()->where('person_id', $owner->id)->find($this->id);
        if ($stretch === null) {
            throw StretchRefused::because('gone');
        }
        if ($stretch->version !== $this->version) {
            throw StretchRefused::because('moved_on');
        }
        FitStretches::handle($owner, [$stretch->date->toString()]);

        return $stretch->fresh() ?? throw StretchRefused::because('gone');
    }
}
