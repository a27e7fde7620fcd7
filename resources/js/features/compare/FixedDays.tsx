import { text } from '@/lib/text';
import { DateField } from '@/ui/DateField';
import { ask } from './CompareForm';
import type { Question } from './compareAddress';

/** The first and the last day of a period that does not move. */
export function FixedDays({ asked }: { asked: Question }) {
    const change = (days: Partial<Question>) => {
        const changed = { ...asked, ...days };
        if (changed.from !== '' && changed.to !== '' && changed.from <= changed.to) {
            ask(changed);
        }
    };

    return (
        <>
            <DateField
                label={text.comparePage.from}
                defaultValue={asked.from}
                max={asked.to}
                onPick={(from) => {
                    change({ from });
                }}
            />
            <DateField
                label={text.comparePage.to}
                defaultValue={asked.to}
                min={asked.from}
                onPick={(to) => {
                    change({ to });
                }}
            />
        </>
    );
}
