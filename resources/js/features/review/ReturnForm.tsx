import { text } from '@/lib/text';
import { useEffect, useRef, useState } from 'react';

interface ReturnFormProps {
    hours: string;
    going: boolean;
    onReturn: (word: string) => void;
    onCancel: () => void;
}

/** Asks for the word with which time is returned. */
export function ReturnForm({ hours, going, onReturn, onCancel }: ReturnFormProps) {
    const field = useRef<HTMLTextAreaElement>(null);
    const [word, setWord] = useState('');
    const [isMissing, setIsMissing] = useState(false);

    useEffect(() => {
        field.current?.focus();
    }, []);

    return (
        <form
            className="max-w-xl border-s-2 border-ochre ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                if (word.trim() === '') {
                    setIsMissing(true);
                    field.current?.focus();
                } else {
                    onReturn(word);
                }
            }}
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onCancel();
                }
            }}
        >
            <label className="flex flex-col gap-1">
                {text.reviewPage.word}
                <textarea
                    ref={field}
                    rows={2}
                    maxLength={2000}
                    value={word}
                    aria-invalid={isMissing}
                    aria-describedby="word-help"
                    onChange={(event) => {
                        setWord(event.target.value);
                        setIsMissing(false);
                    }}
                    className="border border-edge bg-sheet px-2 py-1"
                />
            </label>
            <p id="word-help" role={isMissing ? 'alert' : undefined} className={isMissing ? 'text-brick' : 'pencilled'}>
                {isMissing ? text.reviewPage.wordMissing : text.reviewPage.wordHelp}
            </p>
            <div className="mt-2 flex gap-3">
                <button type="submit" disabled={going} className="act act-main">
                    {text.reviewPage.sendBack} {hours}
                </button>
                <button type="button" className="act" onClick={onCancel}>
                    {text.reviewPage.cancel}
                </button>
            </div>
        </form>
    );
}
