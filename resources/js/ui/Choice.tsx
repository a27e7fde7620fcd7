import { useId } from 'react';

interface ChoiceProps<Value extends string> {
    label: string;
    value: Value;
    /** What each value is called. */
    names: Record<Value, string>;
    hint?: string;
    onChoose: (value: Value) => void;
}

/** One of a few, under its label. */
export function Choice<Value extends string>({ label, value, names, hint, onChoose }: ChoiceProps<Value>) {
    const id = useId();

    return (
        <div className="flex flex-col gap-1">
            <label htmlFor={id} className="text-faded">
                {label}
            </label>
            <select
                id={id}
                value={value}
                aria-describedby={hint === undefined ? undefined : `${id}-hint`}
                onChange={(event) => {
                    onChoose(event.target.value as Value);
                }}
                className="min-h-8 w-full border-b border-edge bg-paper px-1"
            >
                {(Object.entries(names) as [Value, string][]).map(([name, called]) => (
                    <option key={name} value={name}>
                        {called}
                    </option>
                ))}
            </select>
            {hint !== undefined && (
                <p id={`${id}-hint`} className="pencilled">
                    {hint}
                </p>
            )}
        </div>
    );
}
