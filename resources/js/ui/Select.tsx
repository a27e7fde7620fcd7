import clsx from 'clsx';
import type { ComponentProps } from 'react';

interface SelectProps extends ComponentProps<'select'> {
    label: string;
    /** Values and what they are called. */
    options: readonly (readonly [string, string])[];
}

/** One of several, with its name above. */
export function Select({ label, options, className, ...rest }: SelectProps) {
    return (
        <label className={clsx('flex max-w-full min-w-0 flex-col gap-1', className)}>
            {label}
            <select {...rest} className="min-h-9 max-w-full border-b border-edge bg-sheet px-1">
                {options.map(([value, name]) => (
                    <option key={value} value={value}>
                        {name}
                    </option>
                ))}
            </select>
        </label>
    );
}
