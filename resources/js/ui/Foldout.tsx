import clsx from 'clsx';
import { useId, useState, type ReactNode } from 'react';

interface FoldoutProps {
    /** What stands in the line that opens it. */
    line: ReactNode;
    /** What stands before the line and does not open it. */
    before?: ReactNode;
    className?: string;
    lineClassName?: string;
    contentClassName?: string;
    children: ReactNode;
}

/** One line that opens to more, which is only drawn once it is open. */
export function Foldout({ line, before, className, lineClassName, contentClassName, children }: FoldoutProps) {
    const [isOpen, setOpen] = useState(false);
    const id = useId();

    return (
        <div className={className}>
            <div className="flex items-start gap-2">
                {before}
                <button
                    type="button"
                    aria-expanded={isOpen}
                    aria-controls={isOpen ? id : undefined}
                    className={clsx('group flex min-h-11 min-w-0 grow cursor-pointer gap-3 text-start', lineClassName)}
                    onClick={() => {
                        setOpen(!isOpen);
                    }}
                >
                    <span aria-hidden className="text-faded group-aria-expanded:rotate-90">
                        ›
                    </span>
                    {line}
                </button>
            </div>
            {isOpen && (
                <div id={id} className={contentClassName}>
                    {children}
                </div>
            )}
        </div>
    );
}
