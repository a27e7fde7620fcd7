<?php

declare(strict_types=1);

namespace App\Features\Messages\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\MessageKind;
use App\Models\MessagePreferences;
use Illuminate\Validation\Rule;

final class NotificationSettingsRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'notInApp' => ['present', 'list'],
            'notInApp.*' => ['required', Rule::enum(MessageKind::class)],
            'notByMail' => ['present', 'list'],
            'notByMail.*' => ['required', Rule::enum(MessageKind::class)],
            'hour' => ['required', 'integer', 'min:0', 'max:23'],
            'dayReminderHour' => ['required', 'integer', 'min:0', 'max:23'],
        ];
    }

    public function settings(): MessagePreferences
    {
        return new MessagePreferences(
            array_values(array_filter($this->array('notInApp'), is_string(...))),
            array_values(array_filter($this->array('notByMail'), is_string(...))),
            $this->integer('hour'),
            $this->integer('dayReminderHour'),
        );
    }
}
