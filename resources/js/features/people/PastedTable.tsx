import { text } from '@/lib/text';
import { PERSON_FIELDS, type PastedPerson } from './pastedPeople';

const copy = text.pastedPeoplePage;

interface PastedTableProps {
    people: PastedPerson[];
    /** What the server found wrong, by row and field: `rows.3.email`. */
    errors: Readonly<Record<string, string>>;
}

/** What was understood of pasted rows, each with what is wrong in it. */
export function PastedTable({ people, errors }: PastedTableProps) {
    const faults = Object.keys(errors).length;

    return (
        <section aria-labelledby="understood" className="mt-5">
            <h2 id="understood">{copy.understood(people.length)}</h2>
            {faults > 0 && (
                <p role="alert" className="border-s-2 border-brick ps-2 text-brick">
                    {errors.rows ?? copy.faults(faults)}
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
                                {PERSON_FIELDS.map((field) => {
                                    const fault = errors[`rows.${String(index)}.${field}`];

                                    return (
                                        <td key={field} className="border-b border-rule py-1 pe-4 align-top">
                                            <span className={fault === undefined ? undefined : 'border-b border-brick'}>
                                                {person[field] ?? (fault === undefined ? '' : '–')}
                                            </span>
                                            {fault !== undefined && <span className="block text-brick">{fault}</span>}
                                        </td>
                                    );
                                })}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
        </section>
    );
}
