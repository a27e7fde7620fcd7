import { AlertDialog as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';
import type { Opened } from './Opener';

export interface ConfirmDialogProps extends Opened {
    title: string;
    /** What will be, in a sentence. */
    children: ReactNode;
    yes: string;
    no: string;
    onYes: () => void;
}

/** Asks before something that cannot be undone; the way back has the focus. */
export function ConfirmDialog({ isOpen, onOpen, trigger, title, children, yes, no, onYes }: ConfirmDialogProps) {
    return (
        <Primitive.Root open={isOpen} onOpenChange={onOpen}>
            <Primitive.Trigger asChild>{trigger}</Primitive.Trigger>
            <Primitive.Portal>
                <Primitive.Overlay className="fixed inset-0 z-30 bg-ink/25" />
                <Primitive.Content className="fixed inset-x-0 top-[20vh] z-30 mx-auto w-[min(30rem,94vw)] border border-edge bg-sheet p-5 text-ink">
                    <Primitive.Title asChild>
                        <h2 className="[overflow-wrap:anywhere]">{title}</h2>
                    </Primitive.Title>
                    <Primitive.Description className="mt-1">{children}</Primitive.Description>
                    <div className="mt-4 flex flex-wrap gap-2">
                        <Primitive.Action className="act act-main" onClick={onYes}>
                            {yes}
                        </Primitive.Action>
                        <Primitive.Cancel className="act">{no}</Primitive.Cancel>
                    </div>
                </Primitive.Content>
            </Primitive.Portal>
        </Primitive.Root>
    );
}
