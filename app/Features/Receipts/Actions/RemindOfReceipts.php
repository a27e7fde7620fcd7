<?php

declare(strict_types=1);

namespace App\Features\Receipts\Actions;

use App\Models\MessageKind;
use App\Models\Receipt;
use App\Models\ReceiptReminder;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Calendar\Day;

/** Reminds people of receipts that wait to be confirmed, once a day or every Monday, as each of them wants it. */
final readonly class RemindOfReceipts
{
    public function __construct(private NotifyPeople $notify)
    {
    }

    /** @return int how many people were reminded */
    public function handle(Day $today): int
    {
        $when = $today->weekday() === 1 ? [ReceiptReminder::Daily->value, ReceiptReminder::Weekly->value] : [ReceiptReminder::Daily->value];
        $waiting = Record::all(Receipt::query()->toBase()->join('people', 'people.id', 'receipts.person_id')->whereNull('receipts.expense_id')->whereNull('people.disabled_at')->whereIn('people.receipt_reminder', $when)
            ->groupBy('people.id')->select('people.id', Sql::count('receipts')));
        $this->notify->many(array_map(static fn (Record $person): Notice => new Notice(
            $person->int('id'), MessageKind::ReceiptsWaiting, 'receipts '.$today->toString(), ['count' => $person->int('receipts')], route('expenses.current', [], false),
        ), $waiting));

        return count($waiting);
    }
}
