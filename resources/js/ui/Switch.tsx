import { Switch as Primitive } from 'radix-ui';
import { useId } from 'react';

interface SwitchProps {
    label: string;
    isOn: boolean;
    onTurn: (isOn: boolean) => void;
}

/** On or off, and in effect at once; a box that waits for a form to be sent is a `Checkbox`. */
export function Switch({ label, isOn, onTurn }: SwitchProps) {
    const id = useId();

    return (
        <span className="inline-flex min-h-8 items-center gap-2">
            <Primitive.Root
                id={id}
                checked={isOn}
                onCheckedChange={onTurn}
                className="h-[1.15rem] w-[2.1rem] shrink-0 cursor-pointer border border-edge bg-sheet p-[2px] data-[state=checked]:border-moss data-[state=checked]:bg-moss-wash"
            >
                <Primitive.Thumb className="block h-full w-[0.8rem] bg-edge transition-transform data-[state=checked]:translate-x-[1rem] data-[state=checked]:bg-moss motion-reduce:transition-none" />
            </Primitive.Root>
            <label htmlFor={id}>{label}</label>
        </span>
    );
}
