<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\AskedProps;
use App\Models\Person;
use Moss\Core\Asking\AskedWords;
use Moss\Core\Asking\FoundName;
use Moss\Core\Asking\Understood;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;

/** A comparison asked in words: what was understood of it, and where it is. */
final readonly class AskedComparison
{
    public function __construct(private KnownNames $names)
    {
    }

    public function of(Person $reader, string $text, Day $today): AskedProps
    {
        $understood = AskedWords::read($text, $today, $this->names);
        $asked = ComparisonAddress::saved(http_build_query(self::query($understood)))->question($reader, $today);
        $offered = OfferedMeasures::to($reader);

        return new AskedProps(
            ComparisonAddress::written($asked),
            $asked->terms->by, $asked->terms->then, $asked->terms->across, $asked->period, $asked->terms->days->first()->toString(), $asked->terms->days->last()->toString(),
            array_map(static fn (FoundName $name): string => $name->name, $understood->names),
            $understood->internal === null ? '' : ($understood->internal ? 'only' : 'out'),
            $understood->billable === null ? '' : ($understood->billable ? 'yes' : 'no'),
            $understood->withPending, $understood->tolerance,
            $asked->terms->fitting(),
            array_values(array_filter($understood->measures, static fn (Measure $measure): bool => ! in_array($measure, $offered, true))),
            $understood->unknown,
            array_map(strval(...), array_keys($understood->several)),
            array_values(array_map(static fn (array $several): string => implode(', ', array_map(static fn (FoundName $name): string => $name->name, array_slice($several, 0, 3))), $understood->several)),
        );
    }

    /** @return array<string, string> what an address says of it */
    private static function query(Understood $understood): array
    {
        $query = [
            'by' => self::by($understood)->value,
            'then' => $understood->then->value ?? '',
            'across' => $understood->across->value ?? '',
            'period' => $understood->period ?? '',
            'from' => $understood->days?->first()->toString() ?? '',
            'to' => $understood->days?->last()->toString() ?? '',
            'internal' => $understood->internal === null ? '' : ($understood->internal ? 'only' : 'out'),
            'billable' => $understood->billable === null ? '' : ($understood->billable ? 'yes' : 'no'),
            'pending' => $understood->withPending ? 'in' : '',
            'tolerance' => $understood->tolerance === null ? '' : (string) $understood->tolerance,
            'show' => implode(',', array_map(static fn (Measure $measure): string => $measure->value, self::measures($understood))),
        ];
        foreach ($understood->names as $name) {
            $kind = $name->kind->value;
            $query[$kind] = isset($query[$kind]) ? $query[$kind].','.$name->code : $name->code;
        }

        return array_filter($query, static fn (string $value): bool => $value !== '');
    }

    /** Where it is not said: of one project its tasks, else projects. */
    private static function by(Understood $understood): Grouping
    {
        $isOfOneProject = array_map(static fn (FoundName $name): Grouping => $name->kind, $understood->names) === [Grouping::Project];

        return $understood->by ?? ($isOfOneProject ? Grouping::Task : Grouping::Project);
    }

    /** @return list<Measure> with what makes those that were asked for readable; none where none were */
    private static function measures(Understood $understood): array
    {
        $measures = $understood->measures;
        if ($measures === []) {
            return [];
        }
        if (in_array(Measure::Planned, $measures, true) && in_array(Measure::Actual, $measures, true)) {
            $measures[] = Measure::ToDate;
            $measures[] = Measure::Difference;
        }

        return [Measure::Actual, ...array_values(array_filter($measures, static fn (Measure $measure): bool => $measure !== Measure::Actual))];
    }
}
