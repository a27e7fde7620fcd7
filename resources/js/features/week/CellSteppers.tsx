import { text } from '@/lib/text';
import type { ReactNode } from 'react';

interface CellSteppersProps {
    minutes: number;
    step: number;
    name: string;
    isPencilled: boolean;
    /** To so many minutes; null inks what is pencilled. */
    onStep: (minutes: number | null) => void;
    children: ReactNode;
}

/** On a narrow screen: less and more by a step, and inking, wide enough for a thumb. */
export function CellSteppers({ minutes, step, name, isPencilled, onStep, children }: CellSteppersProps) {
    const more = Math.floor(minutes / step) * step + step;
    const less = Math.ceil(minutes / step) * step - step;

    return (
        <span className="flex items-center justify-end gap-1">
            {isPencilled ? (
                <button
                    type="button"
                    tabIndex={-1}
                    className="act min-h-[44px] min-w-[48px] justify-center px-2"
                    aria-label={text.week.inkOf(name)}
                    onClick={() => {
                        onStep(null);
                    }}
                >
                    {text.week.ink}
                </button>
            ) : (
                <button
                    type="button"
                    tabIndex={-1}
                    disabled={minutes === 0}
                    className="act min-h-[44px] min-w-[44px] justify-center"
                    aria-label={text.week.less(name)}
                    onClick={() => {
                        onStep(less);
                    }}
                >
                    −
                </button>
            )}
            <span className="flex min-h-[44px] w-14 flex-col justify-center">{children}</span>
            <button
                type="button"
                tabIndex={-1}
                className="act min-h-[44px] min-w-[44px] justify-center"
                aria-label={text.week.more(name)}
                onClick={() => {
                    onStep(more);
                }}
            >
                +
            </button>
        </span>
    );
}
