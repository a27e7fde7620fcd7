import { text } from '@/lib/text';
import type { useDone } from './useDone';

interface DoneForAllProps {
    task: number;
    isDone: boolean;
    done: ReturnType<typeof useDone>;
    className: string;
}

/** Marks a task as done for everyone; where others have hours remaining, it says so and asks for a confirmation. */
export function DoneForAll({ task, isDone, done, className }: DoneForAllProps) {
    const copy = text.remaining;
    const refusal = done.refusalOf(task);

    return (
        <>
            {refusal !== null && (
                <span role="alert" className="block w-full text-brick">
                    {refusal}
                </span>
            )}
            <button
                type="button"
                className={className}
                onClick={() => {
                    done.declare(task, !isDone);
                }}
            >
                {isDone ? copy.reopen : refusal === null ? copy.doneForAll : copy.doneAnyway}
            </button>
        </>
    );
}
