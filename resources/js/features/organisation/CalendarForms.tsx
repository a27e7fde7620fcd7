import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { OrganisationProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { FileField } from '@/ui/FileField';
import { MergeForm } from '@/ui/MergeForm';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useState, type ReactNode } from 'react';

const copy = officeText.organisationPage;

/** What can be done with the calendar that is shown, and another calendar. */
export function CalendarForms({ organisation }: { organisation: OrganisationProps }) {
    const { shown } = organisation;

    return (
        <div className="mt-6 flex flex-col gap-5">
            {shown !== null && <MoreHolidays organisation={organisation} calendar={shown} />}
            {shown !== null && <OneCalendar key={shown} calendar={shown} others={organisation.calendars} />}
            <Form
                name={copy.addCalendar}
                onSend={(given) => {
                    router.post(route('office.calendars.add'), given, { preserveScroll: true });
                }}
            >
                <Field label={copy.newCalendar} name="code" required maxLength={32} className="w-40" />
            </Form>
        </div>
    );
}

/** Public holidays of a country in the year that is shown, those of the year again in the next, and those of a file. */
function MoreHolidays({ organisation: { year, countries }, calendar }: { organisation: OrganisationProps; calendar: string }) {
    const [file, setFile] = useState<File | null>(null);

    return (
        <>
            <Form
                name={copy.addCountry(year)}
                onSend={(given) => {
                    router.post(route('office.holidays.add-country', { calendar }), { ...given, year }, { preserveScroll: true });
                }}
            >
                <Select label={copy.country} name="country" options={countries.map(({ code, name }) => [code, name] as const)} />
            </Form>
            <Form
                name={copy.copyYear(year)}
                onSend={() => {
                    router.post(route('office.holidays.copy-year', { calendar }), { year }, { preserveScroll: true });
                }}
            >
                <p className="w-full pencilled">{copy.copyYearHint}</p>
            </Form>
            <Form
                name={copy.addFile}
                onSend={() => {
                    void file?.text().then((read) => {
                        router.post(
                            route('office.holidays.add-file', { calendar }),
                            { calendar: read },
                            { preserveScroll: true },
                        );
                    });
                }}
            >
                <FileField label={copy.file} accept=".ics,text/calendar" required onPick={setFile} />
            </Form>
        </>
    );
}

/** Another name for the calendar, or another calendar in its place. */
function OneCalendar({ calendar, others }: { calendar: string; others: string[] }) {
    return (
        <>
            <Form
                name={copy.rename}
                onSend={(given) => {
                    router.put(route('office.calendars.save', { calendar }), given, { preserveScroll: true });
                }}
            >
                <Field label={copy.calendarName} name="code" required maxLength={32} className="w-40" defaultValue={calendar} />
            </Form>
            <MergeForm
                name={calendar}
                address={route('office.calendars.merge', { calendar })}
                hint={copy.mergeHint}
                others={others.filter((code) => code !== calendar).map((code) => [code, code] as const)}
            />
            <button
                type="button"
                className="act-quiet self-start"
                onClick={() => {
                    router.delete(route('office.calendars.remove', { calendar }));
                }}
            >
                {copy.removeCalendar}
            </button>
        </>
    );
}

interface FormProps {
    /** What it does, on its button. */
    name: string;
    onSend: (given: Record<string, FormDataEntryValue>) => void;
    children: ReactNode;
}

function Form({ name, onSend, children }: FormProps) {
    return (
        <form
            aria-label={name}
            className="flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                onSend(Object.fromEntries(new FormData(event.currentTarget)));
            }}
        >
            {children}
            <button type="submit" className="act">
                {name}
            </button>
        </form>
    );
}
