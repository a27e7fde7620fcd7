import { text } from '@/lib/text';
import type { LookupProps } from '@/types/generated/props';
import clsx from 'clsx';
import { useEffect, useRef } from 'react';
import { ambiguousNames, type Option } from './combobox';

interface ComboboxListProps {
    /** Of the field. */
    id: string;
    label: string;
    options: readonly Option[];
    current: Option | undefined;
    found: (LookupProps & { isLost: boolean }) | null;
    /** What entering what is typed means, where that is something new. */
    saysOfNew?: string | undefined;
    onChoose: (option: Option) => void;
}

/** What a combobox offers, under its field. */
export function ComboboxList({ id, label, options, current, found, saysOfNew, onChoose }: ComboboxListProps) {
    const ambiguous = ambiguousNames(options);
    const marked = useRef<HTMLLIElement>(null);
    const copy = text.combobox;
    const news =
        found === null
            ? ''
            : found.isLost
              ? copy.lost
              : options.length === 0
                ? (saysOfNew ?? copy.none)
                : copy.found(options.length);

    useEffect(() => {
        marked.current?.scrollIntoView({ block: 'nearest' });
    }, [current]);

    return (
        <div className="absolute inset-x-0 top-full z-20 mt-0.5 min-w-56 border border-edge bg-sheet">
            <ul id={`${id}-list`} role="listbox" aria-label={copy.offered(label)} className="max-h-72 overflow-y-auto">
                {options.map((option) => (
                    <li
                        key={option.code}
                        ref={option === current ? marked : undefined}
                        id={`${id}-${option.code}`}
                        role="option"
                        aria-selected={option === current}
                        className={clsx(
                            'min-h-8 cursor-pointer border-s-2 px-3 py-1 [overflow-wrap:anywhere]',
                            option === current ? 'border-moss bg-moss-wash' : 'border-transparent',
                        )}
                        // The field keeps the focus.
                        onMouseDown={(event) => {
                            event.preventDefault();
                        }}
                        onClick={() => {
                            onChoose(option);
                        }}
                    >
                        {option.name}
                        {ambiguous.has(option.name) && <span className="ms-2 text-faded">{option.code}</span>}
                    </li>
                ))}
            </ul>
            <p
                role="status"
                className={clsx('px-3', options.length === 0 || found?.isLost === true ? 'py-1 text-faded' : 'sr-only')}
            >
                {news}
            </p>
            {saysOfNew !== undefined && options.length > 0 && <p className="pencilled px-3 py-1">{saysOfNew}</p>}
            {found?.hasMore === true && <p className="pencilled px-3 py-1">{copy.more}</p>}
        </div>
    );
}
