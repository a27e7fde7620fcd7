<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Column;
use App\Exchange\Formats\WholeNumberFormat;
use App\Models\EntryPayKind;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;
use Moss\Core\Pay\PayKind;

/** `entry_pay_kinds.csv`: what approved entries are paid as. Where the kinds of an entry do not add up to its hours, it is regular. */
final class EntryPayKindsKind extends EntryHoursByPayKind
{
    public function name(): string
    {
        return 'entry_pay_kinds';
    }

    public function columns(): array
    {
        return [...parent::columns(), Column::optional('cost_percent', new WholeNumberFormat(0, 1000), 100)];
    }

    public function exported(): Builder
    {
        return parent::exported()->addSelect('entry_pay_kinds.cost_percent');
    }

    protected function rows(): EloquentBuilder
    {
        return EntryPayKind::query();
    }

    protected function kinds(): array
    {
        return PayKind::cases();
    }
}
