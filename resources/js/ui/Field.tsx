import clsx from 'clsx';
import type { ComponentProps } from 'react';

interface FieldProps extends ComponentProps<'input'> {
    label: string;
}

/** A line to write on, with its name above. */
export function Field({ label, className, ...rest }: FieldProps) {
    return (
        <label className="flex max-w-full min-w-0 flex-col gap-1">
            {label}
            <input {...rest} className={clsx('min-h-9 border-b border-edge bg-sheet px-2', className)} />
        </label>
    );
}
