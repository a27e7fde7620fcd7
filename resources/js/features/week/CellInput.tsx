import { useEffect, useRef } from 'react';
import { afterTyping, type Place, type Size } from './gridMoves';

interface CellInputProps {
    name: string;
    first: string;
    place: Place;
    size: Size;
    /** With null, nothing was typed after all. */
    onFinish: (typed: string | null, to: Place) => void;
}

/** A cell while it is typed over. Enter and Tab save and go on, Escape leaves it as it was. */
export function CellInput({ name, first, place, size, onFinish }: CellInputProps) {
    const input = useRef<HTMLInputElement>(null);
    const finished = useRef(false);
    const finish = (typed: string | null, to: Place) => {
        if (!finished.current) {
            finished.current = true;
            onFinish(typed, to);
        }
    };

    useEffect(() => {
        input.current?.focus();
        const end = input.current?.value.length ?? 0;
        input.current?.setSelectionRange(end, end);
    }, []);

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
                if (event.key === 'Escape') {
                    event.preventDefault();
                    finish(null, place);

                    return;
                }
                const to = afterTyping(event, place, size);
                if (to !== null) {
                    event.preventDefault();
                    finish(event.currentTarget.value, to);
                }
            }}
            onBlur={(event) => {
                finish(event.currentTarget.value, place);
            }}
        />
    );
}
