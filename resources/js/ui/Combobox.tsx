import { text } from '@/lib/text';
import clsx from 'clsx';
import { useId } from 'react';
import { ComboboxList } from './ComboboxList';
import { useCombobox, type ComboboxChoice } from './useCombobox';
import { Tooltip } from './Tooltip';

interface ComboboxProps extends ComboboxChoice {
    label: string;
    /** Under which a form sends the codes. */
    name?: string;
    /** What the server found wrong with it. */
    fault?: string | undefined;
    className?: string;
}

/** People, teams, projects, clients or roles by their name: the server offers what is meant while one types. */
export function Combobox({ label, name, fault, className, ...choice }: ComboboxProps) {
    const { chosen, takesMany, required, saysOfNew, onChange } = choice;
    const id = useId();
    const combobox = useCombobox(choice);
    const { field, isOpen, current } = combobox;
    const shown = takesMany === true ? '' : (chosen[0]?.name ?? '');

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
                aria-activedescendant={current === undefined ? undefined : `${id}-${current.code}`}
                aria-required={required}
                aria-invalid={fault !== undefined}
                aria-describedby={fault === undefined ? undefined : `${id}-fault`}
                autoComplete="off"
                maxLength={100}
                value={combobox.typed ?? shown}
                className="min-h-9 w-full border-b border-edge bg-sheet px-2"
                onFocus={(event) => {
                    event.target.select();
                }}
                onClick={combobox.open}
                onChange={(event) => {
                    combobox.type(event.target.value);
                }}
                onKeyDown={combobox.press}
                onBlur={combobox.leave}
            />
            {fault !== undefined && (
                <span id={`${id}-fault`} className="text-brick">
                    {fault}
                </span>
            )}
            {saysOfNew !== undefined && !isOpen && chosen[0]?.isNew === true && (
                <span role="status" className="pencilled">
                    {saysOfNew(chosen[0].name)}
                </span>
            )}
            {isOpen && (
                <ComboboxList
                    id={id}
                    label={label}
                    options={combobox.options}
                    current={current}
                    found={combobox.found}
                    saysOfNew={combobox.fresh === '' ? undefined : saysOfNew?.(combobox.fresh)}
                    onChoose={(option) => {
                        combobox.choose(option);
                        field.current?.focus();
                    }}
                />
            )}
            {name !== undefined && chosen.map(({ code }) => <input key={code} type="hidden" name={name} value={code} />)}
        </div>
    );
}

/** What is chosen already, each with a way to take it away again. */
function ChosenNames({ chosen, onChange }: Pick<ComboboxChoice, 'chosen' | 'onChange'>) {
    return (
        chosen.length > 0 && (
            <ul className="flex flex-wrap gap-x-3 gap-y-1">
                {chosen.map((option) => (
                    <li key={option.code} className="flex items-baseline gap-1 border-b border-moss">
                        {option.name}
                        <Tooltip says={text.combobox.remove(option.name)}>
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
                        </Tooltip>
                    </li>
                ))}
            </ul>
        )
    );
}
