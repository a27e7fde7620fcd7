import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { TimesheetsProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import type { Option } from '@/ui/combobox';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { Checkbox } from '@/ui/Checkbox';

const stored = { preserveScroll: true, preserveState: true } as const;

function name(code: string, maySubmit: boolean) {
    router.put(route('timesheets.name', { person: code }), { maySubmit }, stored);
}

/** Whom the reader lets record in their own sheet, and whether they may submit it too. */
export function Recorders({ sheets: { recorders } }: { sheets: TimesheetsProps }) {
    const copy = text.timesheetsPage;
    const [chosen, choose] = useState<Option[]>([]);

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
                            <Checkbox
                                label={copy.maySubmit}

                                checked={one.maySubmit}
                                onChange={() => {
                                    name(one.code, !one.maySubmit);
                                }}
                            />
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={copy.remove(one.name)}
                                onClick={() => {
                                    router.delete(route('timesheets.unname', { person: one.code }), stored);
                                }}
                            >
                                {copy.takeAwayShort}
                            </button>
                        </li>
                    ))}
                </ul>
            )}
            <form
                className="mt-3 flex flex-wrap items-baseline-last gap-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    if (chosen[0] !== undefined) {
                        name(chosen[0].code, false);
                        choose([]);
                    }
                }}
            >
                <Combobox label={copy.name} kind="people" chosen={chosen} onChange={choose} />
                <button type="submit" className="act" disabled={chosen.length === 0}>
                    {copy.nameThem}
                </button>
            </form>
        </section>
    );
}
