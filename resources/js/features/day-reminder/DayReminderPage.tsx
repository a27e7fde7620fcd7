import { fullDay } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { DayReminderProps } from '@/types/generated/props';
import { Shell } from '@/ui/Shell';
import { Head, Link } from '@inertiajs/react';
import { PencilledDay } from './PencilledDay';

const copy = officeText.dayReminderPage;

/** A day with its pencil and the days before it that are still open, opened from a mail: ink them, or change them first. */
export function DayReminderPage({ dayReminder }: { dayReminder: DayReminderProps }) {
    const { name, days, week, address, format } = dayReminder;
    const [first, ...before] = days;
    const title = copy.title(name, fullDay(first?.date ?? ''));

    return (
        <Shell>
            <Head title={title} />
            <div className="mx-auto flex max-w-xl flex-col gap-6">
                <div>
                    <h1>{title}</h1>
                    {first !== undefined && <PencilledDay day={first} address={address} format={format} />}
                </div>
                {before.length > 0 && (
                    <section aria-labelledby="before" className="flex flex-col gap-5">
                        <h2 id="before" className="text-ochre">
                            {copy.before}
                        </h2>
                        {before.map((day) => (
                            <div key={day.date}>
                                <h3 className="font-semibold">{fullDay(day.date)}</h3>
                                <PencilledDay day={day} address={address} format={format} />
                            </div>
                        ))}
                    </section>
                )}
                <p>
                    <Link href={route('week', { week })} className="act min-h-11">
                        {copy.open}
                    </Link>
                </p>
                <p className="pencilled">{copy.only}</p>
            </div>
        </Shell>
    );
}
