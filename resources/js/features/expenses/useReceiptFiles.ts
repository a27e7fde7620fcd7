import { route } from '@/lib/route';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';

/** Adds receipts that are chosen, dropped anywhere on the page, or pasted; and asks again while any is being read. */
export function useReceiptFiles(person: string, mayAdd: boolean, isReading: boolean) {
    const [isSending, setSending] = useState(false);
    const add = (files: File[]) => {
        if (files.length === 0 || !mayAdd) {
            return;
        }
        setSending(true);
        router.post(
            route('receipts.add', { person }),
            { files },
            {
                preserveScroll: true,
                preserveState: true,
                forceFormData: true,
                onFinish: () => {
                    setSending(false);
                },
            },
        );
    };

    useEffect(() => {
        const hold = (event: DragEvent) => {
            if (event.dataTransfer?.types.includes('Files') === true) {
                event.preventDefault();
            }
        };
        const drop = (event: DragEvent) => {
            hold(event);
            add([...(event.dataTransfer?.files ?? [])]);
        };
        const paste = (event: ClipboardEvent) => {
            add([...(event.clipboardData?.files ?? [])]);
        };
        document.addEventListener('dragover', hold);
        document.addEventListener('drop', drop);
        document.addEventListener('paste', paste);

        return () => {
            document.removeEventListener('dragover', hold);
            document.removeEventListener('drop', drop);
            document.removeEventListener('paste', paste);
        };
    });

    useEffect(() => {
        if (!isReading) {
            return undefined;
        }
        const timer = setInterval(() => {
            router.reload({ only: ['expenses'] });
        }, 2500);

        return () => {
            clearInterval(timer);
        };
    }, [isReading]);

    return { isSending, add };
}
