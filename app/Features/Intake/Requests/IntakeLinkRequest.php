<?php

declare(strict_types=1);

namespace App\Features\Intake\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Client;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;

/** For which client a link is, and until when it works. */
final class IntakeLinkRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['client' => ['required', 'string', Rule::exists('clients', 'code')], 'endsOn' => ['required', 'string', new WorkDay, 'after_or_equal:'.app(Today::class)->in('UTC')->toString()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['client' => Wording::of('intake.client'), 'endsOn' => Wording::of('intake.ends_on')];
    }

    public function client(): Client
    {
        return Client::query()->where('code', $this->string('client')->toString())->sole();
    }

    public function endsOn(): Day
    {
        return Day::of($this->string('endsOn')->toString());
    }
}
