import { text } from '@/lib/text';
import type { DoneProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { Toast as Primitive } from 'radix-ui';
import { useState } from 'react';

/** How long it is said what was done, in milliseconds; longer where it can be undone. It stays while somebody is on it. */
const STAYS = 8_000;
const STAYS_WITH_UNDO = 20_000;

/** Says at the foot of the page what was just done, with the way to undo it; F8 leads there. */
export function Toasts({ done }: { done: DoneProps }) {
    const [dismissed, dismiss] = useState<DoneProps | null>(null);

    return (
        <Primitive.Provider label={text.toast.label} swipeDirection="down">
            <Done
                key={done.at}
                done={done}
                isOpen={dismissed?.at !== done.at}
                onClose={() => {
                    dismiss(done);
                }}
            />
            <Primitive.Viewport
                label={text.toast.viewport}
                className="no-print fixed inset-x-4 bottom-4 z-40 mx-auto w-fit max-w-[min(40rem,92vw)] outline-none"
            />
        </Primitive.Provider>
    );
}

interface DoneToastProps {
    done: DoneProps;
    isOpen: boolean;
    onClose: () => void;
}

function Done({ done, isOpen, onClose }: DoneToastProps) {
    const { undo } = done;

    return (
        <Primitive.Root
            type="background"
            open={isOpen}
            duration={undo === null ? STAYS : STAYS_WITH_UNDO}
            className="flex items-baseline gap-4 border border-moss bg-sheet px-4 py-2 text-ink"
            onOpenChange={(opens) => {
                if (!opens) {
                    onClose();
                }
            }}
        >
            <Primitive.Description className="[overflow-wrap:anywhere]">{done.sentence}</Primitive.Description>
            {undo !== null && (
                <Primitive.Action
                    altText={text.toast.undoOf}
                    className="act"
                    onClick={() => {
                        router.delete(undo, { preserveScroll: true, preserveState: true });
                    }}
                >
                    {text.toast.undo}
                </Primitive.Action>
            )}
            <Primitive.Close className="min-h-6 min-w-6 cursor-pointer text-faded hover:text-ink" aria-label={text.toast.close}>
                ×
            </Primitive.Close>
        </Primitive.Root>
    );
}
