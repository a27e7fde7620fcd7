<?php

declare(strict_types=1);

namespace App\ChargeCodes;

use App\ChargeCodes\Props\CodedPartProps;
use App\ChargeCodes\Props\CompositionProps;
use App\ChargeCodes\Props\PartCodeProps;
use App\Models\ChargeCodeCombination;
use App\Models\ChargeCodePart;
use App\Models\ChargeCodeValue;
use App\Models\Client;
use Moss\Core\ChargeCodes\CodedPart;
use Moss\Core\ChargeCodes\Combination;
use Moss\Core\ChargeCodes\Composition;
use Moss\Core\ChargeCodes\PartCode;

/** How clients' charge codes are composed; of any number of clients in four queries. */
final readonly class Compositions
{
    /** What stands between parts where nobody has said so. */
    public const SEPARATOR = '-';

    /** @param  array<int, Composition>  $byClient  only of clients that compose them */
    private function __construct(private array $byClient)
    {
    }

    /** @param  list<int>  $clients  ids */
    public static function of(array $clients): self
    {
        $parts = $clients === [] ? null : ChargeCodePart::query()->whereIntegerInRaw('client_id', $clients)->orderBy('number')->get()->groupBy('client_id');
        if ($parts === null || $parts->isEmpty()) {
            return new self([]);
        }
        $codes = ChargeCodeValue::query()->whereIntegerInRaw('client_id', $clients)->orderBy('id')->get()->groupBy(static fn (ChargeCodeValue $value): string => $value->client_id.' '.$value->number);
        $combinations = ChargeCodeCombination::query()->whereIntegerInRaw('client_id', $clients)->orderBy('id')->get()->groupBy('client_id');
        $byClient = [];
        foreach (Client::query()->whereIntegerInRaw('id', $parts->keys()->all())->get() as $client) {
            $ofClient = [];
            foreach ($parts[$client->id] ?? [] as $part) {
                $ofClient[] = new CodedPart($part->name, array_values(array_map(
                    static fn (ChargeCodeValue $value): PartCode => new PartCode($value->code, $value->name, $value->is_retired), ($codes[$client->id.' '.$part->number] ?? collect())->all(),
                )));
            }
            $byClient[$client->id] = Composition::of($client->charge_code_separator ?? self::SEPARATOR, $ofClient, array_values(array_map(
                static fn (ChargeCodeCombination $one): string => $one->codes, ($combinations[$client->id] ?? collect())->all(),
            )));
        }

        return new self($byClient);
    }

    public function ofClient(?int $client): ?Composition
    {
        return $this->byClient[$client ?? 0] ?? null;
    }

    /** What is offered of it, to choose from. */
    public static function props(Composition $composition): CompositionProps
    {
        return new CompositionProps(
            $composition->separator,
            array_map(static fn (CodedPart $part): CodedPartProps => new CodedPartProps($part->name, array_map(
                static fn (PartCode $code): PartCodeProps => new PartCodeProps($code->code, $code->name, $code->isRetired), $part->codes,
            )), $composition->parts),
            array_map(static fn (Combination $combination): string => $combination->toString(), $composition->combinations),
        );
    }
}
