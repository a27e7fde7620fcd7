import { PastPlanRemark } from '@/features/learning';
import { DoneForAll, type useDone } from '@/features/remaining';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';
import { AttentionItem, Margin } from '@/ui/Margin';
import { soon } from '@/ui/soon';
import { DaysForm } from './DaysForm';
import { LoadRemark } from './LoadRemark';
import type { PlanPanel } from './PlanPage';
import type { PlanRow } from './planRows';
import type { PlanActs } from './usePlan';
import type { PlanGrid } from './usePlanGrid';

const AddForm = soon(async () => (await import('./AddForm')).AddForm);

interface PlanMarginProps {
    acts: PlanActs;
    grid: PlanGrid;
    panel: PlanPanel;
    format: HoursFormat;
    onPanel: (panel: PlanPanel) => void;
    onRemove: () => void;
    done: ReturnType<typeof useDone>;
}

/** The margin of the plan: what is being added or given by day, or else what is to be said of the row that one is on. */
export function PlanMargin(props: PlanMarginProps) {
    return (
        <Margin label={text.week.margin}>
            <Asked {...props} />
        </Margin>
    );
}

function Asked(props: PlanMarginProps) {
    const { acts, grid, panel, format, onPanel } = props;
    const { row } = grid;
    const close = () => {
        onPanel('row');
        grid.go(grid.place);
    };
    if (panel === 'by day' && row?.kind === 'assignment') {
        return (
            <DaysForm
                key={row.key}
                assignment={row.assignment}
                format={format}
                faults={acts.faults}
                onClose={close}
                onSpread={(days) => {
                    void acts.spread(row.assignment, days).then((isDone) => {
                        if (isDone) {
                            close();
                        }
                    });
                }}
            />
        );
    }
    const task = panel === 'add person' ? row?.task : null;
    if ((panel === 'add task' || panel === 'add person') && task !== undefined) {
        return (
            <AddForm
                key={task?.id ?? ''}
                task={task}
                faults={acts.faults}
                onAdd={(line) => acts.add([line], task?.id ?? null)}
                onClose={close}
            />
        );
    }

    return <RowRemarks {...props} />;
}

/** What is to be said of the row that one is on, what can be done with it, and the keys. */
function RowRemarks({ acts, grid, format, onPanel, onRemove, done }: PlanMarginProps) {
    const { plan } = acts;
    const { row } = grid;

    return (
        <>
            {row !== undefined && (
                <AttentionItem title={row.kind === 'task' ? row.task.name : row.assignment.assigneeName}>
                    <AssignedRemark row={row} format={format} />
                    {plan.mayPlan && <RowActs row={row} done={done} onPanel={onPanel} onRemove={onRemove} />}
                </AttentionItem>
            )}
            {plan.mayPlan && row?.kind === 'task' && row.task.doneOn === null && row.task.planned > 0 && (
                <PastPlanRemark project={plan.code} name={row.task.name} minutes={row.task.planned} format={format} />
            )}
            {plan.mayPlan && row?.kind === 'assignment' && row.assignment.person !== null && (
                <LoadRemark
                    project={plan.code}
                    person={row.assignment.person}
                    from={row.assignment.startsOn}
                    to={row.assignment.endsOn}
                    format={format}
                    version={plan}
                />
            )}
            {plan.mayPlan && (
                <AttentionItem title={text.week.keys.title}>
                    <dl className="grid grid-cols-[6.6rem_1fr] gap-x-2 text-[0.92em]">
                        {text.plan.keys.map(([key, does]) => (
                            <div key={key} className="col-span-2 grid grid-cols-subgrid">
                                <dt className="whitespace-nowrap">{key}</dt>
                                <dd className="text-faded">{does}</dd>
                            </div>
                        ))}
                    </dl>
                </AttentionItem>
            )}
        </>
    );
}

/** How the hours of those on a task stand to its own. */
function AssignedRemark({ row: { task }, format }: { row: PlanRow; format: HoursFormat }) {
    return (
        <>
            {task.own !== null && task.assigned !== task.own && (
                <p className={task.assigned > task.own ? 'text-ochre' : 'text-faded'}>
                    {task.assigned > task.own
                        ? text.plan.overAssigned(hoursWithUnit(task.assigned - task.own, format))
                        : text.plan.unassigned(hoursWithUnit(task.own - task.assigned, format))}
                </p>
            )}
            {task.doneOn !== null && <p className="text-faded">{text.plan.isDone}</p>}
        </>
    );
}

function RowActs({ row, done, onPanel, onRemove }: { row: PlanRow } & Pick<PlanMarginProps, 'done' | 'onPanel' | 'onRemove'>) {
    const opens = (panel: PlanPanel) => () => {
        onPanel(panel);
    };

    return (
        <p className="mt-1 flex flex-wrap gap-x-3">
            <button type="button" className="act-quiet" onClick={opens('add person')}>
                {text.plan.addPerson}
            </button>
            {row.kind === 'assignment' ? (
                <button type="button" className="act-quiet" onClick={opens('by day')}>
                    {text.plan.giveDays}
                </button>
            ) : (
                <DoneForAll task={row.task.id} isDone={row.task.doneOn !== null} done={done} className="act-quiet" />
            )}
            <button type="button" className="act-quiet" onClick={onRemove}>
                {text.plan.remove}
            </button>
        </p>
    );
}
