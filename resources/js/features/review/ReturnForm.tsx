import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { router } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';

interface ReturnFormProps {
    /** How much is returned; empty where it goes without saying. */
    hours: string;
    label?: string;
    act?: string;
    phrases: readonly string[];
    going: boolean;
    onReturn: (comment: string) => void;
    onCancel: () => void;
}

const stored = { preserveScroll: true, preserveState: true } as const;

/** The comment with which time is returned; saved phrases stand in pencil. */
export function ReturnForm({ hours, label, act, phrases, going, onReturn, onCancel }: ReturnFormProps) {
    const field = useRef<HTMLTextAreaElement>(null);
    const [comment, setComment] = useState('');
    const [isMissing, setIsMissing] = useState(false);
    const say = (typed: string) => {
        setComment(typed);
        setIsMissing(false);
    };

    useEffect(() => {
        field.current?.focus();
    }, []);

    return (
        <form
            className="mt-2 max-w-xl border-s-2 border-ochre ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                if (comment.trim() === '') {
                    setIsMissing(true);
                    field.current?.focus();
                } else {
                    onReturn(comment);
                }
            }}
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onCancel();
                }
            }}
        >
            <label className="flex flex-col gap-1">
                {label ?? text.reviewPage.comment}
                <textarea
                    ref={field}
                    rows={2}
                    maxLength={2000}
                    value={comment}
                    aria-invalid={isMissing}
                    aria-describedby="comment-help"
                    onChange={(event) => {
                        say(event.target.value);
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
                            event.currentTarget.form?.requestSubmit();
                        }
                    }}
                    className="border border-edge bg-sheet px-2 py-1"
                />
            </label>
            <p id="comment-help" role={isMissing ? 'alert' : undefined} className={isMissing ? 'text-brick' : 'pencilled'}>
                {isMissing ? text.reviewPage.commentMissing : text.reviewPage.commentHelp}
            </p>
            {phrases.length > 0 && (
                <Phrases
                    phrases={phrases}
                    onChoose={(phrase) => {
                        say(phrase);
                        field.current?.focus();
                    }}
                />
            )}
            <div className="mt-2 flex flex-wrap gap-2">
                <button type="submit" disabled={going} className="act act-main">
                    {act ?? text.reviewPage.sendBack} {hours}
                </button>
                <button type="button" className="act" onClick={onCancel}>
                    {text.reviewPage.cancel}
                </button>
                {comment.trim() !== '' && !phrases.includes(comment.trim()) && <KeepPhrase phrase={comment} />}
            </div>
        </form>
    );
}

interface PhrasesProps extends Pick<ReturnFormProps, 'phrases'> {
    onChoose: (phrase: string) => void;
}

/** Saved phrases in pencil: one is taken as the comment, or dropped. */
function Phrases({ phrases, onChoose }: PhrasesProps) {
    return (
        <ul aria-label={text.reviewPage.phrases} className="mt-1">
            {phrases.map((phrase) => (
                <li key={phrase} className="flex items-baseline gap-2">
                    <button
                        type="button"
                        className="act-quiet pencilled text-start [overflow-wrap:anywhere]"
                        onClick={() => {
                            onChoose(phrase);
                        }}
                    >
                        {phrase}
                    </button>
                    <button
                        type="button"
                        className="act-quiet text-[0.85em] text-faded"
                        aria-label={text.reviewPage.dropPhrase(phrase)}
                        onClick={() => {
                            router.delete(route('review.phrases.drop'), { ...stored, data: { phrase: phrase } });
                        }}
                    >
                        {text.reviewPage.drop}
                    </button>
                </li>
            ))}
        </ul>
    );
}

function KeepPhrase({ phrase }: { phrase: string }) {
    return (
        <button
            type="button"
            className="act"
            onClick={() => {
                router.put(route('review.phrases.keep'), { phrase }, stored);
            }}
        >
            {text.reviewPage.keepPhrase}
        </button>
    );
}
