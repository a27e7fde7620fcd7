import clsx from 'clsx';
import { stretches, type Growth } from './growth';

interface BarProps extends Growth {
    /** What the full width stands for, in minutes; bars in one list share it. */
    scale: number;
    /** The same in words, for those who do not see it. */
    label: string;
    className?: string;
}

/** Hours against a mark: the one way in which they are drawn, from a day to a portfolio. */
export function Bar({ scale, label, className, ...growth }: BarProps) {
    return (
        <span role="img" aria-label={label} title={label} className={clsx('relative block h-2.5', className)}>
            {stretches(growth, scale).map(({ texture, from, to }) => (
                <span
                    key={texture}
                    className={clsx('absolute inset-y-0.5', {
                        'grown-approved': texture === 'approved',
                        'grown-pending': texture === 'pending',
                        'grown-remaining': texture === 'remaining',
                        'grown-over': texture === 'over',
                    })}
                    style={{ left: `${from}%`, width: `${to - from}%` }}
                />
            ))}
            {growth.mark !== null && growth.mark > 0 && (
                <span
                    className="absolute inset-y-0 w-0.5 bg-ink"
                    style={{ left: `calc(${(growth.mark * 100) / Math.max(scale, 1)}% - 1px)` }}
                />
            )}
        </span>
    );
}
