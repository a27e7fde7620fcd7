<?php

declare(strict_types=1);

namespace App\Features\Directory\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\ChargeCodeCombination;
use App\Models\ChargeCodePart;
use App\Models\ChargeCodeValue;
use App\Models\Client;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\ChargeCodes\Combination;
use Moss\Core\ChargeCodes\Composition;

/** Keeps what a client's charge codes are composed of. Charge codes that were chosen stay, whatever becomes of their parts. */
final readonly class KeepChargeCodes
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  Composition|null  $composition  null where charge codes are typed as a whole again */
    public function handle(Person $by, Client $client, ?Composition $composition): void
    {
        DB::transaction(function () use ($by, $client, $composition): void {
            $before = self::told($client);
            ChargeCodeCombination::query()->where('client_id', $client->id)->delete();
            ChargeCodeValue::query()->where('client_id', $client->id)->delete();
            ChargeCodePart::query()->where('client_id', $client->id)->delete();
            $client->update(['charge_code_separator' => $composition?->separator]);
            if ($composition !== null) {
                self::write($client->id, $composition);
            }
            $after = self::told($client);
            if ($before !== $after) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Client, $client->code, 'change charge codes', $by, $before, $after)]);
            }
        });
    }

    private static function write(int $client, Composition $composition): void
    {
        [$parts, $codes] = [[], []];
        foreach ($composition->parts as $index => $part) {
            $parts[] = ['client_id' => $client, 'number' => $index + 1, 'name' => $part->name];
            foreach ($part->codes as $code) {
                $codes[] = ['client_id' => $client, 'number' => $index + 1, 'code' => $code->code, 'name' => $code->name, 'is_retired' => $code->isRetired];
            }
        }
        ChargeCodePart::query()->insert($parts);
        array_map(ChargeCodeValue::query()->insert(...), array_chunk($codes, 500));
        $combinations = array_map(static fn (Combination $one): array => ['client_id' => $client, 'codes' => $one->toString()], $composition->combinations);
        array_map(ChargeCodeCombination::query()->insertOrIgnore(...), array_chunk($combinations, 500));
    }

    /** @return array<string, string|int|null> as the audit trail tells it */
    private static function told(Client $client): array
    {
        $told = ['separator' => $client->charge_code_separator];
        foreach (ChargeCodePart::query()->where('client_id', $client->id)->orderBy('number')->get() as $part) {
            $told['part '.$part->number] = $part->name;
        }
        foreach (ChargeCodeValue::query()->where('client_id', $client->id)->orderBy('number')->orderBy('code')->get() as $value) {
            $told['codes '.$value->number] = ltrim(($told['codes '.$value->number] ?? '').', '.$value->code.' = '.$value->name.($value->is_retired ? ' (retired)' : ''), ', ');
        }
        $combinations = ChargeCodeCombination::query()->where('client_id', $client->id)->orderBy('id')->pluck('codes')->all();

        return $combinations === [] ? $told : [...$told, 'combinations' => implode('; ', array_filter($combinations, is_string(...)))];
    }
}
