import { text } from '@/lib/text';
import type { SheetsProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const kept = { preserveScroll: true, preserveState: true } as const;

function name(code: string, maySubmit: boolean) {
    router.put(`/sheets/recorders/${code}`, { maySubmit }, kept);
}

/** Whom the reader lets record in their own sheet, and whether they may submit it too. */
export function Recorders({ sheets: { recorders, people } }: { sheets: SheetsProps }) {
    const words = text.sheetsPage;
    const [chosen, choose] = useState('');

    return (
        <section aria-labelledby="recorders">
            <h2 id="recorders">{words.recorders}</h2>
            <p className="mt-1 text-faded">{words.recordersWord}</p>
            {recorders.length === 0 ? (
                <p className="pencilled mt-2">{words.noRecorders}</p>
            ) : (
                <ul className="mt-2">
                    {recorders.map((one) => (
                        <li key={one.code} className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1">
                            <span className="grow">{one.name}</span>
                            <label className="flex min-h-6 items-center gap-2">
                                <input
                                    type="checkbox"
                                    className="size-4 accent-moss"
                                    checked={one.maySubmit}
                                    onChange={() => {
                                        name(one.code, !one.maySubmit);
                                    }}
                                />
                                {words.maySubmit}
                            </label>
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={words.takeAway(one.name)}
                                onClick={() => {
                                    router.delete(`/sheets/recorders/${one.code}`, kept);
                                }}
                            >
                                {words.takeAwayShort}
                            </button>
                        </li>
                    ))}
                </ul>
            )}
            <form
                className="mt-3 flex flex-wrap items-end gap-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    if (chosen !== '') {
                        name(chosen, false);
                        choose('');
                    }
                }}
            >
                <label className="flex min-w-0 flex-col gap-1">
                    <span className="text-faded">{words.name}</span>
                    <select
                        value={chosen}
                        className="min-h-8 max-w-full border-b border-edge bg-sheet px-2"
                        onChange={(event) => {
                            choose(event.currentTarget.value);
                        }}
                    >
                        <option value="" />
                        {people.map((person) => (
                            <option key={person.code} value={person.code}>
                                {person.name}
                            </option>
                        ))}
                    </select>
                </label>
                <button type="submit" className="act" disabled={chosen === ''}>
                    {words.nameThem}
                </button>
            </form>
        </section>
    );
}
