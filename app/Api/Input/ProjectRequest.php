<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Plan\Requests\ProjectRequest as PageProjectRequest;
use Moss\Core\Effort\EstimateMode;

/** What a project is: what is left out is none, or as usual. */
final class ProjectRequest extends PageProjectRequest implements DescribesBody
{
    public static function fields(): array
    {
        return [
            'code' => ['type' => ['string', 'null'], 'description' => 'Of a new project; without one it is made of the name.'],
            'name' => ['type' => 'string', 'maxLength' => 200],
            'client' => ['type' => ['string', 'null'], 'description' => 'Code or name; a name that is not known makes a new client.'],
            'manager' => ['type' => 'string', 'description' => 'Code of a person.'],
            'startsOn' => ['type' => ['string', 'null'], 'format' => 'date'],
            'endsOn' => ['type' => ['string', 'null'], 'format' => 'date'],
            'hours' => ['type' => ['string', 'null'], 'description' => 'About how much a new project will be; planned on a first task.'],
            'billable' => ['type' => 'boolean', 'default' => true],
            'isOpen' => ['type' => 'boolean', 'default' => true],
            'fields' => EntryRequest::OWN_FIELDS,
            'estimateMode' => ['type' => ['string', 'null'], 'enum' => [...array_column(EstimateMode::cases(), 'value'), null]],
        ];
    }

    public static function required(): array
    {
        return ['name', 'manager'];
    }
}
