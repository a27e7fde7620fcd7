import { text } from '@/lib/text';
import type { TimesheetsProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const stored = { preserveScroll: true, preserveState: true } as const;

function name(code: string, maySubmit: boolean) {
    router.put(`/timesheets/recorders/${code}`, { maySubmit }, stored);
}

/** Whom the reader lets record in their own sheet, and whether they may submit it too. */
export function Recorders({ sheets: { recorders, people } }: { sheets: TimesheetsProps }) {
    const copy = text.timesheetsPage;
    const [chosen, choose] = useState('');

    return (
        <section aria-labelledby="recorders">
            <h2 id="recorders">{copy.recorders}</h2>
            <p className="mt-1 text-faded">{copy.recordersHint}</p>
            {recorders.length === 0 ? (
                <p className="pencilled mt-2">{copy.noRecorders}</p>
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
                                {copy.maySubmit}
                            </label>
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={copy.remove(one.name)}
                                onClick={() => {
                                    router.delete(`/timesheets/recorders/${one.code}`, stored);
                                }}
                            >
                                {copy.takeAwayShort}
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
                    <span className="text-faded">{copy.name}</span>
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
                    {copy.nameThem}
                </button>
            </form>
        </section>
    );
}
