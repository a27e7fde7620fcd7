<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\AccessRight;
use App\Models\Organisation;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;

/** What a token is for, what may be done with it, and until when. */
final class AccessTokenRequest extends BoundedRequest
{
    public const LONGEST_DAYS = 366;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'rights' => ['required', 'list', 'max:'.count(AccessRight::cases())],
            'rights.*' => [Rule::enum(AccessRight::class), 'distinct'],
            'isApplication' => ['boolean', static function (string $attribute, mixed $value, Closure $fail): void {
                if (filter_var($value, FILTER_VALIDATE_BOOL) && ! Gate::allows('keep', Organisation::class)) {
                    $fail(Wording::refusal('office'));
                }
            }],
            'endsOn' => ['required', 'string', static function (string $attribute, mixed $value, Closure $fail): void {
                $today = Day::of(app(Today::class)->instant()->format('Y-m-d'));
                try {
                    $day = Day::of(is_string($value) ? $value : '');
                } catch (NotADay) {
                    $fail(Wording::of('tokens.ends_on', ['days' => self::LONGEST_DAYS]));

                    return;
                }
                if ($day->isBefore($today) || $today->daysUntil($day) > self::LONGEST_DAYS) {
                    $fail(Wording::of('tokens.ends_on', ['days' => self::LONGEST_DAYS]));
                }
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('tokens.name'), 'rights' => Wording::of('tokens.rights'), 'rights.*' => Wording::of('tokens.rights'), 'endsOn.required' => Wording::of('tokens.ends_on', ['days' => self::LONGEST_DAYS])];
    }

    /** @return non-empty-list<AccessRight> */
    public function rights(): array
    {
        $rights = [];
        foreach ($this->array('rights') as $right) {
            $rights[] = AccessRight::from(is_string($right) ? $right : '');
        }

        return $rights === [] ? [AccessRight::Read] : $rights;
    }
}
