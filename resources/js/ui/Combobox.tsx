import { text } from '@/lib/text';
import clsx from 'clsx';
import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react';
import { ComboboxList } from './ComboboxList';
import { optionTyped, placeAfter, withoutChosen, type Option } from './combobox';
import { lookUp, useLookup, type LookupKind } from './useLookup';

interface ComboboxProps {
    label: string;
    kind: LookupKind;
    /** Under which a form sends the codes. */
    name?: string;
    chosen: readonly Option[];
    /** Several can be chosen. */
    takesMany?: boolean;
    /** What is on no list can be entered too. */
    takesNew?: boolean;
    required?: boolean;
    className?: string;
    onChange: (chosen: Option[]) => void;
}

/** People, teams, projects, clients or roles by their name: the server offers what is meant while one types. */
export function Combobox({ label, kind, name, chosen, takesMany, takesNew, required, className, onChange }: ComboboxProps) {
    const id = useId();
    const field = useRef<HTMLInputElement>(null);
    const shown = takesMany === true ? '' : (chosen[0]?.name ?? '');
    const [typed, setTyped] = useState<string | null>(null);
    const [isOpen, open] = useState(false);
    const [at, setAt] = useState(0);
    const found = useLookup(kind, typed ?? '', isOpen);
    const options = withoutChosen(found?.options ?? [], takesMany === true ? chosen : []);
    const current = options[Math.min(at, options.length - 1)];

    useEffect(() => {
        const isMissing = typed === null ? required === true && chosen.length === 0 : typed.trim() !== '';
        field.current?.setCustomValidity(isMissing ? text.combobox.unknown : '');
    }, [typed, chosen, required]);

    const choose = (option: Option) => {
        onChange(takesMany === true ? [...chosen, option] : [option]);
        setTyped(null);
        open(false);
    };
    const leave = () => {
        open(false);
        if (typed === null) {
            return;
        }
        const option = optionTyped(typed, options);
        if (option !== null) {
            choose(option);
        } else if (typed.trim() === '') {
            if (takesMany !== true) {
                onChange([]);
            }
            setTyped(null);
        } else if (takesNew === true) {
            choose({ code: typed.trim(), name: typed.trim() });
        } else {
            // Whoever types a name and goes on has not waited for the list.
            void lookUp(kind, typed).then((late) => {
                const meant = optionTyped(typed, late?.options ?? []);
                if (meant !== null) {
                    choose(meant);
                }
            });
        }
    };
    const press = (event: KeyboardEvent) => {
        const to = placeAfter(event.key, at, options.length);
        if (event.key === 'ArrowDown' && !isOpen) {
            event.preventDefault();
            open(true);
        } else if (to !== null && isOpen) {
            event.preventDefault();
            setAt(to);
        } else if (event.key === 'Enter' && isOpen && current !== undefined) {
            event.preventDefault();
            choose(current);
        } else if (event.key === 'Escape' && (isOpen || typed !== null)) {
            event.preventDefault();
            event.stopPropagation();
            setTyped(null);
            open(false);
        } else if (event.key === 'Backspace' && takesMany === true && (typed ?? '') === '') {
            onChange(chosen.slice(0, -1));
        }
    };

    return (
        <div className={clsx('relative flex max-w-full min-w-0 flex-col gap-1', className)}>
            <label htmlFor={id}>{label}</label>
            {takesMany === true && <ChosenNames chosen={chosen} onChange={onChange} />}
            <input
                ref={field}
                id={id}
                role="combobox"
                aria-autocomplete="list"
                aria-expanded={isOpen}
                aria-controls={`${id}-list`}
                aria-activedescendant={isOpen && current !== undefined ? `${id}-${current.code}` : undefined}
                aria-required={required}
                autoComplete="off"
                maxLength={100}
                value={typed ?? shown}
                className="min-h-9 w-full border-b border-edge bg-sheet px-2"
                onFocus={(event) => {
                    event.target.select();
                }}
                onClick={() => {
                    open(true);
                }}
                onChange={(event) => {
                    setTyped(event.target.value);
                    setAt(0);
                    open(true);
                }}
                onKeyDown={press}
                onBlur={leave}
            />
            {isOpen && (
                <ComboboxList
                    id={id}
                    label={label}
                    options={options}
                    current={current}
                    found={found}
                    onChoose={(option) => {
                        choose(option);
                        field.current?.focus();
                    }}
                />
            )}
            {name !== undefined && chosen.map(({ code }) => <input key={code} type="hidden" name={name} value={code} />)}
        </div>
    );
}

/** What is chosen already, each with a way to take it away again. */
function ChosenNames({ chosen, onChange }: Pick<ComboboxProps, 'chosen' | 'onChange'>) {
    return (
        chosen.length > 0 && (
            <ul className="flex flex-wrap gap-x-3 gap-y-1">
                {chosen.map((option) => (
                    <li key={option.code} className="flex items-baseline gap-1 border-b border-moss">
                        {option.name}
                        <button
                            type="button"
                            className="min-h-6 min-w-6 cursor-pointer text-faded hover:text-ink"
                            aria-label={text.combobox.remove(option.name)}
                            onClick={() => {
                                onChange(chosen.filter(({ code }) => code !== option.code));
                            }}
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ul>
        )
    );
}
