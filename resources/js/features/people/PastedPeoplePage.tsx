import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { Checkbox } from '@/ui/Checkbox';
import { Link } from '@inertiajs/react';
import { useId, useState } from 'react';
import { PastedTable } from './PastedTable';
import { usePastedPeople } from './usePastedPeople';
import { useSentPeople } from './useSentPeople';

const copy = officeText.pastedPeoplePage;

/** Rows of a spreadsheet become people; what is wrong is said in its row before anybody is added. */
export function PastedPeoplePage() {
    const [rows, setRows] = useState('');
    const pasted = usePastedPeople();
    const { people } = pasted;
    const sent = useSentPeople(people);
    const { news } = sent;
    const id = useId();

    return (
        <OfficeShell title={copy.title} finding={copy.finding}>
            <label htmlFor={id} className="mt-4 block">
                {copy.rows}
            </label>
            <textarea
                id={id}
                autoFocus
                rows={6}
                value={rows}
                spellCheck={false}
                placeholder={copy.example}
                className="mt-1 block w-full max-w-4xl border-b border-edge bg-sheet px-2 py-1"
                onChange={(event) => {
                    setRows(event.target.value);
                    pasted.read(event.target.value);
                }}
            />
            <p className="pencilled mt-1 max-w-prose">{copy.hint}</p>
            {people.length > 0 && <PastedTable pasted={pasted} faultOf={sent.faultOf} problem={sent.problem} />}
            {news !== undefined && (
                <Checkbox
                    label={copy.addsNames(news)}
                    checked={sent.agreed === news}
                    className="mt-3"
                    onChange={(isChecked) => {
                        sent.agree(isChecked ? news : '');
                    }}
                />
            )}
            <p className="mt-4 flex flex-wrap items-baseline gap-x-5 gap-y-2">
                <button
                    type="button"
                    className="act act-main"
                    disabled={people.length === 0 || sent.isSending}
                    onClick={sent.send}
                >
                    {copy.add(people.length)}
                </button>
                <Link href={route('office.people')} className="act-quiet">
                    {officeText.personPage.back}
                </Link>
            </p>
        </OfficeShell>
    );
}
