import { route } from '@/lib/route';
import { upload } from '@/lib/upload';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';

/** Sends files one after the other; one that is lost has an id that no file has, so that the server says so. */
async function sendAll(files: readonly File[]): Promise<string[]> {
    const ids: string[] = [];
    for (const file of files) {
        const id = await upload(
            file,
            route('uploads'),
            (begun) => route('uploads.piece', { upload: begun }),
            () => undefined,
        );
        ids.push(id ?? '0'.repeat(32));
    }

    return ids;
}

/** Adds receipts that are chosen, dropped anywhere on the page, or pasted; and asks again while any is being read. */
export function useReceiptFiles(person: string, mayAdd: boolean, isReading: boolean) {
    const [isSending, setSending] = useState(false);
    const add = (files: File[]) => {
        if (files.length === 0 || !mayAdd) {
            return;
        }
        setSending(true);
        void sendAll(files).then((uploads) => {
            router.post(
                route('receipts.add', { person }),
                { uploads },
                {
                    preserveScroll: true,
                    preserveState: true,
                    onFinish: () => {
                        setSending(false);
                    },
                },
            );
        });
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
