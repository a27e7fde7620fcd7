import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpensesProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { itemOf, type ReceiptItem } from './receiptItems';
import { ReceiptToConfirm } from './ReceiptToConfirm';
import { TaskSelect } from './TaskSelect';

const copy = officeText.expensesPage;

/** The receipts that wait, to be confirmed together on one task, as one trip where they belong to one. */
export function ReceiptsToConfirm({ page }: { page: ExpensesProps }) {
    const guessed = page.receipts.find(({ trip }) => trip !== null)?.trip ?? '';
    const [task, setTask] = useState(String(page.tasks[0]?.id ?? ''));
    const [typedTrip, setTrip] = useState<string | null>(null);
    const [isCharged, setCharged] = useState(false);
    const [isSending, setSending] = useState(false);
    const [changed, setChanged] = useState<Record<number, Partial<ReceiptItem>>>({});
    const trip = typedTrip ?? guessed;
    const items = page.receipts.map((receipt) => ({ ...itemOf(receipt, page), ...changed[receipt.id] }));
    const taken = items.filter(({ isTaken }) => isTaken);
    const add = () => {
        setSending(true);
        router.post(
            route('expenses.ink', { person: page.person }),
            { task, trip, isCharged, items: taken.map((item) => ({ ...item })) },
            {
                preserveScroll: true,
                preserveState: true,
                onFinish: () => {
                    setSending(false);
                },
            },
        );
    };

    return (
        <section aria-label={copy.toConfirm(page.receipts.length)} className="mt-4 border-s-2 border-edge ps-3">
            <h2>{copy.toConfirm(page.receipts.length)}</h2>
            <p className="pencilled">{copy.toConfirmHint}</p>
            <div className="mt-2 flex flex-wrap items-baseline-last gap-x-4 gap-y-2">
                <TaskSelect page={page} value={task} onChoose={setTask} />
                <Field
                    label={copy.tripName}
                    className="w-64"
                    maxLength={100}
                    list="trips"
                    value={trip}
                    onChange={(event) => {
                        setTrip(event.target.value);
                    }}
                />
                <Checkbox label={copy.chargeClient} checked={isCharged} onChange={setCharged} />
            </div>
            {guessed !== '' && trip === guessed && <p className="pencilled">{copy.isTrip}</p>}
            <FieldError of={['task', 'items']} />
            <ul>
                {page.receipts.map((receipt, index) => {
                    const item = items[index];

                    return item === undefined ? null : (
                        <ReceiptToConfirm
                            key={`${String(receipt.id)} ${String(receipt.isRead)}`}
                            page={page}
                            receipt={receipt}
                            item={item}
                            number={taken.indexOf(item)}
                            onChange={(some) => {
                                setChanged((before) => ({ ...before, [receipt.id]: { ...before[receipt.id], ...some } }));
                            }}
                        />
                    );
                })}
            </ul>
            <p className="mt-3">
                <button type="button" className="act act-main min-h-11" disabled={isSending || taken.length === 0} onClick={add}>
                    {copy.addChosen(taken.length)}
                </button>
            </p>
        </section>
    );
}
