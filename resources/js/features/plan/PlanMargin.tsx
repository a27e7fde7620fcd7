import { DoneForAll, type useDone } from '@/features/remaining';
import { text } from '@/lib/text';
import { hoursWithUnit } from '@/lib/hours';
import type { HoursFormat } from '@/types/generated/props';
import { Margin, AttentionItem } from '@/ui/Margin';
import { AddForm } from './AddForm';
import { DaysForm } from './DaysForm';
import { LoadRemark } from './LoadRemark';
import type { PlanActs } from './usePlan';
import type { usePlanGrid } from './usePlanGrid';

export type PlanPanel = 'row' | 'add task' | 'add person' | 'by day';

interface PlanMarginProps {
    acts: PlanActs;
    grid: ReturnType<typeof usePlanGrid>;
    panel: PlanPanel;
    format: HoursFormat;
    onPanel: (panel: PlanPanel) => void;
    onRemove: () => void;
    done: ReturnType<typeof useDone>;
}

/** The margin of the plan: what is being added or given by day, or else what is to be said of the row that one is on. */
export function PlanMargin({ acts, grid, panel, format, onPanel, onRemove, done }: PlanMarginProps) {
    const { plan, faults } = acts;
    const { row } = grid;
    const close = () => {
        onPanel('row');
        grid.go(grid.place);
    };
    if (panel === 'by day' && row?.kind === 'assignment') {
        return (
            <Margin label={text.week.margin}>
                <DaysForm
                    key={row.key}
                    assignment={row.assignment}
                    format={format}
                    faults={faults}
                    onClose={close}
                    onSpread={(days) => {
                        void acts.spread(row.assignment, days).then((isDone) => {
                            if (isDone) {
                                close();
                            }
                        });
                    }}
                />
            </Margin>
        );
    }
    if (panel === 'add task' || (panel === 'add person' && row !== undefined)) {
        return (
            <Margin label={text.week.margin}>
                <AddForm
                    task={panel === 'add task' ? null : (row?.task ?? null)}
                    roles={plan.roles}
                    found={grid.found}
                    faults={faults}
                    onAsk={grid.ask}
                    onAdd={(line) => acts.add([line], panel === 'add task' ? null : (row?.task.id ?? null))}
                    onClose={close}
                />
            </Margin>
        );
    }

    return (
        <Margin label={text.week.margin}>
            {row !== undefined && (
                <AttentionItem title={row.kind === 'task' ? row.task.name : row.assignment.assigneeName}>
                    {row.task.own !== null && row.task.assigned !== row.task.own && (
                        <p className={row.task.assigned > row.task.own ? 'text-ochre' : 'text-faded'}>
                            {row.task.assigned > row.task.own
                                ? text.plan.overAssigned(hoursWithUnit(row.task.assigned - row.task.own, format))
                                : text.plan.unassigned(hoursWithUnit(row.task.own - row.task.assigned, format))}
                        </p>
                    )}
                    {row.task.doneOn !== null && <p className="text-faded">{text.plan.isDone}</p>}
                    {plan.mayPlan && (
                        <p className="mt-1 flex flex-wrap gap-x-3">
                            <button
                                type="button"
                                className="act-quiet"
                                onClick={() => {
                                    onPanel('add person');
                                }}
                            >
                                {text.plan.addPerson}
                            </button>
                            {row.kind === 'assignment' && (
                                <button
                                    type="button"
                                    className="act-quiet"
                                    onClick={() => {
                                        onPanel('by day');
                                    }}
                                >
                                    {text.plan.giveDays}
                                </button>
                            )}
                            {row.kind === 'task' && (
                                <DoneForAll
                                    task={row.task.id}
                                    isDone={row.task.doneOn !== null}
                                    done={done}
                                    className="act-quiet"
                                />
                            )}
                            <button type="button" className="act-quiet" onClick={onRemove}>
                                {text.plan.remove}
                            </button>
                        </p>
                    )}
                </AttentionItem>
            )}
            {plan.mayPlan && row?.kind === 'assignment' && row.assignment.assignee.startsWith('person:') && (
                <LoadRemark
                    project={plan.code}
                    person={row.assignment.assignee.slice('person:'.length)}
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
        </Margin>
    );
}
