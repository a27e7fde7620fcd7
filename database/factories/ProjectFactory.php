<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Person;
use App\Models\Project;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Project> */
final class ProjectFactory extends Factory
{
    protected $model = Project::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'code' => Str::random(8),
            'name' => 'Lens refit',
            'manager_id' => Person::factory(),
        ];
    }
}
