import { route } from '@/lib/route';
import { hoursWithUnit } from '@/lib/hours';
import { useSignedOut } from '@/lib/signedOut';
import { text } from '@/lib/text';
import { router } from '@inertiajs/react';
import { isSaving, isWaiting, unsavedCount, type Cells } from './cells';
import type { Command } from './gridKeys';
import type { SheetPage } from './useSheetPage';

/** What can be done with the sheet as a whole, and whether all of it is saved. */
export function SheetFoot({ page }: { page: SheetPage }) {
    const { sheet, state, said, panel, format, command, open } = page;
    const { totals, proposals } = state;
    const unsent = (totals.states.draft ?? 0) + (totals.states.returned ?? 0);
    const submitted = totals.states.submitted ?? 0;
    const pencilled = Object.values(proposals).reduce((sum, { minutes }) => sum + minutes, 0);
    const act = (asked: Command) => () => {
        command(asked);
    };
    if (!sheet.mayRecord) {
        return <p className="pencilled mt-3">{text.week.readOnly}</p>;
    }

    return (
        <div className="no-print mt-2 flex flex-wrap items-center gap-x-3 gap-y-2">
            {sheet.maySubmit && (
                <button
                    type="button"
                    onClick={act({ kind: 'submit' })}
                    aria-expanded={panel === 'submit'}
                    disabled={unsent === 0}
                    className="act act-main"
                >
                    {text.week.submit}
                </button>
            )}
            {pencilled > 0 && (
                <>
                    <button type="button" className="act" onClick={act({ kind: 'ink', scope: 'all' })}>
                        {text.week.inkAll(hoursWithUnit(pencilled, format))}
                    </button>
                    <button type="button" className="act md:hidden" onClick={act({ kind: 'ink', scope: 'day' })}>
                        {text.week.inkDay}
                    </button>
                </>
            )}
            <button type="button" className="act" onClick={act({ kind: 'add line' })}>
                {text.week.addLine}
            </button>
            <button type="button" className="act" onClick={page.undo}>
                {text.week.undo}
            </button>
            {sheet.maySubmit && submitted > 0 && (
                <button
                    type="button"
                    onClick={() => {
                        router.delete(route('submission.take-back', { person: sheet.at.person, days: sheet.at.week }), {
                            preserveScroll: true,
                            preserveState: true,
                        });
                    }}
                    className="act"
                >
                    {text.week.takeBack} {hoursWithUnit(submitted, format)}
                </button>
            )}
            <SavedState cells={state.cells} />
            <p role="status" className="text-ochre">
                {said}
            </p>
            <button
                type="button"
                className="act-quiet ms-auto max-md:hidden"
                onClick={() => {
                    open('keys');
                }}
            >
                {text.week.keysHint}
            </button>
        </div>
    );
}

function SavedState({ cells }: { cells: Cells }) {
    const unsaved = unsavedCount(cells);
    const isOut = useSignedOut();

    return (
        <p role="status" className={unsaved > 0 ? 'text-brick' : 'pencilled'}>
            {isSaving(cells) ? text.week.saving : unsaved > 0 ? text.week.unsaved(unsaved) : text.week.saved}
            {isWaiting(cells) && ` ${isOut ? text.week.sentOnceSignedIn : text.week.sentLater}`}
        </p>
    );
}
