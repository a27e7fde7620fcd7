import { instant, shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { TrailRowProps } from '@/types/generated/props';

/** An act as the trail tells it: when, who, what, from what to what, and why. */
export function TrailRow({ row }: { row: TrailRowProps }) {
    const words = text.officePage.trail;
    const [act, subject] = [text.act(row.act), words.subjects[row.subject] ?? row.subject];

    return (
        <>
            <span className="text-faded">{instant(row.at)}</span> <span className="font-semibold">{row.actor}</span>
            {row.insteadOf === null ? '' : ` ${text.week.inPlaceOf(row.insteadOf)}`}:{' '}
            {act.startsWith(subject) ? act : `${subject} ${act}`}
            {row.on === '' ? '' : `, ${row.on}`}
            {row.date === null ? '' : `, ${shortDay(row.date)}`}
            {row.person === null || row.person === row.actor ? '' : `, ${words.of(row.person)}`}
            {row.changes.length > 0 && (
                <span className="ms-2 text-faded">
                    {row.changes
                        .map(
                            ({ what, before, after }) => `${what} ${before === null ? '' : `${before} `}→ ${after ?? words.none}`,
                        )
                        .join('; ')}
                </span>
            )}
            {row.why !== '' && <q className="ms-2">{row.why}</q>}
        </>
    );
}
