import { route } from '@/lib/route';
import { EstimatePanel } from '@/features/remaining';
import { SubmitPanel } from '@/features/submission';
import { text } from '@/lib/text';
import { isSaving, unsavedCount } from './cells';
import { partsOf } from './going';
import { KeyList } from './KeyList';
import { LineSearch } from './LineSearch';
import { RemoveLinePanel } from './RemoveLinePanel';
import type { SheetPage } from './useSheetPage';

/** What was asked for on the sheet: to submit, a line more or less, an estimate, the keys. */
export function AskedPanel({ page }: { page: SheetPage }) {
    const { sheet, state, grid, acts, format, panel, remaining, goBack } = page;
    const { totals } = state;
    const line = grid.here?.row.line;
    if (panel === 'submit') {
        return (
            <SubmitPanel
                title={text.week.confirm.title(sheet.number)}
                at={{ person: sheet.at.person, days: sheet.at.week }}
                open={(totals.states.draft ?? 0) + (totals.states.returned ?? 0)}
                entered={totals.week}
                expected={sheet.expected}
                format={format}
                unsaved={unsavedCount(state.cells)}
                isSaving={isSaving(state.cells)}
                parts={partsOf(grid)}
                onClose={goBack}
            />
        );
    }
    if (panel === 'add line') {
        return (
            <LineSearch
                at={sheet.at}
                shown={new Set(state.lines.map(({ key }) => key))}
                onAdd={(key) => {
                    goBack();
                    acts.addLine(key);
                }}
                onClose={goBack}
            />
        );
    }
    if (panel === 'estimate' && line !== undefined) {
        return (
            <EstimatePanel
                key={line.task}
                address={route('remaining', { person: sheet.personCode, task: line.task })}
                taskName={line.taskName}
                format={format}
                typed={remaining.typed}
                onUpdated={({ ofPerson }, sentence) => {
                    if (ofPerson !== null) {
                        acts.estimated(ofPerson);
                    }
                    if (remaining.typed !== null) {
                        remaining.onSaved(sentence);
                    }
                }}
                onClose={goBack}
            />
        );
    }
    if (panel === 'remove line' && line !== undefined) {
        return (
            <RemoveLinePanel
                line={line}
                minutes={state.totals.lines[line.key] ?? 0}
                format={format}
                onRemove={() => {
                    goBack();
                    acts.removeLine(line.key);
                }}
                onClose={goBack}
            />
        );
    }

    return panel === 'keys' ? <KeyList onClose={goBack} /> : null;
}
