<?php

declare(strict_types=1);

namespace App\Features\Billing\Queries;

use App\Features\Billing\Files\BillingColumns;
use App\Features\Billing\Props\BillingFileProps;
use App\Features\Billing\Props\BillingMappingProps;
use App\Features\Billing\Props\BillingProps;
use App\Features\Billing\Props\MappedColumnProps;
use App\Features\Billing\Props\UnbilledProps;
use App\Http\Input\Address;
use App\Lookup\Props\OptionProps;
use App\Models\BillingDetail;
use App\Models\BillingFile;
use App\Models\BillingKind;
use App\Models\BillingMapping;
use App\Models\Client;
use App\Models\Organisation;
use Moss\Core\Calendar\Day;

/** What was billed and would be, by the kind, client and days in the address. */
final class BillingPage
{
    private const AT_ONCE = 20;

    public static function of(Address $address, Day $today): BillingProps
    {
        $kind = BillingKind::tryFrom($address->text('kind')) ?? BillingKind::Bill;
        $client = $kind === BillingKind::Bill ? Client::query()->where('code', $address->text('client'))->first() : null;
        [$from, $until] = self::days($kind, $client, $address, $today);
        $detail = BillingDetail::tryFrom($address->text('detail')) ?? BillingDetail::Entry;
        $files = BillingFile::query()->where('kind', $kind);
        $pages = max(1, (int) ceil((clone $files)->count() / self::AT_ONCE));
        $page = min($address->page(), $pages);

        return new BillingProps(
            $kind, $client === null ? null : new OptionProps($client->code, $client->name), $from->toString(), $until->toString(),
            array_values($files->with(['client', 'madeBy'])->orderByDesc('id')->forPage($page, self::AT_ONCE)->get()->map(static fn (BillingFile $file): BillingFileProps => new BillingFileProps(
                $file->id, $file->kind, $file->state, $file->client?->name, $file->starts_on->toString(), $file->ends_on->toString(), $file->madeBy->name, $file->made_at, $file->minutes->toInt(),
                $file->kind === BillingKind::Bill ? $file->amount_cents->toString() : null, $file->unrated_minutes->toInt(),
            ))->all()),
            $page, $pages,
            array_values(BillingMapping::query()->where('kind', $kind)->orderBy('name')->get()->map(static fn (BillingMapping $one): BillingMappingProps => new BillingMappingProps(
                $one->id, $one->kind, $one->name, $one->detail, array_map(static fn (string $column, string $heading): MappedColumnProps => new MappedColumnProps($column, $heading), array_keys($one->columns), array_values($one->columns)),
            ))->all()),
            $detail, BillingColumns::of($kind, $detail), Organisation::query()->sole()->currency,
        );
    }

    /** How much there is, which is asked for by itself, since it is looked for among all time of those days. */
    public static function unbilled(BillingProps $billing): UnbilledProps
    {
        return new UnbilledProps(...UnbilledTime::sums($billing->kind, self::client($billing), Day::of($billing->from), Day::of($billing->until)));
    }

    /** @return int|null whose time is billed; null for that of all */
    public static function client(BillingProps $billing): ?int
    {
        return $billing->client === null ? null : Client::query()->where('code', $billing->client->code)->sole()->id;
    }

    /** @return array{Day, Day} */
    private static function days(BillingKind $kind, ?Client $client, Address $address, Day $today): array
    {
        $last = BillingFile::query()->where('kind', $kind)->when($client !== null, static fn ($of) => $of->where('client_id', $client?->id))->orderByDesc('ends_on')->first();
        $lastMonth = Day::of($today->month().'-01')->plusDays(-1);
        $from = $address->day('from') ?? $last?->ends_on->plusDays(1) ?? Day::of($lastMonth->month().'-01');
        // The whole months that are over; within a month what there is of it.
        $until = $address->day('until') ?? ($from->isAfter($lastMonth) ? $today->plusDays(-1) : $lastMonth);

        return [$from, $until->isBefore($from) ? $from : $until];
    }
}
