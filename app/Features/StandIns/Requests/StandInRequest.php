<?php

declare(strict_types=1);

namespace App\Features\StandIns\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NotBefore;
use App\Http\Input\WorkDay;
use App\Models\Person;
use App\Models\Project;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

final class StandInRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'principal' => ['nullable', 'string', Rule::exists('people', 'code')],
            'standIn' => ['required', 'string', Rule::exists('people', 'code')],
            'from' => ['required', new WorkDay],
            'to' => ['required', new WorkDay, new NotBefore('from')],
            'projects' => ['nullable', 'list', 'max:200'],
            'projects.*' => ['required', 'string', Rule::exists('projects', 'code')],
        ];
    }

    /** In whose place; without a name, the reader's. */
    public function principal(Person $reader): Person
    {
        $code = $this->string('principal')->toString();

        return $code === '' ? $reader : Person::query()->where('code', $code)->sole();
    }

    public function standIn(): Person
    {
        return Person::query()->where('code', $this->string('standIn')->toString())->sole();
    }

    public function days(): DayRange
    {
        return DayRange::between(Day::of($this->string('from')->toString()), Day::of($this->string('to')->toString()));
    }

    /** @return list<Project> */
    public function projects(): array
    {
        return array_values(Project::query()->whereIn('code', $this->array('projects'))->orderBy('code')->get()->all());
    }
}
