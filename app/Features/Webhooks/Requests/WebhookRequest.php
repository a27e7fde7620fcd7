<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\WebhookTopic;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;

/** A webhook's name, address and topics. */
final class WebhookRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'address' => ['required', 'string', 'max:2000'],
            'topics' => ['required', 'list', 'max:'.count(WebhookTopic::cases())],
            'topics.*' => [Rule::enum(WebhookTopic::class), 'distinct'],
            'isPaused' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('webhooks.name'), 'address' => Wording::of('webhooks.address'), 'topics' => Wording::of('webhooks.topics'), 'topics.*' => Wording::of('webhooks.topics')];
    }

    /** @return non-empty-list<WebhookTopic> */
    public function topics(): array
    {
        $topics = array_values(array_filter(WebhookTopic::cases(), fn (WebhookTopic $topic): bool => in_array($topic->value, $this->array('topics'), true)));

        return $topics === [] ? [WebhookTopic::Time] : $topics;
    }
}
