import { text } from '@/lib/text';
import { useState } from 'react';

const copy = text.timer;

/** The note that goes with what is measured; written down when one leaves it. */
export function TimerNote({ note, onWrite }: { note: string; onWrite: (note: string) => void }) {
    const [written, write] = useState(note);
    const keep = () => {
        if (written.trim() !== note) {
            onWrite(written.trim());
        }
    };

    return (
        <input
            aria-label={copy.note}
            placeholder={copy.note}
            value={written}
            maxLength={2000}
            className="min-h-7 min-w-40 flex-1 border-b border-rule bg-transparent px-1 placeholder:text-pencil placeholder:italic"
            onChange={(event) => {
                write(event.currentTarget.value);
            }}
            onBlur={keep}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    keep();
                }
            }}
        />
    );
}
