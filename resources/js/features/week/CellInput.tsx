import { useEffect, useRef, type KeyboardEvent } from 'react';

interface CellInputProps {
    name: string;
    first: string;
    /** Whether the next key replaces what stands in it, as a thumb would want. */
    isWhole: boolean;
    /** With null, nothing was typed after all; without a key, the focus has gone elsewhere. */
    onFinish: (typed: string | null, key: KeyboardEvent | null) => void;
}

/** A cell while it is typed over. Enter and Tab save and go on, Escape leaves it as it was. */
export function CellInput({ name, first, isWhole, onFinish }: CellInputProps) {
    const input = useRef<HTMLInputElement>(null);
    const finished = useRef(false);
    const finish = (typed: string | null, key: KeyboardEvent | null) => {
        if (!finished.current) {
            finished.current = true;
            onFinish(typed, key);
        }
    };

    useEffect(() => {
        input.current?.focus();
        const end = input.current?.value.length ?? 0;
        input.current?.setSelectionRange(isWhole ? 0 : end, end);
    }, [isWhole]);

    return (
        <input
            ref={input}
            aria-label={name}
            defaultValue={first}
            inputMode="decimal"
            autoComplete="off"
            maxLength={40}
            className="h-full w-full bg-sheet px-1.5 text-end outline-2 -outline-offset-2 outline-moss"
            onKeyDown={(event) => {
                event.stopPropagation();
                if (event.key === 'Escape' || event.key === 'Enter' || event.key === 'Tab') {
                    event.preventDefault();
                    finish(event.key === 'Escape' ? null : event.currentTarget.value, event);
                }
            }}
            onBlur={(event) => {
                finish(event.currentTarget.value, null);
            }}
        />
    );
}
