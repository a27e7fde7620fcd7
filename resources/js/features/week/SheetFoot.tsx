import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, WeekProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { isSaving, isWaiting, unsavedCount } from './cells';
import type { Command } from './gridKeys';
import type { SheetState } from './sheetState';

interface SheetFootProps {
    sheet: WeekProps;
    state: SheetState;
    said: string;
    isAsking: boolean;
    format: HoursFormat;
    onCommand: (command: Command) => void;
    onKeys: () => void;
}

/** What can be done with the sheet as a whole, and whether all of it is saved. */
export function SheetFoot({ sheet, state, said, isAsking, format, onCommand, onKeys }: SheetFootProps) {
    const { cells, totals, proposals } = state;
    const unsaved = unsavedCount(cells);
    const open = (totals.states.draft ?? 0) + (totals.states.returned ?? 0);
    const submitted = totals.states.submitted ?? 0;
    const pencilled = Object.values(proposals).reduce((sum, { minutes }) => sum + minutes, 0);
    if (!sheet.mayRecord) {
        return <p className="pencilled mt-3">{text.week.readOnly}</p>;
    }

    return (
        <div className="no-print mt-2 flex flex-wrap items-center gap-x-3 gap-y-2">
            {sheet.maySubmit && (
                <button
                    type="button"
                    onClick={() => {
                        onCommand({ kind: 'submit' });
                    }}
                    aria-expanded={isAsking}
                    disabled={open === 0}
                    className="act act-main"
                >
                    {text.week.submit}
                </button>
            )}
            {pencilled > 0 && (
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        onCommand({ kind: 'ink', scope: 'all' });
                    }}
                >
                    {text.week.inkAll(hoursWithUnit(pencilled, format))}
                </button>
            )}
            {pencilled > 0 && (
                <button
                    type="button"
                    className="act md:hidden"
                    onClick={() => {
                        onCommand({ kind: 'ink', scope: 'day' });
                    }}
                >
                    {text.week.inkDay}
                </button>
            )}
            <button
                type="button"
                className="act"
                onClick={() => {
                    onCommand({ kind: 'add line' });
                }}
            >
                {text.week.addLine}
            </button>
            <button
                type="button"
                className="act"
                onClick={() => {
                    onCommand({ kind: 'undo' });
                }}
            >
                {text.week.undo}
            </button>
            {sheet.maySubmit && submitted > 0 && (
                <button
                    type="button"
                    onClick={() => {
                        router.delete(`${sheet.address}/submission`, { preserveScroll: true, preserveState: true });
                    }}
                    className="act"
                >
                    {text.week.takeBack} {hoursWithUnit(submitted, format)}
                </button>
            )}
            <p role="status" className={unsaved > 0 ? 'text-brick' : 'pencilled'}>
                {isSaving(cells) ? text.week.saving : unsaved > 0 ? text.week.unsaved(unsaved) : text.week.saved}
                {isWaiting(cells) && ` ${text.week.sentLater}`}
            </p>
            <p role="status" className="text-ochre">
                {said}
            </p>
            <button type="button" className="act-quiet ms-auto max-md:hidden" onClick={onKeys}>
                {text.week.keysHint}
            </button>
        </div>
    );
}
