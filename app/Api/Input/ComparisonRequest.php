<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Compare\Requests\CompareRequest;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;

/** What is compared, as the address of the page has it. */
final class ComparisonRequest extends CompareRequest implements DescribesBody
{
    public static function fields(): array
    {
        $groupings = array_column(Grouping::cases(), 'value');
        $codes = static fn (string $of): array => ['type' => 'string', 'description' => 'Codes of '.$of.', with commas between.'];

        return [
            'by' => ['type' => 'string', 'enum' => $groupings, 'default' => Grouping::Project->value],
            'then' => ['type' => 'string', 'enum' => $groupings, 'description' => 'What each group is told apart by.'],
            'across' => ['type' => 'string', 'enum' => [Grouping::Week->value, Grouping::Month->value, Grouping::Quarter->value]],
            'period' => ['type' => 'string', 'description' => '`this-month`, `last-quarter`, `last-3-months`, `to-date` and so on; or a first and a last day.'],
            'from' => ['type' => 'string', 'format' => 'date'],
            'to' => ['type' => 'string', 'format' => 'date'],
            'project' => $codes('projects'), 'person' => $codes('people'), 'team' => $codes('teams'), 'client' => $codes('clients'),
            'manager' => $codes('project managers'), 'role' => $codes('roles'), 'charge-code' => ['type' => 'string', 'description' => 'Charge codes, with commas between.'],
            'field' => ['type' => 'string', 'description' => 'The code of the own field that `field` in `by` and `then`, and `value`, are about.'],
            'value' => ['type' => 'string', 'description' => 'Values of that field, with commas between; `-` for none.'],
            'internal' => ['type' => 'string', 'enum' => ['only', 'out'], 'description' => 'Time that belongs to no client.'],
            'billable' => ['type' => 'string', 'enum' => ['yes', 'no']],
            'pending' => ['type' => 'string', 'enum' => ['in'], 'description' => 'Counts what is not approved yet.'],
            'show' => ['type' => 'string', 'description' => 'Measures, with commas between: '.implode(', ', array_column(Measure::cases(), 'value')).'.'],
        ];
    }

    public static function required(): array
    {
        return [];
    }
}
