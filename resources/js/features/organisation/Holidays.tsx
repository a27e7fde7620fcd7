import { weekdayName, wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { HolidayRowProps, OrganisationProps } from '@/types/generated/props';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { CalendarForms } from './CalendarForms';
import { HolidayForm } from './HolidayForm';

const copy = officeText.organisationPage;

/** Another calendar or year of the page. */
function address(calendar: string, year: number): string {
    return route('office.organisation', {}, { calendar, year });
}

/** The public holidays of a calendar in a year. */
export function Holidays({ organisation }: { organisation: OrganisationProps }) {
    const { shown, year, calendars, holidays } = organisation;

    return (
        <section aria-labelledby="calendars">
            <h2 id="calendars">{copy.calendars}</h2>
            {shown !== null && (
                <>
                    <div className="mt-2 flex flex-wrap items-baseline-last gap-4">
                        <Select
                            label={copy.shown}
                            value={shown}
                            options={calendars.map((code) => [code, code] as const)}
                            onChoose={(calendar) => {
                                router.get(address(calendar, year));
                            }}
                        />
                        <Select
                            label={copy.year}
                            value={String(year)}
                            options={[-2, -1, 0, 1, 2].map((more) => [String(year + more), String(year + more)] as const)}
                            onChoose={(chosen) => {
                                router.get(address(shown, Number(chosen)));
                            }}
                        />
                    </div>
                    {holidays.length === 0 ? (
                        <p className="mt-3 text-faded">{copy.none(year)}</p>
                    ) : (
                        <ul className="mt-3 max-w-2xl">
                            {holidays.map((holiday) => (
                                <Row key={holiday.id} holiday={holiday} />
                            ))}
                        </ul>
                    )}
                    <HolidayForm key={`${shown} ${String(year)}`} calendar={shown} />
                </>
            )}
            <CalendarForms organisation={organisation} />
        </section>
    );
}

function Row({ holiday }: { holiday: HolidayRowProps }) {
    const day = wholeDate(holiday.date);

    return (
        <li className="grid grid-cols-[minmax(0,9rem)_minmax(0,1fr)_auto] items-baseline gap-x-4 border-b border-rule py-1">
            <span>
                {weekdayName(((new Date(`${holiday.date}T12:00:00Z`).getUTCDay() + 6) % 7) + 1).slice(0, 2)} {day}
            </span>
            <span className="[overflow-wrap:anywhere]">
                {holiday.name}
                {holiday.part !== '1' && <span className="text-faded"> ({copy.partOf(holiday.part)})</span>}
            </span>
            <button
                type="button"
                className="act-quiet"
                aria-label={copy.removeOf(holiday.name, day)}
                onClick={() => {
                    router.delete(route('office.holidays.remove', { holiday: holiday.id }), { preserveScroll: true });
                }}
            >
                {copy.remove}
            </button>
        </li>
    );
}
