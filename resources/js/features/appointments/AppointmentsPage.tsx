import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { AppointmentsProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link, router } from '@inertiajs/react';
import { CalendarForm } from './CalendarForm';
import { Calendars } from './Calendars';
import { TimeFeed } from './TimeFeed';
import { Unplaced } from './Unplaced';

const copy = text.appointments;

/** A person's calendars, the appointments that no task could be guessed for, and their own time as a calendar. */
export function AppointmentsPage({ appointments }: { appointments: AppointmentsProps }) {
    const { calendars, unplaced, pencilled, tasks, leftOut, week, hasFeed, feed } = appointments;

    return (
        <Shell>
            <PageHeading title={copy.title} finding={copy.finding(calendars.length, pencilled, unplaced.length)}>
                <Link className="act-quiet" href={route('week', { week }, { view: 'clock' })}>
                    {copy.week}
                </Link>
            </PageHeading>
            <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_23rem]">
                <div className="flex flex-col gap-8">
                    <Unplaced appointments={unplaced} tasks={tasks} />
                    <Calendars calendars={calendars} />
                    {leftOut.length > 0 && (
                        <section aria-labelledby="left-out">
                            <h2 id="left-out">{copy.leftOut}</h2>
                            <ul>
                                {leftOut.map(({ id, title }) => (
                                    <li key={id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1">
                                        <span className="[overflow-wrap:anywhere]">{title === '' ? copy.busy : title}</span>
                                        <button
                                            type="button"
                                            className="act-quiet ms-auto"
                                            aria-label={copy.of(copy.takeIn, title === '' ? copy.busy : title)}
                                            onClick={() => {
                                                router.delete(route('appointments.take-in', { series: id }), {
                                                    preserveScroll: true,
                                                });
                                            }}
                                        >
                                            {copy.takeIn}
                                        </button>
                                    </li>
                                ))}
                            </ul>
                        </section>
                    )}
                </div>
                <div className="flex flex-col gap-8">
                    <CalendarForm />
                    <TimeFeed hasFeed={hasFeed} address={feed} />
                </div>
            </div>
        </Shell>
    );
}
