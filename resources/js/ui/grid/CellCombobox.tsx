import { useId, useState, type KeyboardEvent } from 'react';
import { optionTyped, placeAfter, type Option } from '../combobox';
import { ComboboxList } from '../ComboboxList';
import { useLookup, type LookupKind } from '../useLookup';
import { CellInput } from './CellInput';
import type { FinishingKey } from './useTyping';

interface CellComboboxProps {
    name: string;
    first: string;
    kind: LookupKind;
    className?: string;
    /** With the code of what was chosen, or else with what was typed. */
    onFinish: (typed: string | null, key: FinishingKey | null) => void;
}

/** A cell that is filled with something by its name: what is meant is offered while one types, and what is typed counts too. */
export function CellCombobox({ name, first, kind, className, onFinish }: CellComboboxProps) {
    const id = useId();
    const [typed, setTyped] = useState(first);
    const [isOpen, open] = useState(false);
    // None, until one goes into the list: Enter keeps what was typed.
    const [at, setAt] = useState(-1);
    const found = useLookup(kind, typed, isOpen);
    const options = found?.options ?? [];
    const current: Option | undefined = isOpen ? options[at] : undefined;
    const press = (event: KeyboardEvent): boolean => {
        const to = placeAfter(event.key, at, options.length);
        if (event.key === 'ArrowDown' && !isOpen) {
            open(true);
        } else if (to !== null && isOpen) {
            setAt(to);
        } else if (event.key === 'Escape' && isOpen) {
            open(false);
            setAt(-1);
        } else {
            return false;
        }

        return true;
    };

    return (
        <span className="relative block h-full">
            <CellInput
                name={name}
                first={first}
                maxLength={300}
                className={className}
                role="combobox"
                aria-autocomplete="list"
                aria-expanded={isOpen}
                aria-controls={`${id}-list`}
                aria-activedescendant={current === undefined ? undefined : `${id}-${current.code}`}
                onType={(value) => {
                    setTyped(value);
                    setAt(-1);
                    open(true);
                }}
                onPress={press}
                onFinish={(value, key) => {
                    const chosen = current ?? optionTyped(value ?? '', options);
                    onFinish(value === null || value === first ? value : (chosen?.code ?? value), key);
                }}
            />
            {isOpen && (
                <ComboboxList
                    id={id}
                    label={name}
                    options={options}
                    current={current}
                    found={found}
                    onChoose={({ code }) => {
                        onFinish(code, { key: 'Enter', shiftKey: false, ctrlKey: false, metaKey: false });
                    }}
                />
            )}
        </span>
    );
}
