<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Person;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Person> */
final class PersonFactory extends Factory
{
    protected $model = Person::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'code' => Str::random(8),
            'name' => 'Nell Harrow',
            'email' => Str::random(12).'@fenlight.example',
        ];
    }
}
