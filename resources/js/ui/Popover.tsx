import clsx from 'clsx';
import { Popover as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';
import type { Opened } from './Opener';

interface PopoverProps extends Opened {
    /** What the panel is called, for those who do not see it. */
    label: string;
    className?: string;
    children: ReactNode;
}

/** A small panel under a button; Escape or a click elsewhere closes it. */
export function Popover({ trigger, label, isOpen, onOpen, className, children }: PopoverProps) {
    return (
        <Primitive.Root open={isOpen} onOpenChange={onOpen}>
            <Primitive.Trigger asChild>{trigger}</Primitive.Trigger>
            <Primitive.Portal>
                <Primitive.Content
                    aria-label={label}
                    align="end"
                    sideOffset={6}
                    collisionPadding={8}
                    className={clsx('z-20 border border-edge bg-sheet p-4 text-ink', className)}
                >
                    {children}
                </Primitive.Content>
            </Primitive.Portal>
        </Primitive.Root>
    );
}
