<?php

declare(strict_types=1);

namespace App\Features\Billing\Queries;

use App\Effort\RatesInForce;
use App\Features\Billing\BillingPrice;
use App\Features\Billing\Props\BillingPreviewProps;
use App\Features\Billing\Props\BillingProps;
use App\Features\Billing\Props\PreviewedProjectProps;
use App\Models\BillingKind;
use App\Models\Project;
use App\Support\Database\StreamedRows;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;

/** What a billing file would come to by project: each entry is priced as in the file, so that both are the same to the cent. */
final class BillingPreview
{
    public static function of(BillingProps $billing): BillingPreviewProps
    {
        $pricing = RatesInForce::load();
        $entries = UnbilledTime::of(BillingKind::Bill, BillingPage::client($billing), Day::of($billing->from), Day::of($billing->until))->join('people', 'people.id', 'entries.person_id')->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->select('tasks.project_id', 'entries.date', 'entries.corrects', 'entries.minutes', 'people.code AS person', 'roles.code AS role');
        $minutes = $cents = $unrated = [];
        foreach (StreamedRows::of($entries) as $row) {
            /** @var array{int, string, string|null, int, string, string|null} $row */
            [$project, $date, $corrects, $ofEntry, $person, $role] = $row;
            $amount = BillingPrice::of($pricing, $person, $role, $corrects ?? $date, $ofEntry)->amount;
            $minutes[$project] = ($minutes[$project] ?? 0) + $ofEntry;
            $cents[$project] = ($cents[$project] ?? 0) + ($amount?->cents() ?? 0);
            $unrated[$project] = ($unrated[$project] ?? 0) + ($amount === null ? $ofEntry : 0);
        }
        $projects = Project::query()->whereKey(array_keys($minutes))->with('client')->select('id', 'code', 'name', 'client_id')->get()
            ->map(static fn (Project $project): PreviewedProjectProps => new PreviewedProjectProps(
                $project->code, $project->name, $project->client->name ?? '', $minutes[$project->id], Money::ofCents($cents[$project->id])->toString(), $unrated[$project->id],
            ))->all();
        usort($projects, static fn (PreviewedProjectProps $one, PreviewedProjectProps $other): int => [$one->client, $one->name] <=> [$other->client, $other->name]);

        return new BillingPreviewProps($projects, array_sum($minutes), Money::ofCents(array_sum($cents))->toString(), array_sum($unrated));
    }
}
