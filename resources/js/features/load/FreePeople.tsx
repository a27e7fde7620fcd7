import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { FreeTimeProps, HoursFormat } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { loadAddress, type LoadAsked } from './loadAddress';

const copy = text.loadPage;

/** Who is free for some hours, the soonest first; then who is free for a part of them. */
export function FreePeople({ free, asked, format }: { free: FreeTimeProps; asked: LoadAsked; format: HoursFormat }) {
    const needed = hoursWithUnit(free.needed, format);

    return (
        <section aria-label={copy.who(needed)} className="mt-3 border-s-2 border-moss ps-3">
            <h2>{copy.who(needed)}</h2>
            <p>{free.count === 0 ? copy.nobodyFree(needed) : copy.freeCount(free.count)}</p>
            <ol className="mt-1 grid gap-x-8 md:grid-cols-2">
                {free.people.map(({ code, name, team, free: minutes, by }) => (
                    <li key={code} className="flex flex-wrap justify-between gap-x-3 border-t border-rule py-1">
                        <Link
                            href={loadAddress(asked, code)}
                            preserveScroll
                            preserveState
                            className="act-quiet [overflow-wrap:anywhere]"
                        >
                            {name}
                        </Link>
                        {team !== null && <span className="grow text-faded">{team}</span>}
                        <span className={by === null ? 'text-faded' : undefined}>
                            {by === null
                                ? copy.partFree(hoursWithUnit(minutes, format))
                                : copy.freeBy(shortDay(by), hoursWithUnit(minutes, format))}
                        </span>
                    </li>
                ))}
            </ol>
        </section>
    );
}
