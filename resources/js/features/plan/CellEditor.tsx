import clsx from 'clsx';
import { useEffect, useId, useRef, type KeyboardEvent } from 'react';

interface CellEditorProps {
    /** What stands in it to begin with. */
    first: string;
    label: string;
    isFigure: boolean;
    options: readonly string[];
    /** Asks for more to choose from by what is typed; null where there is no more. */
    onAsk: ((typed: string) => void) | null;
    onFinish: (typed: string | null, key: KeyboardEvent | null) => void;
}

/** The field in which a cell is typed over. Enter and Tab keep it and go on, Escape leaves it as it was. */
export function CellEditor({ first, label, isFigure, options, onAsk, onFinish }: CellEditorProps) {
    const field = useRef<HTMLInputElement>(null);
    const finished = useRef(false);
    const list = useId();
    useEffect(() => {
        field.current?.focus();
        field.current?.setSelectionRange(first.length, first.length);
    }, [first]);
    const finish = (typed: string | null, key: KeyboardEvent | null) => {
        if (!finished.current) {
            finished.current = true;
            onFinish(typed, key);
        }
    };

    return (
        <>
            <input
                ref={field}
                defaultValue={first}
                aria-label={label}
                maxLength={300}
                list={options.length > 0 || onAsk !== null ? list : undefined}
                className={clsx('h-full w-full bg-transparent', isFigure && 'text-end')}
                onInput={(event) => {
                    onAsk?.(event.currentTarget.value);
                }}
                onKeyDown={(event) => {
                    event.stopPropagation();
                    if (event.key === 'Enter' || event.key === 'Tab') {
                        event.preventDefault();
                        finish(event.currentTarget.value, event);
                    } else if (event.key === 'Escape') {
                        event.preventDefault();
                        finish(null, event);
                    }
                }}
                onBlur={(event) => {
                    finish(event.currentTarget.value, null);
                }}
            />
            <datalist id={list}>
                {options.map((option) => (
                    <option key={option} value={option} />
                ))}
            </datalist>
        </>
    );
}
