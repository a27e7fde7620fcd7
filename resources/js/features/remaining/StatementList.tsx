import { shortDay } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, StatementProps } from '@/types/generated/props';

const words = text.remaining;

function said({ isDone, remaining }: StatementProps, format: HoursFormat): string {
    return isDone ? words.saidDone : words.saidLeft(hoursInWords(remaining, format));
}

/** What was said of what is left, the latest first, and the forecast that each word made. */
export function StatementList({ statements, format }: { statements: StatementProps[]; format: HoursFormat }) {
    return (
        <ol aria-label={words.history}>
            {statements.map((one, index) => (
                <li key={index} className="border-t border-rule py-1 [overflow-wrap:anywhere]">
                    <span className="text-faded">{shortDay(one.on)}</span> {one.person}
                    {one.by !== '' && <span className="text-faded"> {words.by(one.by)}</span>}:{' '}
                    <span className={one.state === 'in force' ? '' : 'pencilled'}>{said(one, format)}</span>
                    {one.forecast !== null && (
                        <span className="text-faded"> {words.madeForecast(hoursInWords(one.forecast, format))}</span>
                    )}
                    {one.reason !== '' && <span className="block">“{one.reason}”</span>}
                    {one.state !== 'in force' && (
                        <span className="block text-ochre">
                            {words.states[one.state] ?? one.state}
                            {one.decidedBy !== '' && `, ${one.decidedBy}`}
                            {one.word !== '' && `: “${one.word}”`}
                        </span>
                    )}
                </li>
            ))}
        </ol>
    );
}
