import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, EstimateProps } from '@/types/generated/props';

const copy = text.remaining;

function estimate({ isDone, remaining }: EstimateProps, format: HoursFormat): string {
    return isDone ? copy.done : copy.hours(hoursWithUnit(remaining, format));
}

/** The estimates of a task, the latest first, each with the forecast that followed from it. */
export function EstimateHistory({ estimates, format }: { estimates: EstimateProps[]; format: HoursFormat }) {
    return (
        <ol aria-label={copy.history}>
            {estimates.map((one, index) => (
                <li key={index} className="border-t border-rule py-1 [overflow-wrap:anywhere]">
                    <span className="text-faded">{shortDay(one.on)}</span> {one.person}
                    {one.by !== '' && <span className="text-faded"> {copy.by(one.by)}</span>}:{' '}
                    <span className={one.state === 'in force' ? '' : 'pencilled'}>{estimate(one, format)}</span>
                    {one.forecast !== null && (
                        <span className="text-faded"> {copy.madeForecast(hoursWithUnit(one.forecast, format))}</span>
                    )}
                    {one.reason !== '' && <span className="block">“{one.reason}”</span>}
                    {one.state !== 'in force' && (
                        <span className="block text-ochre">
                            {copy.states[one.state] ?? one.state}
                            {one.decidedBy !== '' && `, ${one.decidedBy}`}
                            {one.comment !== '' && `: “${one.comment}”`}
                        </span>
                    )}
                </li>
            ))}
        </ol>
    );
}
