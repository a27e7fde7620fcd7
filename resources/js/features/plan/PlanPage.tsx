import { useDone } from '@/features/remaining';
import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { useNarrow } from '@/lib/useNarrow';
import { text } from '@/lib/text';
import type { PlanProps } from '@/types/generated/props';
import { ProjectTabs } from '@/ui/ProjectTabs';
import { Shell } from '@/ui/Shell';
import { FieldError } from '@/ui/FieldError';
import { Head } from '@inertiajs/react';
import { useState } from 'react';
import { PlanHead } from './PlanHead';
import { PlanList } from './PlanList';
import { PlanMargin, type PlanPanel } from './PlanMargin';
import type { PlanRow } from './planRows';
import { PlanTable } from './PlanTable';
import { SettingsForm } from './SettingsForm';
import { usePlan } from './usePlan';
import { usePlanGrid } from './usePlanGrid';

/** The plan of a project: tasks and who is on them, typed in one table, beside what it was on another day. */
export function PlanPage({ plan: first }: { plan: PlanProps }) {
    const format = useHoursFormat();
    const isNarrow = useNarrow();
    const acts = usePlan(first, format);
    const { plan } = acts;
    const [panel, setPanel] = useState<PlanPanel>('row');
    const [showsSettings, showSettings] = useState(false);
    const done = useDone(plan.code);
    const remove = (row: PlanRow | undefined) => {
        if (row !== undefined) {
            void acts.remove(row);
        }
    };
    const grid = usePlanGrid(plan, acts, format, ({ kind }, row) => {
        if (!plan.mayPlan) {
            return;
        }
        if (kind === 'undo' || kind === 'redo') {
            void acts.step(kind === 'undo');
        } else if (kind === 'remove') {
            remove(row);
        } else if (kind === 'add task' || kind === 'add person' || kind === 'by day') {
            setPanel(kind);
        }
    });
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <Shell skipTo="#plan">
            <Head title={text.plan.title(plan.name)} />
            <ProjectTabs code={plan.code} />
            <PlanHead
                plan={plan}
                onSettings={() => {
                    showSettings(!showsSettings);
                }}
            />
            {showsSettings && (
                <SettingsForm
                    plan={plan}
                    onClose={() => {
                        showSettings(false);
                    }}
                />
            )}
            <p className="mt-1 text-[1.06rem]">
                {plan.tasks.length === 0 ? text.plan.nothing : text.plan.sentence(plan.tasks.length, hours(plan.planned))}{' '}
                {plan.compared !== null &&
                    plan.comparedOn !== null &&
                    text.plan.comparedSentence(wholeDate(plan.comparedOn), hours(plan.compared))}
            </p>
            <FieldError />
            <div id="plan" className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-5 lg:grid-cols-[minmax(0,1fr)_15.5rem]">
                <div tabIndex={-1}>
                    {plan.tasks.length > 0 && isNarrow && <PlanList plan={plan} acts={acts} format={format} />}
                    {plan.tasks.length > 0 && !isNarrow && (
                        <PlanTable plan={plan} grid={grid} faults={acts.faults} format={format} />
                    )}
                    {plan.tasks.length === 0 && plan.mayPlan && (
                        <textarea
                            aria-label={text.plan.pasteHere}
                            placeholder={text.plan.pasteHere}
                            rows={2}
                            value=""
                            readOnly
                            className="field-sizing-content w-72 border-b border-edge bg-sheet px-2 py-1"
                            onPaste={grid.events.onPaste}
                        />
                    )}
                    {plan.mayPlan && (
                        <p className="no-print mt-3 flex flex-wrap items-center gap-2">
                            <button
                                type="button"
                                className="act"
                                onClick={() => {
                                    setPanel('add task');
                                }}
                            >
                                {text.plan.addTask}
                            </button>
                            <button
                                type="button"
                                className="act"
                                onClick={() => {
                                    void acts.step(true);
                                }}
                            >
                                {text.week.undo}
                            </button>
                            <span role="status" className="pencilled">
                                {acts.isSaving ? text.week.saving : acts.said}
                            </span>
                        </p>
                    )}
                </div>
                <PlanMargin
                    acts={acts}
                    grid={grid}
                    panel={panel}
                    format={format}
                    onPanel={setPanel}
                    onRemove={() => {
                        remove(grid.row);
                    }}
                    done={done}
                />
            </div>
        </Shell>
    );
}
