import { officeText } from '@/lib/officeText';
import type { ExpenseProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { OwnFieldInputs } from '@/ui/OwnFieldInputs';
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

    const codes = page.tasks.find(({ id }) => String(id) === data.task)?.fields ?? Object.keys(expense?.fields ?? {});
    const asked = page.fields.filter(({ code }) => codes.includes(code));

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
            {asked.length > 0 && (
                <OwnFieldInputs
                    fields={asked}
                    values={data.fields}
                    onChange={(fields) => {
                        set({ fields });
                    }}
                />
            )}
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
