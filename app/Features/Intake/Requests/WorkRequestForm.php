<?php

declare(strict_types=1);

namespace App\Features\Intake\Requests;

use App\Features\Intake\Actions\TakeFiles;
use App\Features\Intake\Actions\WorkInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Client;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** What is wanted, for whom, until when and roughly how much; and who asks, where that is somebody at a client. */
class WorkRequestForm extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:200'],
            'description' => ['nullable', 'string', 'max:10000'],
            'client' => ['nullable', 'string', Rule::exists('clients', 'code')],
            'wantedBy' => ['nullable', 'string', new WorkDay],
            'about' => ['nullable', 'string', 'max:20', static function (string $name, mixed $value, Closure $fail): void {
                try {
                    HoursText::ofPlan(is_string($value) ? $value : '');
                } catch (HoursTextRefused) {
                    $fail(Wording::of('intake.about'));
                }
            }],
            'uploads' => ['nullable', 'array', 'max:'.TakeFiles::MOST],
            'uploads.*' => ['required', 'string', 'regex:/^[0-9a-f]{32}$/D'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title' => Wording::of('intake.title'), 'description' => Wording::of('intake.description'), 'client' => Wording::of('intake.client'), 'about' => Wording::of('intake.about'),
            'uploads' => Wording::of('intake.files', ['most' => TakeFiles::MOST]), 'uploads.*' => Wording::of('intake.file_gone'),
        ];
    }

    public function work(): WorkInput
    {
        return new WorkInput(
            $this->string('title')->trim()->toString(),
            $this->string('description')->trim()->toString(),
            $this->filled('client') ? Client::query()->where('code', $this->string('client')->toString())->sole() : null,
            $this->filled('wantedBy') ? Day::of($this->string('wantedBy')->toString()) : null,
            $this->filled('about') ? $this->about() : null,
            array_values(array_filter($this->array('uploads'), is_string(...))),
        );
    }

    private function about(): Minutes
    {
        return HoursText::ofPlan($this->string('about')->trim()->toString());
    }
}
