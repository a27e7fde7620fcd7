import { text } from '@/lib/text';
import type { RemainingProps } from '@/types/generated/props';
import { useEffect, useRef, useState } from 'react';
import type { Fault } from './faults';
import type { Word } from './useRemaining';

interface RestateFormProps {
    /** What stands in it to begin with. */
    first: string;
    remaining: RemainingProps;
    isTeam: boolean;
    isGoing: boolean;
    said: { sentence: string; fault: Fault | null; word: Word | null } | null;
    onSay: (word: Word, confirmed?: boolean) => void;
}

/** Hours that are left and why, or that it is done. What needs a reason or a second word asks for it here. */
export function RestateForm({ first, remaining, isTeam, isGoing, said, onSay }: RestateFormProps) {
    const words = text.remaining;
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
        if (said?.fault === 'no_reason') {
            why.current?.focus();
        } else if (said?.fault === 'not_confirmed') {
            again.current?.focus();
        }
    }, [said]);
    const unconfirmed = said?.fault === 'not_confirmed' ? said.word : null;

    return (
        <form
            className="mt-2 flex flex-col gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                onSay({ hours: hours.trim(), done: 'no', reason: reason.trim() });
            }}
        >
            <label className="flex flex-col gap-0.5">
                <span className="text-faded">{words.left}</span>
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
                <span className="text-faded">{words.why}</span>
                <textarea
                    ref={why}
                    rows={2}
                    maxLength={1000}
                    value={reason}
                    aria-invalid={said?.fault === 'no_reason'}
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
            {said?.fault != null && (
                <p role="alert" className={said.fault === 'no_reason' ? 'text-ochre' : 'text-brick'}>
                    {said.sentence}
                </p>
            )}
            {remaining.isAsked && <p className="pencilled">{words.willWait(remaining.manager)}</p>}
            <p className="flex flex-wrap gap-2">
                <button type="submit" className="act act-main" disabled={isGoing}>
                    {words.say}
                </button>
                {(['me', 'all'] as const).map((done) => (
                    <button
                        key={done}
                        type="button"
                        className="act"
                        disabled={isGoing}
                        onClick={() => {
                            onSay({ hours: null, done, reason: reason.trim() });
                        }}
                    >
                        {done === 'all' ? words.doneForAll : isTeam ? words.doneForTeam : words.doneForMe}
                    </button>
                ))}
                {unconfirmed !== null && (
                    <button
                        ref={again}
                        type="button"
                        className="act border-brick"
                        disabled={isGoing}
                        onClick={() => {
                            onSay(unconfirmed, true);
                        }}
                    >
                        {words.doneAllTheSame}
                    </button>
                )}
            </p>
        </form>
    );
}
