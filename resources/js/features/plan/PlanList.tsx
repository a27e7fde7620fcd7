import { dayOf } from '@/lib/days';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, PlanProps, PlanTaskProps } from '@/types/generated/props';
import { Foldout } from '@/ui/Foldout';
import { Hours } from '@/ui/Hours';
import { PlanFields } from './PlanFields';
import { rowsOf } from './planRows';
import type { PlanActs } from './usePlan';

interface PlanListProps {
    plan: PlanProps;
    acts: PlanActs;
    format: HoursFormat;
}

/** The plan for a narrow screen: a line for each task with its hours and days; its fields and who is on it open below it. */
export function PlanList({ plan, acts, format }: PlanListProps) {
    return (
        <ul aria-label={text.plan.table(plan.name)}>
            {plan.tasks.map((task) => (
                <Task key={task.id} task={task} acts={acts} format={format} />
            ))}
        </ul>
    );
}

function Task({ task, acts, format }: Omit<PlanListProps, 'plan'> & { task: PlanTaskProps }) {
    const year = useShared().today.slice(0, 4);
    const [own, ...people] = rowsOf([task]);
    const first = [task.startsOn, ...task.assignments.map(({ startsOn }) => startsOn)].filter((day) => day !== null).sort()[0];

    return (
        <li className="border-b border-rule">
            <Foldout
                lineClassName="py-2"
                contentClassName="pb-3 ps-5"
                line={
                    <>
                        <span className="min-w-0 grow [overflow-wrap:anywhere]">
                            {task.name}
                            <span className="block text-[0.88em] text-faded">
                                {[task.phase, first === undefined ? null : text.plan.from(dayOf(first, year))]
                                    .filter((part) => part !== null)
                                    .join(' · ')}
                            </span>
                        </span>
                        <Hours minutes={task.planned} format={format} />
                    </>
                }
            >
                {own !== undefined && <PlanFields row={own} acts={acts} format={format} />}
                {people.map((row) => (
                    <div key={row.key} className="mt-2 border-s-2 border-rule ps-3">
                        <p>{row.kind === 'assignment' && row.assignment.assigneeName}</p>
                        <PlanFields row={row} acts={acts} format={format} />
                    </div>
                ))}
            </Foldout>
        </li>
    );
}
