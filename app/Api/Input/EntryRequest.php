<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Http\Input\BoundedRequest;
use App\OwnFields\TypedFields;
use App\Pay\TypedPay;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Time\Minutes;

/** What an entry is to hold; what is not named stays as it is. */
final class EntryRequest extends BoundedRequest implements DescribesBody
{
    /** How values of own fields are given. */
    public const OWN_FIELDS = ['type' => 'object', 'additionalProperties' => ['type' => ['string', 'null'], 'maxLength' => 1000], 'description' => 'Values of own fields by their codes; null or empty to clear one.'];

    /** How kinds of pay are asked for. */
    public const PAY = ['type' => 'object', 'additionalProperties' => ['type' => ['string', 'integer', 'null']], 'description' => 'How much of it is to be `overtime`, `double` or a premium, by its code: hours as people type them, or minutes as a number; null or empty where nothing is chosen.'];

    /** @return array<string, list<mixed>> */
    public static function rulesUnder(string $under): array
    {
        return [
            $under.'hours' => ['nullable', 'string', 'max:40'],
            $under.'minutes' => ['nullable', 'integer', 'between:0,'.Minutes::PER_DAY],
            $under.'note' => ['nullable', 'string', 'max:'.ClientNote::MAX_LENGTH],
            $under.'clientNote' => ['nullable', 'string', 'max:'.ClientNote::MAX_LENGTH],
            $under.'billable' => ['nullable', 'boolean'],
            $under.'chargeCode' => ['nullable', 'string', 'max:200'],
            ...TypedFields::rules($under.'fields'),
            ...TypedPay::rules($under.'pay'),
        ];
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return self::rulesUnder('');
    }

    public static function fields(): array
    {
        return [
            'hours' => ['type' => 'string', 'description' => 'As people type them: `7.5`, `7:30`, `7h 30m`; empty or `0` to clear the entry.'],
            'minutes' => ['type' => 'integer', 'minimum' => 0, 'maximum' => Minutes::PER_DAY, 'description' => 'In the place of the hours.'],
            'note' => ['type' => 'string', 'maxLength' => ClientNote::MAX_LENGTH, 'description' => 'For the team.'],
            'clientNote' => ['type' => 'string', 'maxLength' => ClientNote::MAX_LENGTH],
            'billable' => ['type' => 'boolean', 'description' => 'As the task is, where it is not named.'],
            'chargeCode' => ['type' => ['string', 'null'], 'maxLength' => 200, 'description' => 'One that the client composes; null or empty for that of the task.'],
            'fields' => self::OWN_FIELDS,
            'pay' => self::PAY,
        ];
    }

    public static function required(): array
    {
        return [];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($this->input('hours') !== null && $this->input('minutes') !== null) {
                $validator->errors()->add('minutes', Wording::of('api.amount'));
            }
        }];
    }
}
