<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Requests;

use App\Http\Input\BoundedRequest;

final class TimesheetsRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['search' => ['nullable', 'string', 'max:100']];
    }

    public function search(): string
    {
        return $this->string('search')->trim()->toString();
    }
}
