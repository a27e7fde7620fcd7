<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\TextFormat;
use App\Models\Client;
use Illuminate\Database\Query\Builder;
use Moss\Core\ChargeCodes\Composition;
use Moss\Core\Planning\ChargeCodeScheme;
use Moss\Core\Planning\ChargeCodeSchemeRefused;

/** `client_details.csv`: clients that are retired, and how charge codes of others are made up. */
final class ClientDetailsKind extends DirectoryDetailsKind
{
    public function name(): string
    {
        return 'client_details';
    }

    public function columns(): array
    {
        return [...parent::columns(), Column::optional('charge_code_scheme', new TextFormat(ChargeCodeScheme::LONGEST)), Column::optional('charge_code_separator', new ChoiceFormat(...Composition::SEPARATORS))];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        $scheme = $row->stringOrNull('charge_code_scheme');
        try {
            if ($scheme !== null) {
                ChargeCodeScheme::of($scheme);
            }
        } catch (ChargeCodeSchemeRefused) {
            return [$row->problem('charge_code_scheme', ExchangeText::get('expected.charge_code_scheme'))];
        }

        return parent::check($row, $codes);
    }

    public function exported(): Builder
    {
        return Client::query()->toBase()->where(static fn (Builder $any): Builder => $any->where('is_retired', 1)->orWhereNotNull('charge_code_scheme')->orWhereNotNull('charge_code_separator'))
            ->select('code AS client', 'is_retired AS retired', 'charge_code_scheme', 'charge_code_separator')->orderBy('code');
    }

    protected function codes(): CodeTable
    {
        return CodeTable::Clients;
    }

    protected function codeColumn(): string
    {
        return 'client';
    }
}
