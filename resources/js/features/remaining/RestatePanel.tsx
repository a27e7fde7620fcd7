import { hoursInWords, printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, LeftProps, RemainingProps } from '@/types/generated/props';
import { useEffect, useRef } from 'react';
import { RestateForm } from './RestateForm';
import { StatementList } from './StatementList';
import { useRemaining } from './useRemaining';

interface RestatePanelProps {
    /** Of whose word on which task it is. */
    address: string;
    taskName: string;
    format: HoursFormat;
    /** What was typed already, where it was typed over the figure. */
    typed: string | null;
    onStated: (remaining: RemainingProps, sentence: string) => void;
    onClose: () => void;
}

/** How it stands, in a sentence. */
function standing({ entered, planned, left, isDone, isRestated }: LeftProps, format: HoursFormat): string {
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const how = isDone ? text.remaining.isDone : isRestated ? text.remaining.byWord : text.remaining.byRule;

    return text.remaining.stands(hours(entered), hours(planned), hours(left), how);
}

/** What is left of a task, in the margin: the figure and whose word it is, and saying otherwise. */
export function RestatePanel({ address, taskName, format, typed, onStated, onClose }: RestatePanelProps) {
    const words = text.remaining;
    const { remaining, isLost, isGoing, said, say, takeBack } = useRemaining(address, typed, onStated);
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
                    {words.title(taskName)}
                </h2>
                <button type="button" className="act-quiet" onClick={onClose}>
                    {text.week.close}
                </button>
            </div>
            {remaining === null && <p className="pencilled mt-1">{isLost ? words.unread : words.comes}</p>}
            {remaining !== null && (
                <>
                    <p className="mt-1">{remaining.left === null ? words.nothingHeld : standing(remaining.left, format)}</p>
                    {remaining.left?.asked != null && (
                        <p className="text-ochre">{words.asked(hoursInWords(remaining.left.asked, format), remaining.manager)}</p>
                    )}
                    {remaining.left !== null && remaining.doneOn === null && (
                        <RestateForm
                            key={`${address} ${remaining.left.left}`}
                            first={typed ?? printHours(remaining.left.left, format)}
                            remaining={remaining}
                            isTeam={remaining.left.isTeam}
                            isGoing={isGoing}
                            said={said}
                            onSay={say}
                        />
                    )}
                    {said?.fault === null && (
                        <p role="status" className="mt-1 text-moss">
                            {said.sentence}
                        </p>
                    )}
                    {remaining.mayTakeBack && (
                        <button type="button" className="act-quiet mt-1" disabled={isGoing} onClick={takeBack}>
                            {words.takeBack}
                        </button>
                    )}
                    {remaining.history.length > 0 && (
                        <>
                            <h3 className="mt-3 text-faded">{words.history}</h3>
                            <StatementList statements={remaining.history} format={format} />
                        </>
                    )}
                </>
            )}
        </section>
    );
}
