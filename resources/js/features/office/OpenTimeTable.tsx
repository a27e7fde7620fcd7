import { route } from '@/lib/route';
import { shortDay } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import type { HoursFormat, OpenTimeProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';

/** Who has time that is not approved, with the way to the first week of it. */
export function OpenTimeTable({ people, format }: { people: OpenTimeProps[]; format: HoursFormat }) {
    const copy = officeText.officePage.periods;

    return (
        <section aria-labelledby="open-time">
            <h2 id="open-time">{copy.openTitle}</h2>
            <table className="w-full">
                <thead>
                    <tr className="text-faded">
                        <th scope="col">{copy.person}</th>
                        <th scope="col" className="px-2 text-end">
                            {copy.unsubmitted}
                        </th>
                        <th scope="col" className="px-2 text-end">
                            {copy.waiting}
                        </th>
                        <th scope="col" className="ps-3">
                            {copy.since}
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {people.map((person) => (
                        <tr key={person.code} className="border-t border-rule">
                            <th scope="row" className="py-1">
                                {person.name}
                            </th>
                            <td className="px-2 text-end">
                                <Hours minutes={person.unsubmitted} format={format} />
                            </td>
                            <td className="px-2 text-end">
                                <Hours minutes={person.waiting} format={format} />
                            </td>
                            <td className="ps-3">
                                <Link className="act-quiet" href={route('week.of', { person: person.code, week: person.week })}>
                                    {shortDay(person.first)}
                                </Link>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}
