import { styleNonce } from '@/lib/styleNonce';
import { useCover } from '@/lib/covered';
import clsx from 'clsx';
import { Select as Primitive } from 'radix-ui';
import { useId, useState, type Ref } from 'react';

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

/** Lists know no empty value. */
const NONE = '\u0000';
const inner = (value: string) => (value === '' ? NONE : value);

/** One of several, with its name above. */
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
    const value = given.value ?? own;

    return (
        <div className={clsx('flex max-w-full min-w-0 flex-col gap-1', className)}>
            <label id={`${id}-label`} htmlFor={id} className={clsx(hidesLabel && 'sr-only')}>
                {label}
            </label>
            <Primitive.Root
                value={inner(value)}
                onOpenChange={useCover()}
                onValueChange={(chosen) => {
                    const outer = chosen === NONE ? '' : chosen;
                    setOwn(outer);
                    onChoose?.(outer);
                }}
            >
                <Primitive.Trigger
                    ref={field}
                    id={id}
                    autoFocus={autoFocus}
                    aria-labelledby={`${id}-label`}
                    aria-invalid={isInvalid}
                    aria-describedby={hint === undefined ? undefined : `${id}-hint`}
                    className="flex min-h-9 min-w-0 cursor-pointer items-center justify-between gap-2 border-b border-edge bg-sheet px-2 text-start"
                >
                    <span className="truncate">
                        <Primitive.Value />
                    </span>
                    <Primitive.Icon className="text-faded">▾</Primitive.Icon>
                </Primitive.Trigger>
                <Primitive.Portal>
                    <Primitive.Content
                        position="popper"
                        sideOffset={2}
                        collisionPadding={8}
                        // Escape closes the list, not what it stands in.
                        onKeyDown={(event) => {
                            if (event.key === 'Escape') {
                                event.stopPropagation();
                            }
                        }}
                        className="z-30 overflow-y-auto max-h-(--radix-select-content-available-height) max-w-[min(32rem,90vw)] min-w-(--radix-select-trigger-width) border border-edge bg-sheet text-ink"
                    >
                        {/* The list itself scrolls: what is in it is reached by its keys. */}
                        <Primitive.Viewport nonce={styleNonce()} className="py-1" style={{ flex: 'none', overflow: 'visible' }}>
                            <Options options={options} />
                        </Primitive.Viewport>
                    </Primitive.Content>
                </Primitive.Portal>
            </Primitive.Root>
            {name !== undefined && <input type="hidden" name={name} value={value} />}
            {hint !== undefined && (
                <p id={`${id}-hint`} className="pencilled">
                    {hint}
                </p>
            )}
        </div>
    );
}

function Options({ options }: Pick<SelectProps, 'options'>) {
    return options.map(([each, called]) => (
        <Primitive.Item
            key={each}
            value={inner(each)}
            className="min-h-8 cursor-pointer border-s-2 border-transparent px-3 py-1 outline-none [overflow-wrap:anywhere] data-highlighted:bg-moss-wash data-[state=checked]:border-moss"
        >
            <Primitive.ItemText>{called}</Primitive.ItemText>
        </Primitive.Item>
    ));
}
