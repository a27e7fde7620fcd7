import { text } from '@/lib/text';
import type { NewProjectProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { Shell } from '@/ui/Shell';
import { FieldError } from '@/ui/FieldError';
import { Head, Link, useForm } from '@inertiajs/react';
import { useId } from 'react';

/** A new project from a short intake, or from another's plan with its days moved. */
export function NewProjectPage({ start }: { start: NewProjectProps }) {
    const copy = text.newProject;
    const { source } = start;
    const form = useForm({
        name: '',
        code: '',
        client: '',
        manager: start.manager,
        startsOn: start.today,
        endsOn: '',
        hours: '',
        withPeople: true,
    });
    const { data, setData } = form;
    const clients = useId();

    return (
        <Shell>
            <Head title={copy.title} />
            <h1>{source === null ? copy.title : copy.copyTitle(source.name)}</h1>
            <p className="text-faded">{source === null ? copy.intro : copy.copyIntro}</p>
            <FieldError />
            <form
                className="mt-3 flex max-w-xl flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(source === null ? '/projects' : `/projects/${source.code}/copy`);
                }}
            >
                <Field
                    label={copy.what}
                    value={data.name}
                    maxLength={200}
                    required
                    autoFocus
                    onChange={(event) => {
                        setData('name', event.target.value);
                    }}
                />
                <Field
                    label={copy.client}
                    value={data.client}
                    maxLength={200}
                    list={clients}
                    onChange={(event) => {
                        setData('client', event.target.value);
                    }}
                />
                <datalist id={clients}>
                    {start.clients.map(({ code, name }) => (
                        <option key={code} value={name} />
                    ))}
                </datalist>
                <div className="flex flex-wrap gap-4">
                    <DateField
                        label={copy.from}
                        defaultValue={data.startsOn}
                        onPick={(day) => {
                            setData('startsOn', day);
                        }}
                    />
                    <DateField
                        label={copy.to}
                        defaultValue={data.endsOn}
                        onPick={(day) => {
                            setData('endsOn', day);
                        }}
                    />
                    {source === null && (
                        <Field
                            label={copy.hours}
                            value={data.hours}
                            maxLength={50}
                            className="w-36 text-end"
                            onChange={(event) => {
                                setData('hours', event.target.value);
                            }}
                        />
                    )}
                </div>
                <div className="flex flex-wrap gap-4">
                    <Select
                        label={copy.manager}
                        options={start.managers.map(({ code, name }) => [code, name] as const)}
                        value={data.manager}
                        onChange={(event) => {
                            setData('manager', event.target.value);
                        }}
                    />
                    <Field
                        label={copy.code}
                        value={data.code}
                        maxLength={32}
                        className="w-44"
                        onChange={(event) => {
                            setData('code', event.target.value);
                        }}
                    />
                </div>
                {source !== null && (
                    <label className="flex min-h-9 items-center gap-2">
                        <input
                            type="checkbox"
                            className="size-6 accent-moss"
                            checked={data.withPeople}
                            onChange={(event) => {
                                setData('withPeople', event.target.checked);
                            }}
                        />
                        {copy.withPeople}
                    </label>
                )}
                <p className="flex gap-2">
                    <button type="submit" className="act act-main" disabled={form.processing}>
                        {copy.create}
                    </button>
                    <Link href={source === null ? '/projects' : `/projects/${source.code}/plan`} className="act">
                        {copy.no}
                    </Link>
                </p>
            </form>
        </Shell>
    );
}
