import { useDone } from '@/features/remaining';
import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import { useNarrow } from '@/lib/useNarrow';
import type { HoursFormat, PlanProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { ProjectTabs } from '@/ui/ProjectTabs';
import { Shell } from '@/ui/Shell';
import { soon } from '@/ui/soon';
import { Head } from '@inertiajs/react';
import { useState } from 'react';
import { pastedLines } from './pastedLines';
import { PlanHead } from './PlanHead';
import { PlanList } from './PlanList';
import { PlanMargin } from './PlanMargin';
import { PlanTable } from './PlanTable';
import { usePlan, type PlanActs } from './usePlan';
import { usePlanEvents } from './usePlanEvents';
import { usePlanGrid } from './usePlanGrid';

const SettingsForm = soon(async () => (await import('./SettingsForm')).SettingsForm);

/** What the margin of a plan shows. */
export type PlanPanel = 'row' | 'add task' | 'add person' | 'by day';

/** The plan of a project: tasks and who is on them, typed in one table, beside what it was on another day. */
export function PlanPage({ plan: first }: { plan: PlanProps }) {
    const format = useHoursFormat();
    const acts = usePlan(first, format);
    const { plan } = acts;
    const [showsSettings, showSettings] = useState(false);

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
            <PlanSentence plan={plan} format={format} />
            <FieldError />
            <PlanWork acts={acts} format={format} />
        </Shell>
    );
}

function PlanSentence({ plan, format }: { plan: PlanProps; format: HoursFormat }) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <p className="mt-1 text-[1.06rem]">
            {plan.tasks.length === 0 ? text.plan.nothing : text.plan.sentence(plan.tasks.length, hours(plan.planned))}{' '}
            {plan.compared !== null &&
                plan.comparedOn !== null &&
                text.plan.comparedSentence(wholeDate(plan.comparedOn), hours(plan.compared))}
        </p>
    );
}

/** The table with its margin, and what is done with both. */
function PlanWork({ acts, format }: { acts: PlanActs; format: HoursFormat }) {
    const { plan } = acts;
    const isNarrow = useNarrow();
    const [panel, setPanel] = useState<PlanPanel>('row');
    const done = useDone(plan.code);
    const grid = usePlanGrid(plan, acts, format);
    const remove = () => {
        if (grid.row !== undefined) {
            void acts.remove(grid.row);
        }
    };
    const events = usePlanEvents(plan, acts, grid, ({ kind }) => {
        if (!plan.mayPlan) {
            return;
        }
        if (kind === 'undo' || kind === 'redo') {
            void acts.step(kind === 'undo');
        } else if (kind === 'remove') {
            remove();
        } else if (kind === 'add task' || kind === 'add person' || kind === 'by day') {
            setPanel(kind);
        }
    });

    return (
        <div id="plan" className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-5 lg:grid-cols-[minmax(0,1fr)_15.5rem]">
            <div tabIndex={-1}>
                {plan.tasks.length === 0 ? (
                    plan.mayPlan && <PasteField acts={acts} />
                ) : isNarrow ? (
                    <PlanList plan={plan} acts={acts} format={format} />
                ) : (
                    <PlanTable plan={plan} grid={grid} events={events} faults={acts.faults} format={format} />
                )}
                {plan.mayPlan && <PlanFoot acts={acts} onPanel={setPanel} />}
            </div>
            <PlanMargin acts={acts} grid={grid} panel={panel} format={format} onPanel={setPanel} onRemove={remove} done={done} />
        </div>
    );
}

/** Where the rows of a spreadsheet go as long as there is no table. */
function PasteField({ acts }: { acts: PlanActs }) {
    return (
        <textarea
            aria-label={text.plan.pasteHere}
            placeholder={text.plan.pasteHere}
            rows={2}
            value=""
            readOnly
            className="field-sizing-content w-72 border-b border-edge bg-sheet px-2 py-1"
            onPaste={(event) => {
                event.preventDefault();
                void acts.add(pastedLines(event.clipboardData.getData('text/plain')), null);
            }}
        />
    );
}

function PlanFoot({ acts, onPanel }: { acts: PlanActs; onPanel: (panel: PlanPanel) => void }) {
    return (
        <p className="no-print mt-3 flex flex-wrap items-center gap-2">
            <button
                type="button"
                className="act"
                onClick={() => {
                    onPanel('add task');
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
            <span role="status" className={acts.isRefused && !acts.isSaving ? 'text-brick' : 'pencilled'}>
                {acts.isSaving ? text.week.saving : acts.said}
            </span>
        </p>
    );
}
