import clsx from 'clsx';
import { RadioGroup as Primitive } from 'radix-ui';
import { useId } from 'react';

interface RadioGroupProps {
    label: string;
    /** Values and what they are called. */
    options: readonly (readonly [string, string])[];
    value: string;
    className?: string;
    onChoose: (value: string) => void;
}

/** One of a few, all of them in sight. */
export function RadioGroup({ label, options, value, className, onChoose }: RadioGroupProps) {
    const id = useId();

    return (
        <div className={clsx('flex flex-col', className)}>
            <span id={id}>{label}</span>
            <Primitive.Root aria-labelledby={id} value={value} onValueChange={onChoose} className="flex flex-col">
                {options.map(([each, called]) => (
                    <span key={each} className="flex min-h-7 items-center gap-2 [overflow-wrap:anywhere]">
                        <Primitive.Item
                            id={`${id}-${each}`}
                            value={each}
                            className="grid size-[1.15rem] shrink-0 cursor-pointer place-items-center rounded-full border border-edge bg-sheet data-[state=checked]:border-moss"
                        >
                            <Primitive.Indicator className="block size-[0.6rem] rounded-full bg-moss" />
                        </Primitive.Item>
                        <label htmlFor={`${id}-${each}`}>{called}</label>
                    </span>
                ))}
            </Primitive.Root>
        </div>
    );
}
