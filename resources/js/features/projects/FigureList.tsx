import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps, ProjectRowProps } from '@/types/generated/props';
import { commonScale } from '@/ui/growth';
import { FigureItem } from './FigureItem';
import { tasksOf } from './figureGroups';
import { growthOf } from './growthOf';

interface FigureListProps {
    project: ProjectProps;
    nameOf: (row: ProjectRowProps) => string;
    format: HoursFormat;
}

/** The figures for a narrow screen: a line for each task with its forecast and variance; the rest opens below it. */
export function FigureList({ project, nameOf, format }: FigureListProps) {
    const scale = commonScale(project.rows.filter((row) => row.level === 'task').map((row) => growthOf(row.figures)));

    return (
        <div>
            <p className="flex justify-end gap-3 border-b border-edge text-faded">
                <span className="w-20 text-end">{text.projectPage.forecast}</span>
                <span className="w-20 text-end">{text.projectPage.variance}</span>
            </p>
            <ul>
                {tasksOf(project.rows).map(({ phase, task, assignees, startsPhase }) => (
                    <li key={`${phase?.name ?? ''} ${task.task ?? ''}`}>
                        {startsPhase && phase !== null && <h3 className="pt-2 text-moss">{nameOf(phase)}</h3>}
                        <FigureItem
                            row={task}
                            name={nameOf(task)}
                            code={project.code}
                            scale={scale}
                            format={format}
                            assignees={assignees.map((row) => ({ row, name: nameOf(row) }))}
                        />
                    </li>
                ))}
                <li className="font-semibold">
                    <FigureItem
                        row={{
                            isWhole: true,
                            level: 'phase',
                            name: '',
                            task: null,
                            taskId: null,
                            assignee: null,
                            speaker: null,
                            baseline: project.baseline,
                            isDone: false,
                            overAssigned: 0,
                            figures: project.figures,
                        }}
                        name={text.projectPage.whole}
                        code={project.code}
                        scale={null}
                        format={format}
                        assignees={[]}
                    />
                </li>
            </ul>
        </div>
    );
}
