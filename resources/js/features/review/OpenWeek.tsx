import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, OpenWeekProps } from '@/types/generated/props';
import { useState } from 'react';
import { DecisionBar } from './DecisionBar';
import { WaitingGrid } from './WaitingGrid';

/** One person's week under review: approve or return it whole, or line by line. */
export function OpenWeek({ open, format }: { open: OpenWeekProps; format: HoursFormat }) {
    const [taken, setTaken] = useState(() => new Set(open.lines.map((line) => line.key)));
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const lines = open.lines.filter((line) => taken.has(line.key));
    const toggle = (key: string) => {
        setTaken((before) => {
            const after = new Set(before);
            if (!after.delete(key)) {
                after.add(key);
            }

            return after;
        });
    };

    return (
        <section aria-labelledby="open-week">
            <h2 id="open-week" className="text-[1.1rem]">
                {text.reviewPage.open(open.personName, open.number)}
            </h2>
            <p>{text.reviewPage.sentence(hours(open.minutes), hours(open.entered), hours(open.owed))}</p>
            {open.standingInFor.length > 0 && (
                <p className="pencilled">{text.reviewPage.standing(open.standingInFor.join(', '))}</p>
            )}
            <WaitingGrid open={open} taken={taken} onToggle={toggle} format={format} />
            <DecisionBar lines={lines} all={open.lines.length} format={format} />
        </section>
    );
}
