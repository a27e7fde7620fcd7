import { Tooltip as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';

/** How long one points at something before it is said what it does, in milliseconds. */
const AFTER = 400;

/** Says what a button does that shows no word, to whoever points at it or comes to it by keyboard. */
export function Tooltip({ says, children }: { says: string; children: ReactNode }) {
    return (
        <Primitive.Provider delayDuration={AFTER}>
            <Primitive.Root>
                <Primitive.Trigger asChild>{children}</Primitive.Trigger>
                <Primitive.Portal>
                    <Primitive.Content
                        sideOffset={4}
                        collisionPadding={8}
                        className="z-50 max-w-64 border border-edge bg-paper px-2 py-0.5 text-[0.92em] text-ink"
                    >
                        {says}
                    </Primitive.Content>
                </Primitive.Portal>
            </Primitive.Root>
        </Primitive.Provider>
    );
}
