import { hoursWithUnit } from '@/lib/hours';
import { printPercent } from '@/lib/numbers';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectSummaryProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';

const copy = text.frontPage;

/** Projects that need attention, each with why. */
export function ProjectColumn({ projects }: { projects: readonly ProjectSummaryProps[] }) {
    const format = useHoursFormat();

    return (
        <section aria-labelledby="troubled">
            <h2 id="troubled">{copy.projects}</h2>
            {projects.length === 0 && <p className="text-faded">{copy.noTrouble}</p>}
            <ul className="grid gap-x-8 sm:grid-cols-2">
                {projects.map((project) => (
                    <li key={project.code} className="border-t border-rule py-2">
                        <Link
                            href={route('project', { project: project.code })}
                            className="font-semibold underline decoration-rule underline-offset-4 [overflow-wrap:anywhere] hover:decoration-ink"
                        >
                            {project.name}
                        </Link>
                        <p>{reasons(project, format)}</p>
                    </li>
                ))}
            </ul>
            <Link href={route('projects')} className="act-quiet mt-1 inline-block">
                {copy.allProjects}
            </Link>
        </section>
    );
}

function reasons({ figures, budgetIsGone, waiting }: ProjectSummaryProps, format: HoursFormat): string {
    return [
        figures.variance > 0
            ? copy.overPlan(
                  hoursWithUnit(figures.variance, format),
                  figures.variancePercentage === null ? '' : text.percent(printPercent(figures.variancePercentage)),
              )
            : '',
        budgetIsGone ? copy.overBudget : '',
        waiting > 0 ? copy.estimatesToDecide(waiting) : '',
    ]
        .filter((sentence) => sentence !== '')
        .join(' ');
}
