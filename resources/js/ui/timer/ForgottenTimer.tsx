import { shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { TimerProps } from '@/types/generated/props';
import { useId, useState } from 'react';
import { DateField } from '../DateField';

const copy = text.timer.forgotten;

interface ForgottenTimerProps {
    timer: TimerProps;
    suggestion: string | null;
    onStop: (at: string) => void;
}

/** Asks what was meant by a timer that has run for long without a pause. */
export function ForgottenTimer({ timer, suggestion, onStop }: ForgottenTimerProps) {
    const id = useId();
    const [day, pick] = useState(timer.since.slice(0, 10));
    const [isRight, accept] = useState(false);
    const [time, type] = useState('');
    if (isRight) {
        return null;
    }

    return (
        <form
            aria-label={copy.title}
            className="flex basis-full flex-wrap items-baseline-last gap-x-4 gap-y-2 border-s-2 border-ochre py-1 ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                const typed = /^(\d{1,2})[:.]?(\d{2})?$/.exec(time.trim());
                if (typed !== null) {
                    onStop(`${day}T${(typed[1] ?? '').padStart(2, '0')}:${typed[2] ?? '00'}`);
                }
            }}
        >
            <p className="basis-full text-ochre">{copy.question(timer.taskName)}</p>
            {suggestion !== null && (
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        onStop(suggestion);
                    }}
                >
                    {copy.at(suggestion.slice(11), shortDay(suggestion.slice(0, 10)))}
                </button>
            )}
            <DateField label={copy.day} defaultValue={day} onPick={pick} />
            <label htmlFor={`${id}-time`} className="flex flex-col gap-1">
                {copy.time}
                <input
                    id={`${id}-time`}
                    value={time}
                    inputMode="numeric"
                    placeholder="17:30"
                    className="min-h-9 w-20 border-b border-edge bg-sheet px-2"
                    onChange={(event) => {
                        type(event.currentTarget.value);
                    }}
                />
            </label>
            <button type="submit" className="act">
                {copy.stop}
            </button>
            <button
                type="button"
                className="act-quiet"
                onClick={() => {
                    accept(true);
                }}
            >
                {copy.running}
            </button>
        </form>
    );
}
