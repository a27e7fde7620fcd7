import { text } from '@/lib/text';
import type { RemainingProps } from '@/types/generated/props';
import { ReasonField } from '@/ui/ReasonField';
import { useEffect, useRef, useState } from 'react';
import type { Fault } from './faults';
import type { EstimateInput } from './useRemaining';

interface EstimateFormProps {
    /** What stands in it to begin with. */
    first: string;
    remaining: RemainingProps;
    isTeam: boolean;
    isGoing: boolean;
    result: { sentence: string; fault: Fault | null; input: EstimateInput | null } | null;
    onSave: (input: EstimateInput, confirmed?: boolean) => void;
}

/** The remaining hours and the reason, or mark as done. Where a reason or a confirmation is missing, it is asked for here. */
export function EstimateForm({ first, remaining, isTeam, isGoing, result, onSave }: EstimateFormProps) {
    const copy = text.remaining;
    const [hours, setHours] = useState(first);
    const [reason, setReason] = useState('');
    const field = useRef<HTMLInputElement>(null);
    const why = useRef<HTMLTextAreaElement>(null);
    const again = useRef<HTMLButtonElement>(null);
    useEffect(() => {
        field.current?.focus();
        field.current?.select();
    }, []);
    useEffect(() => {
        if (result?.fault === 'no_reason') {
            why.current?.focus();
        } else if (result?.fault === 'not_confirmed') {
            again.current?.focus();
        }
    }, [result]);
    const unconfirmed = result?.fault === 'not_confirmed' ? result.input : null;

    return (
        <form
            className="mt-2 flex flex-col gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                onSave({ hours: hours.trim(), done: 'no', reason: reason.trim() });
            }}
        >
            <label className="flex flex-col gap-0.5">
                <span className="text-faded">{copy.remaining}</span>
                <input
                    ref={field}
                    value={hours}
                    maxLength={50}
                    className="min-h-8 w-28 border-b border-edge bg-sheet px-2 text-end"
                    onChange={(event) => {
                        setHours(event.target.value);
                    }}
                />
            </label>
            <ReasonField ref={why} label={copy.why} value={reason} isInvalid={result?.fault === 'no_reason'} onType={setReason} />
            {result?.fault != null && (
                <p role="alert" className={result.fault === 'no_reason' ? 'text-ochre' : 'text-brick'}>
                    {result.sentence}
                </p>
            )}
            {remaining.needsApproval && <p className="pencilled">{copy.waitsForManager(remaining.manager)}</p>}
            <p className="flex flex-wrap gap-2">
                <button type="submit" className="act act-main" disabled={isGoing}>
                    {copy.save}
                </button>
                <DoneButtons
                    isTeam={isTeam}
                    isGoing={isGoing}
                    onDone={(done) => {
                        onSave({ hours: null, done, reason: reason.trim() });
                    }}
                />
                {unconfirmed !== null && (
                    <button
                        ref={again}
                        type="button"
                        className="act border-brick"
                        disabled={isGoing}
                        onClick={() => {
                            onSave(unconfirmed, true);
                        }}
                    >
                        {copy.doneAnyway}
                    </button>
                )}
            </p>
        </form>
    );
}

interface DoneButtonsProps extends Pick<EstimateFormProps, 'isTeam' | 'isGoing'> {
    onDone: (done: 'me' | 'all') => void;
}

/** Marks the task as done: for oneself or the team, or for everybody. */
function DoneButtons({ isTeam, isGoing, onDone }: DoneButtonsProps) {
    const copy = text.remaining;

    return (['me', 'all'] as const).map((done) => (
        <button
            key={done}
            type="button"
            className="act"
            disabled={isGoing}
            onClick={() => {
                onDone(done);
            }}
        >
            {done === 'all' ? copy.doneForAll : isTeam ? copy.doneForTeam : copy.doneForMe}
        </button>
    ));
}
