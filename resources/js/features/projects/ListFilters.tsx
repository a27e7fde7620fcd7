import { text } from '@/lib/text';
import type { ProjectSort, ProjectsProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { listAddress, type Asked } from './listAddress';

const copy = text.projectsPage;

/** Which projects are shown, and in which order. Every answer is in the address. */
export function ListFilters({ list }: { list: ProjectsProps }) {
    const [search, setSearch] = useState(list.search);
    const ask = (changed: Partial<Asked>) => {
        router.get(listAddress(list, { search, ...changed }), {}, { preserveState: true, preserveScroll: true });
    };

    return (
        <form
            role="search"
            className="no-print mt-2 flex flex-wrap items-baseline-last gap-x-4 gap-y-2"
            onSubmit={(event) => {
                event.preventDefault();
                ask({});
            }}
        >
            <Field
                label={copy.search}
                type="search"
                value={search}
                maxLength={200}
                className="w-60"
                onChange={(event) => {
                    setSearch(event.target.value);
                }}
            />
            <button className="act">{copy.look}</button>
            <Chosen
                label={copy.state}
                value={list.state}
                names={copy.states}
                onChoose={(state) => {
                    ask({ state });
                }}
            />
            {list.managers.length > 1 && (
                <Chosen
                    label={copy.managedBy}
                    value={list.manager}
                    names={{ '': copy.anybody, ...Object.fromEntries(list.managers.map(({ code, name }) => [code, name])) }}
                    onChoose={(manager) => {
                        ask({ manager });
                    }}
                />
            )}
            <Chosen
                label={copy.concern}
                value={list.concern}
                names={copy.concerns}
                onChoose={(only) => {
                    ask({ only });
                }}
            />
            <Chosen
                label={copy.sort}
                value={list.sort}
                names={copy.sorts}
                onChoose={(sort) => {
                    ask({ sort: sort as ProjectSort });
                }}
            />
        </form>
    );
}

interface ChosenProps {
    label: string;
    value: string;
    names: Record<string, string>;
    onChoose: (value: string) => void;
}

function Chosen({ label, value, names, onChoose }: ChosenProps) {
    return <Select label={label} value={value} options={Object.entries(names)} onChoose={onChoose} />;
}
