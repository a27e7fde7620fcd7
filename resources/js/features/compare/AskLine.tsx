import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { router } from '@inertiajs/react';
import { useEffect, useId, useRef, useState } from 'react';
import { notUnderstood, understoodText } from './askedText';
import { readAsked, useAsked } from './useAsked';

const copy = text.comparePage;

/** A comparison asked in words: what was understood is said before Enter asks it. The key / goes there. */
export function AskLine() {
    const id = useId();
    const field = useRef<HTMLInputElement>(null);
    const [line, setLine] = useState('');
    const words = line.trim();
    const asked = useAsked(words);
    useSlash(() => field.current?.focus());

    return (
        <form
            role="search"
            aria-label={copy.ask}
            className="no-print mt-2 max-w-3xl"
            onSubmit={(event) => {
                event.preventDefault();
                if (words !== '') {
                    void run(words);
                }
            }}
        >
            <div className="flex items-baseline gap-2">
                <label htmlFor={id} className="text-faded">
                    {copy.ask}
                </label>
                <input
                    id={id}
                    ref={field}
                    value={line}
                    placeholder={copy.askExample}
                    autoComplete="off"
                    maxLength={200}
                    aria-describedby={`${id}-says`}
                    className="min-h-9 min-w-0 flex-1 border-b border-edge bg-sheet px-2 placeholder:text-pencil placeholder:italic"
                    onChange={(event) => {
                        setLine(event.currentTarget.value);
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Escape') {
                            setLine('');
                            field.current?.blur();
                        }
                    }}
                />
            </div>
            <div id={`${id}-says`} role="status">
                {asked !== null && (
                    <>
                        <p className="pencilled pt-0.5">
                            {understoodText(asked)} – {copy.enterAsks}
                        </p>
                        {notUnderstood(asked).map((sentence) => (
                            <p key={sentence} className="text-ochre">
                                {sentence}
                            </p>
                        ))}
                    </>
                )}
            </div>
        </form>
    );
}

/** Asks what was understood, also where it has not been shown yet. */
async function run(words: string): Promise<void> {
    const asked = await readAsked(words);
    if (asked !== null) {
        router.get(`${route('compare')}?${asked.address}`, {}, { preserveState: true });
    }
}

/** The key / does something wherever nothing is typed. */
function useSlash(act: () => void): void {
    const latest = useRef(act);
    useEffect(() => {
        latest.current = act;
    });
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const isTyping = event.target instanceof HTMLElement && event.target.matches('input, textarea, [contenteditable]');
            if (event.key === '/' && !isTyping && !event.ctrlKey && !event.metaKey && !event.altKey) {
                event.preventDefault();
                latest.current();
            }
        };
        window.addEventListener('keydown', press);

        return () => {
            window.removeEventListener('keydown', press);
        };
    }, []);
}
