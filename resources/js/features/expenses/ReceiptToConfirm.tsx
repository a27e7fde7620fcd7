import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpensesProps, SeenFieldProps, WaitingReceiptProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { ReceiptFields } from './ReceiptFields';
import type { ReceiptItem } from './receiptItems';

const copy = officeText.expensesPage;

interface ReceiptToConfirmProps {
    page: ExpensesProps;
    receipt: WaitingReceiptProps;
    item: ReceiptItem;
    /** Where the server's words on it are found. */
    number: number;
    onChange: (changed: Partial<ReceiptItem>) => void;
}

/** A receipt that waits, with what was read from it; all of it can be changed before it counts. */
export function ReceiptToConfirm({ page, receipt, item, number, onChange }: ReceiptToConfirmProps) {
    const name = receipt.seller?.value ?? receipt.name;

    return (
        <li className="flex gap-x-3 border-b border-rule py-3">
            <a
                href={route('receipts', { receipt: receipt.id })}
                target="_blank"
                rel="noreferrer"
                title={copy.open}
                className="block h-24 w-16 shrink-0 overflow-hidden border border-edge bg-sheet text-center text-[0.8rem] text-faded"
            >
                {receipt.isPicture ? (
                    <img
                        src={route('receipts', { receipt: receipt.id })}
                        alt={copy.receipt(receipt.name)}
                        className="size-full object-cover"
                    />
                ) : (
                    <span className="block pt-8">PDF</span>
                )}
            </a>
            <div className="min-w-0 grow">
                <p className="flex flex-wrap items-baseline gap-x-4">
                    <Checkbox
                        label={name}
                        checked={item.isTaken}
                        onChange={(isTaken) => {
                            onChange({ isTaken });
                        }}
                    />
                    {receipt.isMailed && <span className="text-faded">{copy.mailed}</span>}
                    <button
                        type="button"
                        className="act-quiet ms-auto"
                        aria-label={copy.removeReceipt(name)}
                        onClick={() => {
                            router.delete(route('receipts.remove', { receipt: receipt.id }), {
                                preserveScroll: true,
                                preserveState: true,
                            });
                        }}
                    >
                        {copy.removeThis}
                    </button>
                </p>
                {!receipt.isRead && <p className="pencilled">{copy.reading}</p>}
                {receipt.isRead && receipt.amount === null && receipt.date === null && (
                    <p className="pencilled">{copy.nothingRead}</p>
                )}
                <ReceiptFields page={page} receipt={receipt} item={item} onChange={onChange} />
                <FieldError
                    of={['date', 'amount', 'currency', 'category', 'tax', 'rate', 'task'].map(
                        (field) => `items.${String(number)}.${field}`,
                    )}
                />
                <SeenOn receipt={receipt} category={item.category} />
            </div>
        </li>
    );
}

/** Where each was read, and why that category is pencilled. */
function SeenOn({ receipt, category }: { receipt: WaitingReceiptProps; category: string }) {
    return (
        <ul className="pencilled mt-1 flex flex-wrap gap-x-5 text-[0.85rem]">
            {(['amount', 'date', 'tax'] as const).map((field) => (
                <Seen key={field} field={field} seen={receipt[field]} />
            ))}
            {receipt.category !== null && receipt.category === category && (
                <li>
                    {copy.category}: {receipt.isFromBefore ? copy.fromBefore : copy.fromName}
                </li>
            )}
        </ul>
    );
}

/** Where something was read, and how sure that is. */
function Seen({ field, seen }: { field: 'amount' | 'date' | 'tax'; seen: SeenFieldProps | null }) {
    return seen === null ? null : (
        <li>
            {copy.seenOf[field]}: {copy.seen(seen.seen, seen.line, seen.sureness)}
        </li>
    );
}
