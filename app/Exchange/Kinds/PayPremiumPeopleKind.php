<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Models\PayPremiumPerson;
use Illuminate\Database\Query\Builder;

/** `pay_premium_people.csv`: who may use a premium, beside the people of its teams. */
final class PayPremiumPeopleKind extends FileKind
{
    public function name(): string
    {
        return 'pay_premium_people';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [Column::ofCode('premium', CodeTable::PayPremiums, 'pay_premium_id'), Column::reference('person', CodeTable::People, true)];
    }

    public function key(): array
    {
        return ['premium', 'person'];
    }

    public function keyAttributes(): array
    {
        return ['pay_premium_id', 'person_id'];
    }

    public function exported(): Builder
    {
        return PayPremiumPerson::query()->toBase()->join('pay_premiums', 'pay_premiums.id', 'pay_premium_people.pay_premium_id')->join('people', 'people.id', 'pay_premium_people.person_id')
            ->select('pay_premiums.code AS premium', 'people.code AS person')->orderBy('pay_premiums.code')->orderBy('people.code');
    }
}
