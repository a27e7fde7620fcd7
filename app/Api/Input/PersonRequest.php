<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\People\Requests\PersonRequest as PagePersonRequest;
use App\Models\Access;

/** What holds for somebody: what is left out is none. */
final class PersonRequest extends PagePersonRequest implements DescribesBody
{
    public static function fields(): array
    {
        $code = static fn (string $of): array => ['type' => ['string', 'null'], 'description' => 'Code of '.$of.'.'];
        $day = ['type' => ['string', 'null'], 'format' => 'date'];

        return [
            'code' => ['type' => ['string', 'null'], 'description' => 'Of somebody new; without one it is made of the email address.'],
            'name' => ['type' => 'string', 'maxLength' => 200],
            'email' => ['type' => 'string', 'maxLength' => 254],
            'access' => ['type' => 'string', 'enum' => array_column(Access::cases(), 'value')],
            'team' => $code('a team'), 'manager' => $code('the line manager'), 'role' => $code('a role'), 'calendar' => $code('the public holidays'),
            'timezone' => ['type' => ['string', 'null']], 'language' => ['type' => ['string', 'null']],
            'startsOn' => $day, 'endsOn' => $day,
            'breaks' => ['type' => 'array', 'maxItems' => 20, 'items' => ['type' => 'object', 'required' => ['first', 'last'], 'properties' => ['first' => ['type' => 'string', 'format' => 'date'], 'last' => ['type' => 'string', 'format' => 'date']]]],
            'pattern' => ['type' => 'array', 'maxItems' => 7, 'items' => ['type' => 'string'], 'description' => 'Hours of each weekday, Monday first; empty as the organisation has them.'],
            'fields' => EntryRequest::OWN_FIELDS,
            'patternFrom' => $day + ['description' => 'From when on the hours hold; always, where it is not said.'],
        ];
    }

    public static function required(): array
    {
        return ['name', 'email', 'access'];
    }

    /** Whether hours are given says whether they are the person's own. */
    protected function prepareForValidation(): void
    {
        $pattern = $this->input('pattern');
        $this->merge(['ownPattern' => is_array($pattern) && $pattern !== []] + ($pattern === [] ? ['pattern' => null] : []));
        parent::prepareForValidation();
    }
}
