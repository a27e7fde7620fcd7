import { locale } from '@/lib/locale';
import { readDate } from '@/lib/dateText';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import { PERSON_FIELDS, type PastedPerson, type PersonField } from './pastedPeople';

const copy = officeText.pastedPeoplePage;

interface PastedTableProps {
    people: readonly PastedPerson[];
    /** What the server found wrong with a cell, as long as its row is as it was sent. */
    faultsOf: (index: number, field: PersonField) => string | undefined;
    /** What is wrong with all of it. */
    problem: string | null;
    onChange: (index: number, changed: PastedPerson) => void;
}

/** What was understood of pasted rows; each cell can be typed over, and what is wrong stands below it. */
export function PastedTable({ people, faultsOf, problem, onChange }: PastedTableProps) {
    return (
        <section aria-labelledby="understood" className="mt-5">
            <h2 id="understood">{copy.understood(people.length)}</h2>
            {problem !== null && (
                <p role="alert" className="border-s-2 border-brick ps-2 text-brick">
                    {problem}
                </p>
            )}
            <div className="overflow-x-auto" tabIndex={0} role="group" aria-labelledby="understood">
                <table className="mt-2 w-full min-w-[58rem]">
                    <thead>
                        <tr className="text-faded">
                            {PERSON_FIELDS.map((field) => (
                                <th key={field} scope="col" className="border-b border-edge pe-4">
                                    {copy.fields[field]}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {people.map((person, index) => (
                            <tr key={index}>
                                {PERSON_FIELDS.map((field) => (
                                    <Cell
                                        key={field}
                                        label={copy.cell(copy.fields[field], index + 1)}
                                        field={field}
                                        value={person[field] ?? ''}
                                        fault={faultsOf(index, field)}
                                        onChange={(value) => {
                                            onChange(index, { [field]: value });
                                        }}
                                    />
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
        </section>
    );
}

interface CellProps {
    label: string;
    field: PersonField;
    value: string;
    fault: string | undefined;
    onChange: (value: string) => void;
}

function Cell({ label, field, value, fault, onChange }: CellProps) {
    const { today } = useShared();
    const id = `${label}-fault`;

    return (
        <td className="border-b border-rule pe-2 align-top">
            <input
                aria-label={label}
                aria-invalid={fault !== undefined}
                aria-describedby={fault === undefined ? undefined : id}
                value={value}
                maxLength={254}
                className={`min-h-8 w-full bg-transparent px-1 hover:bg-sheet focus:bg-sheet ${fault === undefined ? '' : 'border-b border-brick'}`}
                onChange={(event) => {
                    onChange(event.target.value);
                }}
                onBlur={() => {
                    const day = field === 'startsOn' && value !== '' ? readDate(value, today, locale) : null;
                    if (day !== null && day !== value) {
                        onChange(day);
                    }
                }}
            />
            {fault !== undefined && (
                <span id={id} className="block text-brick">
                    {fault}
                </span>
            )}
        </td>
    );
}
