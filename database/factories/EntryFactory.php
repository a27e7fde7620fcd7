<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Entry;
use App\Models\Person;
use App\Models\Task;
use Illuminate\Database\Eloquent\Factories\Factory;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** @extends Factory<Entry> */
final class EntryFactory extends Factory
{
    protected $model = Entry::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'person_id' => Person::factory(),
            'task_id' => Task::factory(),
            'date' => Day::of('2026-06-16'),
            'minutes' => Minutes::ofHours(8),
        ];
    }
}
