import { dayOf, span } from '@/lib/days';
import { text } from '@/lib/text';
import type { ProgressProps, HoursFormat, ProjectPersonProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';

const copy = text.projectPeople;

interface PeopleProps {
    course: ProgressProps;
    format: HoursFormat;
}

/** Who is on the project, over the same weeks as its course. */
export function People({ course, format }: PeopleProps) {
    if (course.people.length === 0) {
        return null;
    }

    return (
        <section aria-labelledby="people">
            <h2 id="people">{copy.title}</h2>
            <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={copy.inWeeks}>
                <table className="w-full border-collapse">
                    <thead className="text-faded">
                        <tr>
                            <th scope="col" className="border-b border-edge">
                                {copy.who}
                            </th>
                            <th scope="col" className="border-b border-edge ps-3">
                                {copy.when}
                            </th>
                            {[copy.planned, copy.entered, copy.remaining].map((name) => (
                                <th key={name} scope="col" className="border-b border-edge ps-3 text-end">
                                    {name}
                                </th>
                            ))}
                            <th scope="col" className="border-b border-edge ps-4">
                                {copy.last}
                            </th>
                            <th scope="col" className="w-[34%] min-w-40 border-b border-edge ps-4">
                                {copy.weeks}
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {course.people.map((person) => (
                            <tr key={person.code ?? person.name} className="align-baseline">
                                <th scope="row" className="border-b border-rule py-0.5">
                                    {person.code === null ? (
                                        person.name
                                    ) : (
                                        <Link
                                            href={`/people/${person.code}/week/${weekOf(person, course)}`}
                                            className="act-quiet"
                                        >
                                            {person.name}
                                        </Link>
                                    )}
                                </th>
                                <td className="border-b border-rule ps-3 whitespace-nowrap">
                                    {person.from === null || person.to === null ? (
                                        <span className="pencilled">{copy.notPlanned}</span>
                                    ) : (
                                        span(person.from, person.to)
                                    )}
                                </td>
                                {[person.plannedMinutes, person.enteredMinutes, person.remainingMinutes].map((minutes, index) => (
                                    <td key={index} className="border-b border-rule ps-3 text-end">
                                        <Hours minutes={minutes} format={format} />
                                    </td>
                                ))}
                                <td className="border-b border-rule ps-4 whitespace-nowrap">
                                    {person.lastRecorded === null ? (
                                        <span className="pencilled">{copy.never}</span>
                                    ) : (
                                        copy.weekOf(dayOf(person.lastRecorded, course.thisWeek.slice(0, 4)))
                                    )}
                                </td>
                                <td className="border-b border-rule ps-4">
                                    <Strip person={person} course={course} />
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <p className="pencilled text-[0.9em]">{copy.legend}</p>
        </section>
    );
}

/** The person's week that says most: the last one recorded on the project, else this one. */
function weekOf(person: ProjectPersonProps, course: ProgressProps): string {
    const week = course.weeks.find(({ monday }) => monday === (person.lastRecorded ?? course.thisWeek));

    return week?.week ?? course.weeks[0]?.week ?? '';
}

function Strip({ person, course }: { person: ProjectPersonProps; course: ProgressProps }) {
    const planned = new Set(person.planned);
    const recorded = new Set(person.recorded);

    return (
        <span role="img" aria-label={copy.strip(planned.size, recorded.size)} className="flex h-3">
            {course.weeks.map(({ monday }) => (
                <span key={monday} className="min-w-0 flex-1 px-px">
                    {recorded.has(monday) ? (
                        <span className="grown-approved block h-full" />
                    ) : (
                        planned.has(monday) && <span className="grown-remaining block h-full" />
                    )}
                </span>
            ))}
        </span>
    );
}
