<?php

declare(strict_types=1);

namespace App\Features\Billing\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NotBefore;
use App\Http\Input\WorkDay;
use App\Models\BillingKind;
use App\Models\Client;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;

/** What is billed, or paid, up to which day. */
final class BillingFileRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(BillingKind::class)],
            'client' => ['nullable', 'string', Rule::exists('clients', 'code')],
            'seen' => ['nullable', 'string', 'max:40'],
            'from' => ['required', 'string', new WorkDay(Wording::of('billing.from'))],
            'until' => ['required', 'string', new WorkDay(Wording::of('billing.until')), new NotBefore('from', Wording::of('billing.reversed'))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['client' => Wording::of('billing.client'), 'from.required' => Wording::of('billing.from'), 'until.required' => Wording::of('billing.until')];
    }

    public function kind(): BillingKind
    {
        return BillingKind::from($this->string('kind')->toString());
    }

    public function client(): ?Client
    {
        return $this->filled('client') && $this->kind() === BillingKind::Bill ? Client::query()->where('code', $this->string('client')->toString())->sole() : null;
    }

    /** What the office saw before it created the file; null where nothing was looked at. */
    public function seen(): ?string
    {
        return $this->filled('seen') ? $this->string('seen')->toString() : null;
    }

    public function day(string $name): Day
    {
        return Day::of($this->string($name)->toString());
    }
}
