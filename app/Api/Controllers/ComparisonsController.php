<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\ComparisonRequest;
use App\Api\OpenApi\Describes;
use App\Api\Resources\Compared;
use App\Api\Resources\ComparedGroup;
use App\Api\Resources\ComparedPeriod;
use App\Features\Compare\Files\ComparisonLines;
use App\Features\Compare\Files\JsonComparison;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonAddress;
use App\Features\Compare\Queries\ComparisonReport;
use App\Models\Person;
use App\Support\Clock\Today;
use ArrayObject;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Compare\ComparisonRow;

/** What was planned and recorded, by groups; for each reader what they may compare. */
final class ComparisonsController
{
    #[Describes('Compare planned with actual and remaining by groups. What cannot be read counts as not said.', Compared::class)]
    public function show(#[CurrentUser] Person $reader, ComparisonRequest $request, Today $today, ComparisonReport $report): JsonResponse
    {
        Gate::authorize('compare', $reader);
        $asked = $request->question($reader, $today->for($reader));
        $terms = $asked->terms;
        $lines = ComparisonLines::of($report, ComparableWork::of($reader), $asked);
        $group = static fn (string $code, string $name, ?string $part, ?string $partName, ComparisonRow $row, array $periods): ComparedGroup => new ComparedGroup(
            $code, $name, $part, $partName, new ArrayObject(JsonComparison::figures($row, $terms->fitting())),
            new ArrayObject(array_map(static fn (array $of): ComparedPeriod => new ComparedPeriod($of['planned'], $of['actual']), JsonComparison::periods($periods, $lines->periods))),
        );
        $rows = [];
        foreach ($lines->lines() as $line) {
            $rows[] = $group($line->group, $line->name, $line->part, $line->part === null ? null : $line->partName, $line->row, $line->periods);
        }

        return new JsonResponse(new Compared(
            ComparisonAddress::written($asked), $terms->by, $terms->then, $terms->across, $terms->days->first()->toString(), $terms->days->last()->toString(), $terms->fitting(), $rows,
            $group('', '', null, null, $lines->total(), $lines->totals()),
        ));
    }
}
