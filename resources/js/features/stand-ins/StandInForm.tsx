import { text } from '@/lib/text';
import type { StandInsProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Select } from '@/ui/Select';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';

/** Names somebody for a stretch of days, for everything or some projects. */
export function StandInForm({ standIns }: { standIns: StandInsProps }) {
    const copy = text.standInsPage;
    const [onlySome, chooseSome] = useState(false);
    const people = standIns.people.map(({ code, name }) => [code, name] as const);

    return (
        <section aria-labelledby="name-stand-in">
            <h2 id="name-stand-in">{copy.nameOne}</h2>
            <p className="text-faded">{copy.explained}</p>
            <form
                className="mt-2 flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    const said = new FormData(event.currentTarget);
                    const one = (name: string) => {
                        const value = said.get(name);

                        return typeof value === 'string' && value !== '' ? value : null;
                    };
                    router.post(
                        '/stand-ins',
                        {
                            principal: one('principal'),
                            standIn: one('standIn'),
                            from: one('from'),
                            to: one('to'),
                            projects: onlySome ? said.getAll('projects').filter((code) => typeof code === 'string') : [],
                        },
                        { preserveScroll: true },
                    );
                }}
            >
                {standIns.namesForOthers && (
                    <Select label={copy.principal} name="principal" defaultValue={standIns.reader} options={people} />
                )}
                <Select label={copy.standIn} name="standIn" required defaultValue="" options={[['', ''], ...people]} />
                <DateField label={copy.firstDay} name="from" required min={standIns.today} defaultValue={standIns.today} />
                <DateField label={copy.lastDay} name="to" required min={standIns.today} />
                <label className="flex min-h-8 w-full items-center gap-2">
                    <input
                        type="checkbox"
                        className="size-4 accent-moss"
                        checked={onlySome}
                        onChange={(event) => {
                            chooseSome(event.target.checked);
                        }}
                    />
                    {copy.onlySome}
                </label>
                {onlySome && (
                    <label className="flex w-full flex-col gap-1">
                        <span className="text-faded">{copy.projects}</span>
                        <select name="projects" multiple required size={6} className="border border-edge bg-sheet px-1">
                            {standIns.projects.map(({ code, name }) => (
                                <option key={code} value={code}>
                                    {name}
                                </option>
                            ))}
                        </select>
                    </label>
                )}
                <button type="submit" className="act act-main">
                    {copy.save}
                </button>
            </form>
            <FieldError />
        </section>
    );
}
