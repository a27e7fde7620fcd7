import clsx from 'clsx';
import { Checkbox as Primitive } from 'radix-ui';
import { useId } from 'react';

interface CheckboxProps {
    label: string;
    /** The label is for those who do not see where the box stands. */
    hidesLabel?: boolean;
    /** Under which a form sends `on`. */
    name?: string;
    checked?: boolean;
    defaultChecked?: boolean;
    disabled?: boolean;
    describedBy?: string;
    className?: string;
    onChange?: (checked: boolean) => void;
}

/** Yes or no, said beside it. */
export function Checkbox({ label, hidesLabel, describedBy, className, onChange, ...box }: CheckboxProps) {
    const id = useId();

    return (
        <span className={clsx('inline-flex min-h-8 items-center gap-2', className)}>
            <Primitive.Root
                {...box}
                id={id}
                aria-describedby={describedBy}
                onCheckedChange={(checked) => {
                    onChange?.(checked === true);
                }}
                className="grid size-[1.15rem] shrink-0 cursor-pointer place-items-center border border-edge bg-sheet disabled:cursor-default data-[state=checked]:border-moss"
            >
                <Primitive.Indicator className="block size-[0.7rem] bg-moss" />
            </Primitive.Root>
            <label htmlFor={id} className={clsx(hidesLabel && 'sr-only')}>
                {label}
            </label>
        </span>
    );
}
