import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { AppointmentCalendarProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';

const copy = text.appointments;

/** Where appointments come from, and how that went the last time. */
export function Calendars({ calendars }: { calendars: AppointmentCalendarProps[] }) {
    return (
        <section aria-labelledby="calendars">
            <h2 id="calendars">{copy.calendars}</h2>
            {calendars.length === 0 && <p className="max-w-prose text-faded">{copy.noCalendars}</p>}
            <ul>
                {calendars.map(({ id, name, address, notesTitles, readAt, failure }) => (
                    <li key={id} className="border-b border-rule py-2">
                        <p className="flex flex-wrap items-baseline gap-x-4">
                            <span className="font-semibold [overflow-wrap:anywhere]">{name}</span>
                            <span className="text-faded">
                                {[
                                    address === null ? copy.file : null,
                                    readAt === null ? copy.neverRead : copy.readAt(instant(readAt)),
                                    notesTitles ? copy.notesTitlesShort : null,
                                ]
                                    .filter((part) => part !== null)
                                    .join('; ')}
                            </span>
                        </p>
                        {address !== null && <p className="text-[0.9rem] [overflow-wrap:anywhere] text-faded">{address}</p>}
                        {failure !== null && <p className="text-brick">{failure}</p>}
                        <p className="flex flex-wrap gap-x-4">
                            {address !== null && (
                                <button
                                    type="button"
                                    className="act-quiet"
                                    aria-label={copy.of(copy.read, name)}
                                    onClick={() => {
                                        router.post(
                                            route('appointments.read', { appointmentCalendar: id }),
                                            {},
                                            { preserveScroll: true },
                                        );
                                    }}
                                >
                                    {copy.read}
                                </button>
                            )}
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={copy.of(copy.remove, name)}
                                onClick={() => {
                                    router.delete(route('appointments.remove', { appointmentCalendar: id }), {
                                        preserveScroll: true,
                                    });
                                }}
                            >
                                {copy.remove}
                            </button>
                        </p>
                    </li>
                ))}
            </ul>
        </section>
    );
}
