<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Assignment;
use App\Models\Person;
use App\Models\Task;
use Illuminate\Database\Eloquent\Factories\Factory;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** @extends Factory<Assignment> */
final class AssignmentFactory extends Factory
{
    protected $model = Assignment::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'task_id' => Task::factory(),
            'person_id' => Person::factory(),
            'planned_minutes' => Minutes::ofHours(40),
            'starts_on' => Day::of('2026-06-01'),
            'ends_on' => Day::of('2026-06-30'),
        ];
    }
}
