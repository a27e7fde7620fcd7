<?php

declare(strict_types=1);

namespace App\Features\Billing\Actions;

use App\Effort\RatesInForce;
use App\Features\Billing\BillingPrice;
use App\Features\Billing\Queries\UnbilledTime;
use App\Features\Periods\Actions\Settlement;
use App\Models\BillingFile;
use App\Models\BillingKind;
use App\Models\BillingLine;
use App\Models\BillingState;
use App\Pay\ApprovedKinds;
use App\Support\Database\Record;
use App\Support\Database\ShortSteps;
use Moss\Core\Money\Pricing;
use Moss\Core\Pay\PayKind;
use Moss\Core\Sheet\EntryState;

/** Fills a billing file with what is settled, in short steps, at the rates of that day; begun again, it goes on where it stopped. */
final readonly class FillBillingFile
{
    private const AT_ONCE = 100;

    public function __construct(private Settlement $settlement)
    {
    }

    public function handle(BillingFile $file): void
    {
        if ($file->state === BillingState::Done) {
            return;
        }
        $this->settlement->finish();
        $pricing = $file->kind === BillingKind::Bill ? RatesInForce::load() : null;
        ShortSteps::run(static fn (): bool => self::step($file, $pricing), null);
    }

    /** @return bool whether there was anything; in the end the file is done */
    private static function step(BillingFile $file, ?Pricing $pricing): bool
    {
        // What somebody let wait again before it was settled comes with a later file.
        $entries = Record::all(UnbilledTime::of($file->kind, $file->client_id, $file->starts_on, $file->ends_on)->where('entries.state', EntryState::Settled->value)
            ->join('people', 'people.id', 'entries.person_id')->leftJoin('roles', 'roles.id', 'entries.role_id')->orderBy('entries.id')->limit(self::AT_ONCE)
            ->select('entries.id', 'entries.date', 'entries.corrects', 'entries.minutes', 'people.code AS person', 'roles.code AS role'));
        $kinds = $file->kind === BillingKind::Payroll ? ApprovedKinds::of(self::minutes($entries)) : [];
        $lines = [];
        foreach ($entries as $entry) {
            foreach ($kinds[$entry->int('id')] ?? [PayKind::Regular->value => $entry->int('minutes')] as $kind => $minutes) {
                $lines[] = self::line($file, $entry, $kind, $minutes, $pricing);
            }
        }
        BillingLine::query()->insert($lines);
        $known = array_values(array_filter($lines, static fn (array $line): bool => $line['amount_cents'] !== null));
        $minutes = array_sum(array_column($lines, 'minutes'));
        BillingFile::query()->whereKey($file->id)->incrementEach([
            'minutes' => $minutes, 'amount_cents' => array_sum(array_column($known, 'amount_cents')), 'unrated_minutes' => $pricing === null ? 0 : $minutes - array_sum(array_column($known, 'minutes')),
        ], $entries === [] ? ['state' => BillingState::Done->value] : []);

        return $entries !== [];
    }

    /**
     * @param  list<Record>  $entries
     * @return array<int, int> by entry
     */
    private static function minutes(array $entries): array
    {
        return array_combine(array_map(static fn (Record $entry): int => $entry->int('id'), $entries), array_map(static fn (Record $entry): int => $entry->int('minutes'), $entries));
    }

    /** @return array{billing_file_id: int, kind: string, entry_id: int, pay_kind: string, is_correction: bool, minutes: int, rate: string|null, amount_cents: int|null} */
    private static function line(BillingFile $file, Record $entry, string $payKind, int $minutes, ?Pricing $pricing): array
    {
        $day = $entry->stringOrNull('corrects') ?? $entry->string('date');
        $price = $pricing === null ? null : BillingPrice::of($pricing, $entry->string('person'), $entry->stringOrNull('role'), $day, $minutes);

        return [
            'billing_file_id' => $file->id, 'kind' => $file->kind->value, 'entry_id' => $entry->int('id'), 'pay_kind' => $payKind, 'is_correction' => $entry->stringOrNull('corrects') !== null || $day < $file->starts_on->toString(),
            'minutes' => $minutes, 'rate' => $price?->rate?->toString(), 'amount_cents' => $price?->amount?->cents(),
        ];
    }
}
