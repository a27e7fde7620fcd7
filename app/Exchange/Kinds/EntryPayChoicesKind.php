<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Models\EntryPayChoice;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Moss\Core\Pay\PayKind;

/** `entry_pay_choices.csv`: what entries are asked to be paid as. */
final class EntryPayChoicesKind extends EntryHoursByPayKind
{
    public function name(): string
    {
        return 'entry_pay_choices';
    }

    protected function rows(): EloquentBuilder
    {
        return EntryPayChoice::query();
    }

    protected function kinds(): array
    {
        return [PayKind::Overtime, PayKind::Double, PayKind::Premium];
    }
}
