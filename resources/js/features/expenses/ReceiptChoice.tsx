import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpensesProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useId } from 'react';

const copy = officeText.expensesPage;

interface ReceiptChoiceProps {
    page: ExpensesProps;
    isSending: boolean;
    onAdd: (files: File[]) => void;
}

/** The way to the camera or the files of the reader's own machine. */
export function ReceiptChoice({ page, isSending, onAdd }: ReceiptChoiceProps) {
    const id = useId();

    return (
        <div className="no-print mt-3 flex flex-wrap items-center gap-x-3 gap-y-1">
            <label htmlFor={id} className="act min-h-11 cursor-pointer focus-within:outline-2">
                {copy.addReceipts}
                <input
                    id={id}
                    type="file"
                    multiple
                    accept="image/jpeg,image/png,image/webp,application/pdf"
                    className="sr-only"
                    onChange={(event) => {
                        onAdd([...(event.target.files ?? [])]);
                        event.target.value = '';
                    }}
                />
            </label>
            <span role="status" className="pencilled">
                {isSending ? copy.sending : copy.addHint}
            </span>
            {page.isOwn && (
                <Select
                    label={copy.reminder}
                    className="ms-auto w-40"
                    value={page.receiptReminder}
                    options={Object.entries(copy.reminders)}
                    onChoose={(reminder) => {
                        router.put(
                            route('receipts.remind', { person: page.person }),
                            { reminder },
                            { preserveScroll: true, preserveState: true },
                        );
                    }}
                />
            )}
            <FieldError of={['uploads', 'uploads.0']} />
        </div>
    );
}
