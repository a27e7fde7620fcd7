interface ChoiceProps<Value extends string> {
    label: string;
    value: Value;
    /** What each value is called. */
    names: Record<Value, string>;
    onChoose: (value: Value) => void;
}

/** One of a few, in the line at the top. */
export function Choice<Value extends string>({ label, value, names, onChoose }: ChoiceProps<Value>) {
    return (
        <select
            aria-label={label}
            value={value}
            onChange={(event) => {
                onChoose(event.target.value as Value);
            }}
            className="min-h-6 bg-paper max-sm:hidden"
        >
            {(Object.entries(names) as [Value, string][]).map(([name, label]) => (
                <option key={name} value={name}>
                    {label}
                </option>
            ))}
        </select>
    );
}
