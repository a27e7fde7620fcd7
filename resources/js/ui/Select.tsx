import clsx from 'clsx';
import { useId, useState, type KeyboardEvent, type Ref } from 'react';
import { soon } from './soon';

const SelectList = soon(async () => (await import('./SelectList')).SelectList);

interface SelectProps {
    label: string;
    /** The label is for those who do not see where the field stands. */
    hidesLabel?: boolean;
    /** Values and what they are called. */
    options: readonly (readonly [string, string])[];
    /** Under which a form sends the value. */
    name?: string;
    value?: string;
    defaultValue?: string;
    hint?: string;
    isInvalid?: boolean;
    autoFocus?: boolean;
    /** What can focus it from elsewhere. */
    field?: Ref<HTMLButtonElement>;
    className?: string;
    onChoose?: (value: string) => void;
}

/** One of several, with its name above. The list is made when it is first opened; until then there is its button alone. */
export function Select({
    label,
    hidesLabel,
    options,
    name,
    hint,
    isInvalid,
    autoFocus,
    field,
    className,
    onChoose,
    ...given
}: SelectProps) {
    const id = useId();
    const [own, setOwn] = useState(given.defaultValue ?? options[0]?.[0] ?? '');
    const [isMade, make] = useState(false);
    const value = given.value ?? own;
    const button = {
        ref: field,
        id,
        autoFocus: autoFocus === true,
        'aria-labelledby': `${id}-label`,
        'aria-invalid': isInvalid,
        'aria-describedby': hint === undefined ? undefined : `${id}-hint`,
        className:
            'flex min-h-9 min-w-0 cursor-pointer items-center justify-between gap-2 border-b border-edge bg-sheet px-2 text-start',
    };
    const alone = (
        <button
            {...button}
            type="button"
            role="combobox"
            aria-expanded={false}
            aria-haspopup="listbox"
            onClick={() => {
                make(true);
            }}
            onKeyDown={(event) => {
                if (opens(event)) {
                    event.preventDefault();
                    make(true);
                }
            }}
        >
            <Shown label={options.find(([each]) => each === value)?.[1]} />
            <span aria-hidden className="text-faded">
                ▾
            </span>
        </button>
    );

    return (
        <div className={clsx('flex max-w-full min-w-0 flex-col gap-1', className)}>
            <label id={`${id}-label`} htmlFor={id} className={clsx(hidesLabel && 'sr-only')}>
                {label}
            </label>
            {isMade ? (
                <SelectList
                    button={button}
                    options={options}
                    value={value}
                    onChoose={(chosen) => {
                        setOwn(chosen);
                        onChoose?.(chosen);
                    }}
                    meanwhile={alone}
                />
            ) : (
                alone
            )}
            {name !== undefined && <input type="hidden" name={name} value={value} />}
            {hint !== undefined && (
                <p id={`${id}-hint`} className="pencilled">
                    {hint}
                </p>
            )}
        </div>
    );
}

/** Arrows and letters open a list, as a click does. */
function opens({ key, ctrlKey, altKey, metaKey }: KeyboardEvent): boolean {
    return key === 'ArrowDown' || key === 'ArrowUp' || (key.length === 1 && key !== ' ' && !ctrlKey && !altKey && !metaKey);
}

/** What is chosen; all of it in a title, where it is cut off. */
function Shown({ label }: { label: string | undefined }) {
    return (
        <span className="truncate" title={label}>
            {label}
        </span>
    );
}
