import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps, ProjectRowProps } from '@/types/generated/props';
import { commonScale } from '@/ui/growth';
import { useNarrow } from '@/lib/useNarrow';
import type { Shown } from './address';
import { FigureList } from './FigureList';
import { FigureRow } from './FigureRow';
import { growthOf } from './growthOf';

interface FiguresTableProps {
    project: ProjectProps;
    shown: Shown;
    format: HoursFormat;
}

const hourColumns = [
    text.projectPage.actual,
    text.projectPage.pending,
    text.projectPage.remaining,
    text.projectPage.forecast,
    text.projectPage.variance,
];

const moneyColumns = [
    text.projectPage.plannedCost,
    text.projectPage.actualCost,
    text.projectPage.forecastCost,
    text.projectPage.variance,
    text.projectPage.budgetColumn,
    text.projectPage.budgetLeft,
];

function nameOf(row: ProjectRowProps): string {
    if (row.name !== '') {
        return row.name;
    }

    return row.level === 'phase' ? text.projectPage.noPhase : text.projectPage.unassigned;
}

/** Figures by phase, task and assignee; the bars share one scale. */
export function FiguresTable({ project, shown, format }: FiguresTableProps) {
    const isNarrow = useNarrow();
    const scale = commonScale(project.rows.filter((row) => row.level === 'task').map((row) => growthOf(row.figures)));
    const planColumns = [text.projectPage.planned, ...(project.baseline === null ? [] : [text.projectPage.baseline])];
    const columns =
        shown === 'hours' ? [...planColumns, ...hourColumns] : moneyColumns.map((name) => `${name}, ${project.currency}`);

    if (isNarrow && shown === 'hours') {
        return <FigureList project={project} nameOf={nameOf} format={format} />;
    }

    return (
        <div
            className="overflow-x-auto print:overflow-visible print:text-[8.5pt]"
            tabIndex={0}
            role="region"
            aria-label={text.projectPage.task}
        >
            <table className="w-full border-collapse">
                <thead className="text-faded">
                    <tr>
                        <th scope="col" className="border-b border-edge align-bottom">
                            {text.projectPage.task}
                        </th>
                        {columns.map((name) => (
                            <th key={name} scope="col" className="border-b border-edge ps-3 text-end align-bottom">
                                {name}
                            </th>
                        ))}
                        {shown === 'hours' && (
                            <th scope="col" className="w-[22%] min-w-36 border-b print:min-w-16 border-edge ps-4 align-bottom">
                                {text.projectPage.growth}
                            </th>
                        )}
                    </tr>
                </thead>
                <tbody>
                    {project.rows.map((row) => (
                        <FigureRow
                            key={`${row.level} ${row.task ?? ''} ${row.assignee ?? ''} ${row.name}`}
                            row={row}
                            name={nameOf(row)}
                            project={project}
                            shown={shown}
                            scale={scale}
                            format={format}
                        />
                    ))}
                    <FigureRow
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
                        project={project}
                        shown={shown}
                        scale={null}
                        format={format}
                    />
                </tbody>
            </table>
        </div>
    );
}
