<?php

declare(strict_types=1);

namespace App\Features\Billing\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Billing\Jobs\FillBillingFileJob;
use App\Features\Billing\Queries\UnbilledTime;
use App\Features\ClientSystems\Actions\FindOpenWeeks;
use App\Features\Periods\Actions\Settlement;
use App\Features\Periods\Queries\SettlingRows;
use App\Models\BillingFile;
use App\Models\BillingKind;
use App\Models\BillingState;
use App\Models\Client;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\ReadTransaction;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;

/** Begins a billing file: what is approved is settled first, so that it stays as it is billed; then the file is filled in the background. */
final readonly class MakeBillingFile
{
    public function __construct(private AuditTrail $auditTrail, private Settlement $settlement, private FindOpenWeeks $openWeeks, private Today $today)
    {
    }

    /**
     * @param  string|null  $seen  what the file would have had when the office looked; null where it did not
     *
     * @throws BillingRefused also where that has changed, so that nothing is billed unseen
     */
    public function handle(Person $office, BillingKind $kind, ?Client $client, Day $from, Day $until, ?string $seen = null): BillingFile
    {
        if ($until->isAfter($this->today->for($office))) {
            throw BillingRefused::because('future', ['day' => Wording::day($until)]);
        }
        self::refuseBeside();
        $this->openWeeks->ofClient($client?->id);
        // Looking for it takes longer than anybody should wait who saves meanwhile. What changes until it is settled is left to the next file.
        [$sums, $approved, $last] = ReadTransaction::run(static fn (): array => [
            UnbilledTime::sums($kind, $client?->id, $from, $until),
            SettlingRows::listed(UnbilledTime::of($kind, $client?->id, $from, $until)->where('entries.state', EntryState::Approved->value)->select('entries.id', 'entries.minutes', 'entries.version')),
            BillingFile::query()->max('id'),
        ]);
        if ($sums['entries'] === 0) {
            throw BillingRefused::because('nothing');
        }
        if ($seen !== null && $seen !== $sums['seen']) {
            throw BillingRefused::because('changed');
        }
        $file = DB::transaction(function () use ($office, $kind, $client, $from, $until, $approved, $last): BillingFile {
            self::refuseBeside();
            if (BillingFile::query()->max('id') !== $last) {
                throw BillingRefused::because('changed');
            }
            $this->settlement->queue($office->id, $approved);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Billing, $client === null ? $kind->value : $client->code, 'make', $office, null, ['kind' => $kind->value, 'from' => $from->toString(), 'until' => $until->toString()])]);

            return BillingFile::query()->create([
                'kind' => $kind, 'client_id' => $client?->id, 'starts_on' => $from, 'ends_on' => $until, 'state' => BillingState::Settling, 'made_by_id' => $office->id,
                'made_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'minutes' => 0, 'amount_cents' => 0, 'unrated_minutes' => 0,
            ]);
        });
        FillBillingFileJob::dispatch($file->id);

        return $file;
    }

    /**
     * One after the other: what one is about to take, another does not take too.
     *
     * @throws BillingRefused
     */
    private static function refuseBeside(): void
    {
        if (BillingFile::query()->where('state', BillingState::Settling)->exists()) {
            throw BillingRefused::because('under_way');
        }
    }
}
