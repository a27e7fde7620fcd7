import type { TaskOfferProps } from '@/types/generated/props';
import { useEffect, useRef } from 'react';

interface TaskOptionProps {
    id: string;
    task: TaskOfferProps;
    isChosen: boolean;
    /** More about it, beside its project. */
    about: (string | null)[];
    onChoose: () => void;
}

/** One task in a list to choose from; the field above the list keeps the focus. */
export function TaskOption({ id, task, isChosen, about, onChoose }: TaskOptionProps) {
    const option = useRef<HTMLDivElement>(null);
    useEffect(() => {
        if (isChosen) {
            option.current?.scrollIntoView({ block: 'nearest' });
        }
    }, [isChosen]);

    return (
        <div
            ref={option}
            id={id}
            role="option"
            aria-selected={isChosen}
            className="min-h-6 cursor-pointer border-s-2 border-transparent py-0.5 ps-2 aria-selected:border-ink aria-selected:bg-moss-wash"
            onClick={onChoose}
        >
            {task.taskName}
            <span className="block text-[0.9em] text-faded">
                {[task.projectName, task.roleName, ...about].filter((part) => part !== null).join(' · ')}
            </span>
        </div>
    );
}
