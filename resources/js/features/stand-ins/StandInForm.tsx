import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { StandInsProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import type { Option } from '@/ui/combobox';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';

/** Names somebody for a stretch of days, for everything or some projects. */
export function StandInForm({ standIns }: { standIns: StandInsProps }) {
    const copy = text.standInsPage;
    const [onlySome, chooseSome] = useState(false);
    const [principal, setPrincipal] = useState<Option[]>([standIns.reader]);
    const [standIn, setStandIn] = useState<Option[]>([]);
    const [projects, setProjects] = useState<Option[]>([]);

    return (
        <section aria-labelledby="name-stand-in">
            <h2 id="name-stand-in">{copy.nameOne}</h2>
            <p className="text-faded">{copy.explained}</p>
            <form
                className="mt-2 flex flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    const said = new FormData(event.currentTarget);
                    const one = (name: string) => {
                        const value = said.get(name);

                        return typeof value === 'string' && value !== '' ? value : null;
                    };
                    router.post(
                        route('stand-ins.name'),
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
                    <Combobox
                        label={copy.principal}
                        kind="people"
                        name="principal"
                        required
                        chosen={principal}
                        onChange={setPrincipal}
                    />
                )}
                <Combobox label={copy.standIn} kind="people" name="standIn" required chosen={standIn} onChange={setStandIn} />
                <DateField label={copy.firstDay} name="from" required min={standIns.today} defaultValue={standIns.today} />
                <DateField label={copy.lastDay} name="to" required min={standIns.today} />
                <Checkbox
                    label={copy.onlySome}

                    checked={onlySome}
                    onChange={(checked) => {
                        chooseSome(checked);
                    }}
                />
                {onlySome && (
                    <Combobox
                        className="w-full"
                        label={copy.projects}
                        kind="projects"
                        name="projects"
                        takesMany
                        required
                        chosen={projects}
                        onChange={setProjects}
                    />
                )}
                <button type="submit" className="act act-main">
                    {copy.save}
                </button>
            </form>
            <FieldError />
        </section>
    );
}
