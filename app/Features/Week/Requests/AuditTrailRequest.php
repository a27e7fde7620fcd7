<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;
use App\Http\Input\WorkDay;
use Moss\Core\Calendar\Day;

final class AuditTrailRequest extends BoundedRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::ofLine(),
            'date' => ['required', new WorkDay],
        ];
    }

    public function day(): Day
    {
        return Day::of($this->string('date')->toString());
    }
}
