import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { MyTasksProps } from '@/types/generated/props';
import { commonScale } from '@/ui/growth';
import { PageHeading } from '@/ui/PageHeading';
import { SearchInput } from '@/ui/SearchInput';
import { Shell } from '@/ui/Shell';
import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { groupsOf } from './taskGroups';
import { growthOf, TaskRow } from './TaskRow';

const copy = text.tasks;

/** From how many tasks on they are searched. */
const MANY = 12;

/** What is a person's or their team's to do, by when it is due. */
export function MyTasksPage({ tasks: { tasks, today, week, enteredToday, expectedToday } }: { tasks: MyTasksProps }) {
    const format = useHoursFormat();
    const [typed, type] = useState('');
    const groups = groupsOf(tasks, typed);
    const scale = commonScale(tasks.map(growthOf));
    const due = (name: string) => tasks.filter((task) => task.due === name).length;

    return (
        <Shell>
            <PageHeading
                title={copy.title}
                finding={`${copy.finding(tasks.length, due('overdue'), due('this week'))} ${copy.today(hoursWithUnit(enteredToday, format), hoursWithUnit(expectedToday, format))}`}
            >
                <Link className="act-quiet" href={route('week', { week })}>
                    {text.myWeek}
                </Link>
            </PageHeading>
            {tasks.length > MANY && (
                <div className="mt-3 max-w-sm">
                    <SearchInput label={copy.search} value={typed} onType={type} />
                </div>
            )}
            {tasks.length === 0 && <p className="mt-4 max-w-prose">{copy.none}</p>}
            {tasks.length > 0 && groups.length === 0 && <p className="mt-4">{copy.noneFound}</p>}
            {groups.map(({ name, tasks: ofGroup }) => (
                <section key={name} aria-labelledby={`due-${name.replace(' ', '-')}`} className="mt-5">
                    <h2 id={`due-${name.replace(' ', '-')}`} className={name === 'overdue' ? 'text-ochre' : 'text-moss'}>
                        {copy.groups[name]}
                    </h2>
                    <ul>
                        {ofGroup.map((task) => (
                            <TaskRow key={task.line} task={task} today={today} scale={scale} format={format} />
                        ))}
                    </ul>
                </section>
            ))}
            {tasks.length > 0 && <p className="pencilled mt-4 max-w-prose">{copy.hint}</p>}
        </Shell>
    );
}
