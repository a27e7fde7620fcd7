import { officeText } from '@/lib/officeText';
import type { ExpenseProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { TextArea } from '@/ui/TextArea';
import type { ExpensePart } from './expenseData';

const copy = officeText.expensesPage;

/** Who paid and who bears it, what there is to say, and the receipts, of which those that wait can be chosen. */
export function NotesAndReceipts({
    page,
    data,
    set,
    expense,
    isMileage,
}: ExpensePart & { expense: ExpenseProps | undefined; isMileage: boolean }) {
    const receipts = [...(expense?.receipts ?? []), ...page.receipts];
    const notes = (['note', 'clientNote', 'explanation'] as const).filter(
        (name) =>
            name !== 'explanation' ||
            data.explanation !== '' ||
            (expense?.findings ?? []).some(({ severity }) => severity === 'explanation'),
    );

    return (
        <>
            {!isMileage && (
                <Checkbox
                    label={copy.companyPaid}
                    checked={!data.isOwnMoney}
                    onChange={(isCompany) => {
                        set({ isOwnMoney: !isCompany });
                    }}
                />
            )}
            <Checkbox
                label={copy.chargeClient}
                checked={data.isCharged}
                onChange={(isCharged) => {
                    set({ isCharged });
                }}
            />
            {notes.map((name) => (
                <TextArea
                    key={name}
                    label={copy[name]}
                    rows={1}
                    className="min-h-9!"
                    maxLength={1000}
                    value={data[name]}
                    onChange={(event) => {
                        set({ [name]: event.target.value });
                    }}
                />
            ))}
            {receipts.length > 0 && (
                <fieldset className="flex flex-col">
                    <legend>{copy.receipts}</legend>
                    {receipts.map(({ id, name }) => (
                        <Checkbox
                            key={id}
                            label={name}
                            checked={data.receipts.includes(id)}
                            onChange={(isChosen) => {
                                set({ receipts: isChosen ? [...data.receipts, id] : data.receipts.filter((one) => one !== id) });
                            }}
                        />
                    ))}
                </fieldset>
            )}
        </>
    );
}
