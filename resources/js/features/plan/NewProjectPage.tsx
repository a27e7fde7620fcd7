import { text } from '@/lib/text';
import type { NewProjectProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import type { Option } from '@/ui/combobox';
import { Shell } from '@/ui/Shell';
import { FieldError } from '@/ui/FieldError';
import { Head, Link, useForm } from '@inertiajs/react';
import { useState } from 'react';

/** A new project from a short intake, or from another's plan with its days moved. */
export function NewProjectPage({ start }: { start: NewProjectProps }) {
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
    });
    const { data, setData } = form;
    const [client, setClient] = useState<Option[]>([]);
    const [manager, setManager] = useState<Option[]>([start.manager]);

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
                <Combobox
                    label={copy.client}
                    kind="clients"
                    takesNew
                    chosen={client}
                    onChange={(chosen) => {
                        setClient(chosen);
                        setData('client', chosen[0]?.code ?? '');
                    }}
                />
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
                    <Combobox
                        label={copy.manager}
                        kind="people"
                        required
                        chosen={manager}
                        onChange={(chosen) => {
                            setManager(chosen);
                            setData('manager', chosen[0]?.code ?? '');
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
                    <Link href={source === null ? '/projects' : `/projects/${source.code}/plan`} className="act">
                        {copy.no}
                    </Link>
                </p>
            </form>
        </Shell>
    );
}
