import { text } from '@/lib/text';
import type { RemainingProps } from '@/types/generated/props';
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
            <label className="flex flex-col gap-1">
                <span className="text-faded">{copy.why}</span>
                <textarea
                    ref={why}
                    rows={2}
                    maxLength={1000}
                    value={reason}
                    aria-invalid={result?.fault === 'no_reason'}
                    className="field-sizing-content min-h-12 border-b border-edge bg-sheet px-2 py-1"
                    onChange={(event) => {
                        setReason(event.target.value);
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter' && !event.shiftKey) {
                            event.preventDefault();
                            event.currentTarget.form?.requestSubmit();
                        }
                    }}
                />
            </label>
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
                {(['me', 'all'] as const).map((done) => (
                    <button
                        key={done}
                        type="button"
                        className="act"
                        disabled={isGoing}
                        onClick={() => {
                            onSave({ hours: null, done, reason: reason.trim() });
                        }}
                    >
                        {done === 'all' ? copy.doneForAll : isTeam ? copy.doneForTeam : copy.doneForMe}
                    </button>
                ))}
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
