import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { StartProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { PasswordField } from '@/ui/PasswordField';
import { Select } from '@/ui/Select';
import { Shell } from '@/ui/Shell';
import { WeekHours } from '@/ui/WeekHours';
import { useForm } from '@inertiajs/react';
import type { ChangeEvent } from 'react';

const copy = officeText.firstStart;

/** Where an empty installation becomes an organisation with its first person. */
export function FirstStartPage({ start }: { start: StartProps }) {
    return (
        <Shell>
            <div className="mx-auto max-w-2xl pt-6">
                <PageHeading title={copy.title} finding={start.key === '' ? copy.closed : copy.intro} />
                {start.key !== '' && <StartForm start={start} />}
            </div>
        </Shell>
    );
}

function StartForm({ start }: { start: StartProps }) {
    const form = useForm({
        organisation: '',
        country: '',
        currency: 'EUR',
        pattern: ['8', '8', '8', '8', '8', '0', '0'],
        name: '',
        email: '',
        password: '',
        timezone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    });
    const { data, setData } = form;
    const field = (name: 'organisation' | 'currency' | 'name' | 'email' | 'password') => ({
        name,
        required: true,
        value: data[name],
        onChange: (event: ChangeEvent<HTMLInputElement>) => {
            setData(name, event.target.value);
        },
    });

    return (
        <form
            className="mt-5 grid gap-x-12 gap-y-6 sm:grid-cols-2"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('start.store', {}, { key: start.key }));
            }}
        >
            <fieldset className="flex flex-col gap-4">
                <legend className="mb-2 font-semibold">{copy.organisation}</legend>
                <Field label={copy.name} maxLength={200} autoFocus {...field('organisation')} />
                <Select
                    label={copy.country}
                    hint={copy.countryHint}
                    value={data.country}
                    options={[['', copy.noCountry], ...start.countries.map(({ code, name }) => [code, name] as const)]}
                    onChoose={(country) => {
                        setData('country', country);
                    }}
                />
                <Field
                    label={copy.currency}
                    maxLength={3}
                    className="w-20 uppercase"
                    {...field('currency')}
                    onChange={(event) => {
                        setData('currency', event.target.value.toUpperCase());
                    }}
                />
                <WeekHours
                    label={copy.week}
                    hours={data.pattern}
                    onChange={(pattern) => {
                        setData('pattern', pattern);
                    }}
                />
            </fieldset>
            <fieldset className="flex flex-col gap-4">
                <legend className="mb-2 font-semibold">{copy.you}</legend>
                <Field label={copy.yourName} maxLength={200} autoComplete="name" {...field('name')} />
                <Field label={copy.email} type="email" autoComplete="username" {...field('email')} />
                <PasswordField isNew label={copy.password} {...field('password')} />
                <FieldError />
                <button type="submit" disabled={form.processing} className="act act-main self-start">
                    {copy.submit}
                </button>
            </fieldset>
        </form>
    );
}
