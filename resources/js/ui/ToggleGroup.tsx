import { ToggleGroup as Primitive } from 'radix-ui';
import { useId } from 'react';

interface ToggleGroupProps<Value extends string> {
    label: string;
    value: Value;
    /** What each value is called; a few short words each. */
    names: Record<Value, string>;
    onChoose: (value: Value) => void;
}

/** One of two or three short words, in effect at once. */
export function ToggleGroup<Value extends string>({ label, value, names, onChoose }: ToggleGroupProps<Value>) {
    const id = useId();

    return (
        <div>
            <span id={id}>{label}</span>
            <Primitive.Root
                type="single"
                value={value}
                aria-labelledby={id}
                className="flex flex-wrap gap-x-4"
                onValueChange={(chosen) => {
                    // What is chosen already stays so.
                    if (chosen !== '') {
                        onChoose(chosen as Value);
                    }
                }}
            >
                {Object.entries<string>(names).map(([each, name]) => (
                    <Primitive.Item
                        key={each}
                        value={each}
                        className="min-h-7 cursor-pointer underline-offset-4 hover:underline data-[state=on]:underline data-[state=on]:decoration-moss data-[state=on]:decoration-2"
                    >
                        {name}
                    </Primitive.Item>
                ))}
            </Primitive.Root>
        </div>
    );
}
