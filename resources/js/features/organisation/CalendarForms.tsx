import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { OrganisationProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';

const copy = text.organisationPage;

/** Public holidays of a country in the year that is shown, and another calendar. */
export function CalendarForms({ organisation: { shown, year, countries } }: { organisation: OrganisationProps }) {
    return (
        <div className="mt-6 flex flex-wrap items-end gap-x-12 gap-y-4">
            {shown !== null && (
                <form
                    aria-label={copy.addCountry(year)}
                    className="flex flex-wrap items-end gap-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        router.post(
                            route('office.holidays.add-country', { calendar: shown }),
                            { ...Object.fromEntries(new FormData(event.currentTarget)), year },
                            { preserveScroll: true },
                        );
                    }}
                >
                    <Select
                        label={copy.country}
                        name="country"
                        options={countries.map(({ code, name }) => [code, name] as const)}
                    />
                    <button type="submit" className="act">
                        {copy.addCountry(year)}
                    </button>
                </form>
            )}
            <form
                aria-label={copy.addCalendar}
                className="flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(route('office.calendars.add'), Object.fromEntries(new FormData(event.currentTarget)), {
                        preserveScroll: true,
                    });
                }}
            >
                <Field label={copy.newCalendar} name="code" required maxLength={32} className="w-40" />
                <button type="submit" className="act">
                    {copy.addCalendar}
                </button>
            </form>
        </div>
    );
}
