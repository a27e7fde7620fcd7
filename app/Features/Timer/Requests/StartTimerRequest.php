<?php

declare(strict_types=1);

namespace App\Features\Timer\Requests;

use App\Http\Input\NamesLine;

/** What a timer is started on. */
final class StartTimerRequest extends TimerRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::ofLine(), ...self::ofAnyAct()];
    }
}
