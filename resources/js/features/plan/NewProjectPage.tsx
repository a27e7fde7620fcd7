import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { NewProjectProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { OwnFieldInputs, ownValues } from '@/ui/OwnFieldInputs';
import { Shell } from '@/ui/Shell';
import { FieldError } from '@/ui/FieldError';
import { Head, Link, useForm } from '@inertiajs/react';
import type { ChangeEvent } from 'react';
import { ClientAndManager } from './ClientAndManager';
import { ProjectDays } from './ProjectDays';

/** A new project from a short intake, or from another's plan with its days moved. */
export function NewProjectPage({ start }: { start: NewProjectProps }) {
    const copy = text.newProject;
    const { source } = start;

    return (
        <Shell>
            <Head title={copy.title} />
            <h1>{source === null ? copy.title : copy.copyTitle(source.name)}</h1>
            <p className="text-faded">{source === null ? copy.intro : copy.copyIntro}</p>
            <FieldError />
            <ProjectForm start={start} />
        </Shell>
    );
}

function ProjectForm({ start }: { start: NewProjectProps }) {
    const copy = text.newProject;
    const { source } = start;
    const form = useForm({
        name: '',
        code: '',
        client: '',
        manager: start.manager.code,
        startsOn: start.today,
        endsOn: '',
        hours: '',
        withPeople: true,
        fields: ownValues(start.fields),
    });
    const { data, setData } = form;
    const field = (name: 'name' | 'code' | 'hours') => ({
        value: data[name],
        onChange: (event: ChangeEvent<HTMLInputElement>) => {
            setData(name, event.target.value);
        },
    });

    return (
        <form
            className="mt-3 flex max-w-xl flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(source === null ? route('projects.create') : route('project.copy', { project: source.code }));
            }}
        >
            <Field label={copy.what} maxLength={200} required autoFocus {...field('name')} />
            <div className="flex flex-wrap gap-4">
                <ClientAndManager
                    client={null}
                    manager={start.manager}
                    onClient={(client) => {
                        setData('client', client);
                    }}
                    onManager={(manager) => {
                        setData('manager', manager);
                    }}
                />
            </div>
            <div className="flex flex-wrap gap-4">
                <ProjectDays startsOn={data.startsOn} endsOn={data.endsOn} onPick={setData} />
                {source === null && <Field label={copy.hours} maxLength={50} className="w-36 text-end" {...field('hours')} />}
                <Field label={copy.code} maxLength={32} className="w-44" {...field('code')} />
            </div>
            <OwnFieldInputs
                fields={start.fields}
                values={data.fields}
                onChange={(fields) => {
                    setData('fields', fields);
                }}
            />
            {source !== null && (
                <Checkbox
                    label={copy.withPeople}
                    checked={data.withPeople}
                    onChange={(checked) => {
                        setData('withPeople', checked);
                    }}
                />
            )}
            <p className="flex gap-2">
                <button type="submit" className="act act-main" disabled={form.processing}>
                    {copy.create}
                </button>
                <Link
                    href={source === null ? route('projects') : route('project.plan', { project: source.code })}
                    className="act"
                >
                    {copy.no}
                </Link>
            </p>
        </form>
    );
}
