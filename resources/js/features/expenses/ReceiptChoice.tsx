import { officeText } from '@/lib/officeText';
import { FieldError } from '@/ui/FieldError';
import { useId } from 'react';

const copy = officeText.expensesPage;

/** The way to the camera or the files of the reader's own machine. */
export function ReceiptChoice({ isSending, onAdd }: { isSending: boolean; onAdd: (files: File[]) => void }) {
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
            <FieldError of={['uploads', 'uploads.0']} />
        </div>
    );
}
