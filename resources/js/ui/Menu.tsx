import { Link } from '@inertiajs/react';
import { DropdownMenu as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';
import type { Opened } from './Opener';

interface MenuProps extends Opened {
    label: string;
    /** Addresses, what stands there, and whether one is there. */
    items: readonly { href: string; content: ReactNode; isHere: boolean }[];
}

/** Places to go to, under a button. */
export function Menu({ trigger, label, isOpen, onOpen, items }: MenuProps) {
    return (
        <Primitive.Root open={isOpen} onOpenChange={onOpen} modal={false}>
            <Primitive.Trigger asChild>{trigger}</Primitive.Trigger>
            <Primitive.Content
                aria-label={label}
                align="start"
                sideOffset={4}
                collisionPadding={8}
                className="z-30 min-w-56 border border-edge bg-sheet py-1 text-ink"
            >
                {items.map(({ href, content, isHere }) => (
                    <Primitive.Item key={href} asChild>
                        <Link
                            href={href}
                            aria-current={isHere ? 'page' : undefined}
                            className="flex min-h-11 items-center border-s-2 border-transparent px-4 outline-none data-highlighted:bg-moss-wash aria-[current]:border-moss"
                        >
                            {content}
                        </Link>
                    </Primitive.Item>
                ))}
            </Primitive.Content>
        </Primitive.Root>
    );
}
