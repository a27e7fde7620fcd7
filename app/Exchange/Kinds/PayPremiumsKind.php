<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\PayPremium;
use Illuminate\Database\Query\Builder;
use Moss\Core\Pay\PayKind;

/** `pay_premiums.csv`: kinds of pay that people choose for their time themselves. */
final class PayPremiumsKind extends FileKind
{
    public function name(): string
    {
        return 'pay_premiums';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('premium', new CodeFormat, 'code'),
            Column::required('name', new TextFormat(100)),
            Column::optional('counts_as_work', new YesNoFormat, 0, 'is_work'),
            Column::optional('cost_percent', new WholeNumberFormat(0, 1000), 100),
            Column::optional('active', new YesNoFormat, 1),
        ];
    }

    public function key(): array
    {
        return ['premium'];
    }

    public function keyAttributes(): array
    {
        return ['code'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return preg_match(PayPremium::CODE, $row->string('premium')) !== 1 || PayKind::tryFrom($row->string('premium')) !== null ? [$row->problem('premium', ExchangeText::get('expected.premium_code'))] : [];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('pay_premiums', $row->string('premium'));
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['id' => $codes->idOf('pay_premiums', $row->string('premium'))];
    }

    public function exported(): Builder
    {
        return PayPremium::query()->toBase()->select('code AS premium', 'name', 'is_work AS counts_as_work', 'cost_percent', 'active')->orderBy('code');
    }
}
