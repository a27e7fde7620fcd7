import { printCents } from '@/lib/money';
import { text } from '@/lib/text';
import type { ReviewProps, WaitingExpensesProps } from '@/types/generated/props';
import { useProjectsAsTheyStand } from './useProjectsAsTheyStand';

const copy = text.reviewPage;

/** What approving expenses would do to each project, in money; nothing where the reader sees none. */
export function ExpenseEffects({ review, group }: { review: ReviewProps; group: WaitingExpensesProps }) {
    const projects = useProjectsAsTheyStand(
        group.projects.map(({ project }) => project),
        review,
    );

    return (
        <ul className="mt-1 text-[0.9rem]">
            {/* What stands below must not move under a finger when they arrive. */}
            {projects === null && group.projects.map(({ project }) => <li key={project}>&nbsp;</li>)}
            {projects?.map(({ code, name, actualCost, budget, currency }) => {
                const cents = group.projects.find(({ project }) => project === code)?.cents ?? 0;

                return actualCost === null ? null : (
                    <li key={code}>
                        {name}: {copy.cost(printCents(actualCost, currency), printCents(actualCost + cents, ''))}{' '}
                        {budget !== null && (
                            <span className={budget - actualCost - cents < 0 ? 'text-brick' : 'text-faded'}>
                                {copy.budgetLeft(
                                    printCents(budget - actualCost, currency),
                                    printCents(budget - actualCost - cents, ''),
                                )}
                            </span>
                        )}
                    </li>
                );
            })}
        </ul>
    );
}
