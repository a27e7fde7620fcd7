import { text } from '@/lib/text';
import { useEffect, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import { leftWith, optionTyped, placeAfter, withoutChosen, type Option } from './combobox';
import { lookUp, useLookup, type LookupKind } from './useLookup';

export interface ComboboxChoice {
    kind: LookupKind;
    chosen: readonly Option[];
    /** Several can be chosen. */
    takesMany?: boolean;
    /** What is on no list can be entered too. */
    takesNew?: boolean;
    /** What entering something new means. */
    saysOfNew?: (name: string) => string;
    required?: boolean;
    /** What can focus it from elsewhere. */
    field?: RefObject<HTMLInputElement | null> | undefined;
    onChange: (chosen: Option[]) => void;
}

/** Keeps a form from being sent while a field says nothing that is known. */
function useValidity(field: RefObject<HTMLInputElement | null>, isMissing: boolean): void {
    useEffect(() => {
        field.current?.setCustomValidity(isMissing ? text.combobox.unknown : '');
    }, [field, isMissing]);
}

/** Whoever types a name and goes on has not waited for the list. */
async function lookUpLate(kind: LookupKind, typed: string, choose: (option: Option) => void): Promise<void> {
    const meant = optionTyped(typed, (await lookUp(kind, typed))?.options ?? []);
    if (meant !== null) {
        choose(meant);
    }
}

/** What is typed into a combobox, what it offers, and what becomes of it. */
export function useCombobox({ kind, chosen, takesMany = false, takesNew = false, required = false, ...given }: ComboboxChoice) {
    const { onChange } = given;
    const own = useRef<HTMLInputElement>(null);
    const field = given.field ?? own;
    const [typed, setTyped] = useState<string | null>(null);
    const [isOpen, open] = useState(false);
    const [at, setAt] = useState(0);
    const found = useLookup(kind, typed ?? '', isOpen);
    const options = withoutChosen(found?.options ?? [], takesMany ? chosen : []);
    const current = isOpen ? options[Math.min(at, options.length - 1)] : undefined;

    useValidity(field, typed === null ? required && chosen.length === 0 : typed.trim() !== '' && !takesNew);

    const choose = (option: Option) => {
        onChange(takesMany ? [...chosen, option] : [option]);
        setTyped(null);
        open(false);
    };
    const leave = () => {
        open(false);
        const left = leftWith(typed, options, takesNew);
        if (left.kind === 'chosen' || left.kind === 'new') {
            choose(left.option);
        } else if (left.kind === 'cleared') {
            setTyped(null);
            if (!takesMany) {
                onChange([]);
            }
        }
        if (left.kind === 'new' || left.kind === 'unknown') {
            void lookUpLate(kind, left.typed, choose);
        }
    };
    /** Does what a key means here; says whether it meant anything. */
    const pressed = ({ key }: KeyboardEvent): boolean => {
        const to = placeAfter(key, at, options.length);
        if (key === 'ArrowDown' && !isOpen) {
            open(true);
        } else if (to !== null && isOpen) {
            setAt(to);
        } else if (key === 'Enter' && current !== undefined) {
            choose(current);
        } else if (key === 'Escape' && (isOpen || typed !== null)) {
            setTyped(null);
            open(false);
        } else {
            return false;
        }

        return true;
    };

    return {
        field,
        typed,
        isOpen,
        found,
        options,
        current,
        /** What is typed means nothing that is offered, and can be entered nevertheless. */
        fresh: takesNew && found !== null && optionTyped(typed ?? '', options) === null ? (typed ?? '').trim() : '',
        choose,
        leave,
        open: () => {
            open(true);
        },
        type: (value: string) => {
            setTyped(value);
            setAt(0);
            open(true);
        },
        press: (event: KeyboardEvent) => {
            if (pressed(event)) {
                event.preventDefault();
                event.stopPropagation();
            } else if (event.key === 'Backspace' && takesMany && (typed ?? '') === '') {
                onChange(chosen.slice(0, -1));
            }
        },
    };
}
