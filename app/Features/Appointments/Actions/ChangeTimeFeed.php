<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Models\Person;
use App\Models\TimeFeed;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Makes a private address of a person's recorded time, in the place of any before, or removes it. */
final readonly class ChangeTimeFeed
{
    public function __construct(private Today $today)
    {
    }

    /** @return string the token of the address, which is not stored */
    public function make(Person $person): string
    {
        $token = Str::random(48);
        DB::transaction(function () use ($person, $token): void {
            TimeFeed::query()->where('person_id', $person->id)->delete();
            TimeFeed::query()->create(['person_id' => $person->id, 'token_hash' => hash('sha256', $token), 'created_at' => $this->today->now()->format(AppointmentWindow::INSTANT)]);
        });

        return $token;
    }

    public function remove(Person $person): void
    {
        TimeFeed::query()->where('person_id', $person->id)->delete();
    }
}
