import clsx from 'clsx';
import { Dialog as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';
import { text } from '@/lib/text';

interface DialogProps {
    title: string;
    isOpen: boolean;
    onClose: () => void;
    className?: string;
    children: ReactNode;
}

/** Something that is looked at before one goes on; Escape or a click beside it closes it. */
export function Dialog({ title, isOpen, onClose, className, children }: DialogProps) {
    return (
        <Primitive.Root
            open={isOpen}
            onOpenChange={(opens) => {
                if (!opens) {
                    onClose();
                }
            }}
        >
            <Primitive.Portal>
                <Primitive.Overlay className="fixed inset-0 z-30 bg-ink/25" />
                <Primitive.Content
                    aria-describedby={undefined}
                    className={clsx(
                        'fixed inset-x-0 top-[8vh] z-30 mx-auto flex max-h-[84vh] w-[min(44rem,94vw)] flex-col border border-edge bg-sheet p-5 text-ink',
                        className,
                    )}
                >
                    <div className="flex items-baseline justify-between gap-3">
                        <Primitive.Title asChild>
                            <h2>{title}</h2>
                        </Primitive.Title>
                        <Primitive.Close className="act-quiet">{text.week.close}</Primitive.Close>
                    </div>
                    <div className="mt-2 min-h-0 overflow-y-auto">{children}</div>
                </Primitive.Content>
            </Primitive.Portal>
        </Primitive.Root>
    );
}
