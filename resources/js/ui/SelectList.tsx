import { useCover } from '@/lib/covered';
import { styleNonce } from '@/lib/styleNonce';
import { Select as Primitive } from 'radix-ui';
import { useEffect, useState, type ComponentProps } from 'react';

interface SelectListProps {
    /** What is said of the button that opens it. */
    button: ComponentProps<'button'>;
    /** Values and what they are called. */
    options: readonly (readonly [string, string])[];
    value: string;
    onChoose: (value: string) => void;
}

/** Lists know no empty value. */
const NONE = '\u0000';
const inner = (value: string) => (value === '' ? NONE : value);

/** A list that is open when it is made, and its button. */
export function SelectList({ button, options, value, onChoose }: SelectListProps) {
    const [isOpen, open] = useState(true);
    const cover = useCover();
    useEffect(() => {
        cover(isOpen);
    }, [cover, isOpen]);

    return (
        <Primitive.Root
            open={isOpen}
            value={inner(value)}
            onOpenChange={open}
            onValueChange={(chosen) => {
                onChoose(chosen === NONE ? '' : chosen);
            }}
        >
            <Primitive.Trigger {...button}>
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
    );
}

function Options({ options }: Pick<SelectListProps, 'options'>) {
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
