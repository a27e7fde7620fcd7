<?php

declare(strict_types=1);

namespace App\Features\Receipts\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\ReceiptReminder;
use Illuminate\Validation\Rule;

/** How often somebody wants to be reminded. */
final class ReminderRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['reminder' => ['required', Rule::enum(ReceiptReminder::class)]];
    }

    public function reminder(): ReceiptReminder
    {
        return ReceiptReminder::from($this->string('reminder')->toString());
    }
}
