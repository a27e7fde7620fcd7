import clsx from 'clsx';
import type { ComponentProps } from 'react';

interface TextAreaProps extends ComponentProps<'textarea'> {
    label: string;
}

/** Several lines to write on, with their name above. */
export function TextArea({ label, className, ...rest }: TextAreaProps) {
    return (
        <label className="flex flex-col gap-1">
            {label}
            <textarea
                rows={4}
                {...rest}
                className={clsx('field-sizing-content max-h-96 min-h-24 border-b border-edge bg-sheet px-2 py-1', className)}
            />
        </label>
    );
}
