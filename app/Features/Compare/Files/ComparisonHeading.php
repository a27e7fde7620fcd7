<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Features\Compare\Queries\ComparisonQuestion;
use App\Features\Compare\Queries\GroupNames;
use App\Models\Person;
use App\Support\Files\MadeBy;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use DateTimeImmutable;
use Moss\Core\Compare\Grouping;

/** What stands above a comparison that leaves the application: of what it is, who made it and when. */
final readonly class ComparisonHeading
{
    /** @param  list<string>  $filters */
    private function __construct(public string $title, public string $period, public array $filters, public string $made)
    {
    }

    /** @param  string  $name  of a saved comparison; empty for one without */
    public static function of(ComparisonQuestion $asked, Person $reader, DateTimeImmutable $now, string $name = ''): self
    {
        $terms = $asked->terms;

        return new self(
            $name === '' ? GroupWords::title($terms) : $name,
            Wording::of('compare.days', ['first' => LocalFormat::wholeDay($terms->days->first()), 'last' => LocalFormat::wholeDay($terms->days->last())]),
            self::filters($asked),
            MadeBy::of($reader, $now),
        );
    }

    /** @return list<string> */
    private static function filters(ComparisonQuestion $asked): array
    {
        $selection = $asked->terms->selection;
        $filters = [];
        foreach ([
            'project' => [Grouping::Project, $selection->projects], 'person' => [Grouping::Person, $selection->persons], 'team' => [Grouping::Team, $selection->teams],
            'client' => [Grouping::Client, $selection->clients], 'manager' => [Grouping::Manager, $selection->managers], 'role' => [Grouping::Role, $selection->roles],
            'charge-code' => [Grouping::ChargeCode, $selection->chargeCodes],
        ] as $kind => [$grouping, $codes]) {
            if ($codes !== []) {
                $names = GroupNames::for($grouping, $codes);
                $filters[] = Wording::of('compare.filter', ['kind' => Wording::of('compare.groupings.'.$kind), 'names' => implode(', ', array_map($names->nameOf(...), $codes))]);
            }
        }
        if ($selection->fieldValues !== [] && $asked->terms->field !== null) {
            $names = GroupNames::for(Grouping::OwnField, null, $asked->terms->field);
            $filters[] = Wording::of('compare.filter', ['kind' => $asked->terms->field->name, 'names' => implode(', ', array_map(static fn (string $code): string => GroupWords::of(Grouping::OwnField, $code, $names->nameOf($code)), $selection->fieldValues))]);
        }
        if ($selection->internal !== null) {
            $filters[] = Wording::of($selection->internal ? 'compare.internal_only' : 'compare.internal_out');
        }
        if ($selection->billable !== null) {
            $filters[] = Wording::of($selection->billable ? 'compare.billable_only' : 'compare.billable_out');
        }
        if ($asked->terms->withPending) {
            $filters[] = Wording::of('compare.with_pending');
        }

        return $filters;
    }
}
