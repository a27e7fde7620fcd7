import { route } from '@/lib/route';
import { dayOf, span } from '@/lib/days';
import { text } from '@/lib/text';
import type { ProgressProps, HoursFormat, ProjectPersonProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';

const copy = text.projectPeople;

interface PeopleProps {
    progress: ProgressProps;
    format: HoursFormat;
}

/** Who is on the project, over the same weeks as its progress. */
export function People({ progress, format }: PeopleProps) {
    if (progress.people.length === 0) {
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
                        {progress.people.map((person) => (
                            <tr key={person.code ?? person.name} className="align-baseline">
                                <th scope="row" className="border-b border-rule py-0.5">
                                    {person.code === null ? (
                                        person.name
                                    ) : (
                                        <Link
                                            href={route('week.of', { person: person.code, week: weekOf(person, progress) })}
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
                                        copy.weekOf(dayOf(person.lastRecorded, progress.thisWeek.slice(0, 4)))
                                    )}
                                </td>
                                <td className="border-b border-rule ps-4">
                                    <Strip person={person} progress={progress} />
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
function weekOf(person: ProjectPersonProps, progress: ProgressProps): string {
    const week = progress.weeks.find(({ monday }) => monday === (person.lastRecorded ?? progress.thisWeek));

    return week?.week ?? progress.weeks[0]?.week ?? '';
}

function Strip({ person, progress }: { person: ProjectPersonProps; progress: ProgressProps }) {
    const planned = new Set(person.planned);
    const recorded = new Set(person.recorded);

    return (
        <span role="img" aria-label={copy.strip(planned.size, recorded.size)} className="flex h-3">
            {progress.weeks.map(({ monday }) => (
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
