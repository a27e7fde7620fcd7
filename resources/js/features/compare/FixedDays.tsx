import { text } from '@/lib/text';
import { DateField } from '@/ui/DateField';
import type { Question } from './compareAddress';

/** The first and the last day of a period that does not move; the form is sent once both are typed. */
export function FixedDays({ asked }: { asked: Question }) {
    return (
        <>
            <DateField label={text.comparePage.from} name="from" defaultValue={asked.from} required />
            <DateField label={text.comparePage.to} name="to" defaultValue={asked.to} required />
            <button type="submit" className="act">
                {text.comparePage.show}
            </button>
        </>
    );
}
