import { route } from '@/lib/route';
import { upload } from '@/lib/upload';
import { useState } from 'react';

/** A file on its way: how much of it is there, in percent; its id once all of it is; null once it is lost. */
export interface SentFile {
    name: string;
    percent: number;
    id: string | null;
    isLost: boolean;
}

/** Sends files as they are chosen, and knows how far each is. */
export function useUploads(begin: string) {
    const [files, setFiles] = useState<readonly SentFile[]>([]);
    const change = (name: string, changed: Partial<SentFile>) => {
        setFiles((before) => before.map((file) => (file.name === name ? { ...file, ...changed } : file)));
    };
    const send = (file: File) => {
        setFiles((before) => [
            ...before.filter(({ name }) => name !== file.name),
            { name: file.name, percent: 0, id: null, isLost: false },
        ]);
        void upload(
            file,
            begin,
            (id) => route('uploads.piece', { upload: id }),
            (sent) => {
                change(file.name, { percent: Math.floor((100 * sent) / file.size) });
            },
        ).then((id) => {
            change(file.name, { id, isLost: id === null });
        });
    };
    const remove = (name: string) => {
        setFiles((before) => before.filter((file) => file.name !== name));
    };

    return {
        files,
        send,
        remove,
        ids: files.flatMap(({ id }) => id ?? []),
        isSending: files.some(({ id, isLost }) => id === null && !isLost),
    };
}
