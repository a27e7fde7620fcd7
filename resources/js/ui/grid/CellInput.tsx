import clsx from 'clsx';
import { useEffect, useRef, type InputHTMLAttributes, type KeyboardEvent } from 'react';
import type { FinishingKey } from './useTyping';

interface CellInputProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'name' | 'value' | 'defaultValue'> {
    /** What it is called when it is read out. */
    name: string;
    first: string;
    /** Whether the next key replaces what stands in it, as a thumb would want. */
    isWhole?: boolean;
    /** With null, nothing was typed after all; without a key, the focus has gone elsewhere. */
    onFinish: (typed: string | null, key: FinishingKey | null) => void;
    onType?: (typed: string) => void;
    /** What else a key means here; says whether it meant anything. */
    onPress?: (event: KeyboardEvent) => boolean;
}

/** A cell while it is typed over. Enter and Tab save and go on, Escape leaves it as it was. */
export function CellInput({ name, first, isWhole = false, onFinish, onType, onPress, className, ...input }: CellInputProps) {
    const field = useRef<HTMLInputElement>(null);
    const finished = useRef(false);
    const finish = (typed: string | null, key: FinishingKey | null) => {
        if (!finished.current) {
            finished.current = true;
            onFinish(typed, key);
        }
    };

    useEffect(() => {
        field.current?.focus();
        const end = field.current?.value.length ?? 0;
        field.current?.setSelectionRange(isWhole ? 0 : end, end);
    }, [isWhole]);

    return (
        <input
            {...input}
            ref={field}
            aria-label={name}
            defaultValue={first}
            autoComplete="off"
            className={clsx('h-full w-full outline-2 -outline-offset-2 outline-moss', className)}
            onKeyDown={(event) => {
                event.stopPropagation();
                if (onPress?.(event) === true) {
                    event.preventDefault();
                } else if (event.key === 'Escape' || event.key === 'Enter' || event.key === 'Tab') {
                    event.preventDefault();
                    finish(event.key === 'Escape' ? null : event.currentTarget.value, event);
                }
            }}
            onChange={(event) => {
                onType?.(event.currentTarget.value);
            }}
            onBlur={(event) => {
                finish(event.currentTarget.value, null);
            }}
        />
    );
}
