import { hoursWithUnit, typedHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, TaskRemainingProps, RemainingProps } from '@/types/generated/props';
import { useEffect, useRef } from 'react';
import { EstimateForm } from './EstimateForm';
import { EstimateHistory } from './EstimateHistory';
import { useRemaining } from './useRemaining';

interface EstimatePanelProps {
    /** Of the person and the task. */
    address: string;
    taskName: string;
    format: HoursFormat;
    /** What was typed already, where it was typed over the figure. */
    typed: string | null;
    onUpdated: (remaining: RemainingProps, sentence: string) => void;
    onClose: () => void;
}

/** How it stands, in a sentence. */
function standing({ entered, planned, minutes, isDone, isEstimated }: TaskRemainingProps, format: HoursFormat): string {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const how = isDone ? text.remaining.isDone : isEstimated ? text.remaining.fromEstimate : text.remaining.byRule;

    return text.remaining.stands(hours(entered), hours(planned), hours(minutes), how);
}

/** The remaining hours of a task, in the margin: the figure, where it comes from, and a new estimate. */
export function EstimatePanel({ address, taskName, format, typed, onUpdated, onClose }: EstimatePanelProps) {
    const copy = text.remaining;
    const { remaining, isLost, isGoing, result, save, takeBack } = useRemaining(address, typed, onUpdated);
    const heading = useRef<HTMLHeadingElement>(null);
    useEffect(() => {
        heading.current?.focus();
    }, [address]);

    return (
        <section
            aria-labelledby="remaining-title"
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    event.stopPropagation();
                    onClose();
                }
            }}
        >
            <div className="flex items-baseline justify-between gap-2">
                <h2 id="remaining-title" ref={heading} tabIndex={-1} className="outline-none [overflow-wrap:anywhere]">
                    {copy.title(taskName)}
                </h2>
                <button type="button" className="act-quiet" onClick={onClose}>
                    {text.week.close}
                </button>
            </div>
            {remaining === null && <p className="pencilled mt-1">{isLost ? copy.unreadable : copy.loading}</p>}
            {remaining !== null && (
                <>
                    <p className="mt-1">
                        {remaining.ofPerson === null ? copy.nothingHeld : standing(remaining.ofPerson, format)}
                    </p>
                    {remaining.ofPerson?.waiting != null && (
                        <p className="text-ochre">
                            {copy.waiting(hoursWithUnit(remaining.ofPerson.waiting, format), remaining.manager)}
                        </p>
                    )}
                    {remaining.ofPerson !== null && remaining.doneOn === null && (
                        <EstimateForm
                            key={`${address} ${remaining.ofPerson.minutes}`}
                            first={typed ?? typedHours(remaining.ofPerson.minutes, format)}
                            remaining={remaining}
                            isTeam={remaining.ofPerson.isTeam}
                            isGoing={isGoing}
                            result={result}
                            onSave={save}
                        />
                    )}
                    {result?.fault === null && (
                        <p role="status" className="mt-1 text-moss">
                            {result.sentence}
                        </p>
                    )}
                    {remaining.mayTakeBack && (
                        <button type="button" className="act-quiet mt-1" disabled={isGoing} onClick={takeBack}>
                            {copy.takeBack}
                        </button>
                    )}
                    {remaining.history.length > 0 && (
                        <>
                            <h3 className="mt-3 text-faded">{copy.history}</h3>
                            <EstimateHistory estimates={remaining.history} format={format} />
                        </>
                    )}
                </>
            )}
        </section>
    );
}
