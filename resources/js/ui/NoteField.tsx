import { text } from '@/lib/text';
import { useEffect, useRef, type RefObject } from 'react';

interface NoteFieldProps {
    /** What can focus it from elsewhere. */
    field?: RefObject<HTMLTextAreaElement | null> | undefined;
    label: string;
    saved: string;
    /** What stands in it to begin with, where that is not what is saved. */
    first?: string | undefined;
    isFocused?: boolean;
    onSave: (note: string) => void;
    /** Enter has saved, or Escape given up: the focus goes back where it came from. */
    onLeave: () => void;
}

/** A short text, saved by Enter or by going elsewhere; Escape leaves them as they were. */
export function NoteField({ field: given, label, saved, first, isFocused = false, onSave, onLeave }: NoteFieldProps) {
    const own = useRef<HTMLTextAreaElement>(null);
    const field = given ?? own;
    const finished = useRef(false);
    const save = (typed: string) => {
        if (!finished.current && typed.trim() !== saved) {
            onSave(typed.trim());
        }
    };

    useEffect(() => {
        if (isFocused) {
            field.current?.focus();
            field.current?.select();
        }
    }, [isFocused, field]);

    return (
        <label className="flex flex-col gap-0.5">
            <span className="text-faded">{label}</span>
            <textarea
                ref={field}
                rows={2}
                maxLength={2000}
                defaultValue={first ?? saved}
                title={text.noteKeys}
                className="field-sizing-content max-h-48 min-h-12 w-full border-b border-edge bg-sheet px-2 py-1"
                onKeyDown={(event) => {
                    if (event.key === 'Escape') {
                        event.currentTarget.value = saved;
                        finished.current = true;
                        onLeave();
                    } else if (event.key === 'Enter' && !event.shiftKey) {
                        event.preventDefault();
                        save(event.currentTarget.value);
                        finished.current = true;
                        onLeave();
                    }
                }}
                onFocus={() => {
                    finished.current = false;
                }}
                onBlur={(event) => {
                    save(event.currentTarget.value);
                }}
            />
        </label>
    );
}
