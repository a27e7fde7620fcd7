<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\Models\LeaveRequest;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;
use RuntimeException;

/** Why leave cannot be asked for, decided or taken back; the message is a sentence for people. Nothing was changed. */
final class LeaveNotPossible extends RuntimeException
{
    public static function noWork(): self
    {
        return new self(Wording::of('leave.no_work'));
    }

    public static function closed(Day $until): self
    {
        return new self(Wording::of('leave.closed', ['day' => Wording::day($until)]));
    }

    public static function away(Day $day, string $kind): self
    {
        return new self(Wording::of('leave.away', ['day' => Wording::day($day), 'kind' => $kind]));
    }

    public static function awaySince(Day $day, string $kind): self
    {
        return new self(Wording::of('leave.away_since', ['day' => Wording::day($day), 'kind' => $kind]));
    }

    public static function retired(string $kind): self
    {
        return new self(Wording::of('leave.retired', ['kind' => $kind]));
    }

    public static function decided(LeaveRequest $request): self
    {
        return new self(Wording::of('leave.decided', ['state' => Wording::of('leave.states.'.$request->state->value)]));
    }

    public static function used(string $kind): self
    {
        return new self(Wording::of('leave.kind_used', ['name' => $kind]));
    }

    public static function commentMissing(): self
    {
        return new self(Wording::of('leave.comment'));
    }
}
