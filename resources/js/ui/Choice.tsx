import { Select } from './Select';

interface ChoiceProps<Value extends string> {
    label: string;
    value: Value;
    /** What each value is called. */
    names: Record<Value, string>;
    hint?: string;
    onChoose: (value: Value) => void;
}

/** One of a few named values, under its label. */
export function Choice<Value extends string>({ names, onChoose, ...rest }: ChoiceProps<Value>) {
    return (
        <Select
            {...rest}
            options={Object.entries<string>(names)}
            onChoose={(value) => {
                onChoose(value as Value);
            }}
        />
    );
}
