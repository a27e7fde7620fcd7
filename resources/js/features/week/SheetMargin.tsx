import { EstimatePanel } from '@/features/remaining';
import { text } from '@/lib/text';
import { Margin } from '@/ui/Margin';
import { isSaving } from './cells';
import { CorrectionForm } from './CorrectionForm';
import { partsOf } from './going';
import { KeyList } from './KeyList';
import { LineSearch } from './LineSearch';
import { RemoveLinePanel } from './RemoveLinePanel';
import { SheetBeside } from './SheetBeside';
import type { SheetMarginProps } from './sheetMarginProps';
import { SubmitPanel } from './SubmitPanel';

/** The margin of the sheet: what is being asked, or else remarks on the cell that one is on and on the week. */
export function SheetMargin(props: SheetMarginProps) {
    return (
        <Margin label={text.week.margin}>
            <Asked {...props} />
            {props.panel === 'keys' && <KeyList onClose={props.onClose} />}
        </Margin>
    );
}

function Asked(props: SheetMarginProps) {
    const { sheet, state, grid, acts, format, panel, unsaved, onClose } = props;
    const line = grid.here?.row.line;
    if (panel === 'submit') {
        return (
            <SubmitPanel
                sheet={sheet}
                totals={state.totals}
                format={format}
                unsaved={unsaved}
                isSaving={isSaving(state.cells)}
                parts={partsOf(grid)}
                onClose={onClose}
            />
        );
    }
    if (panel === 'add line') {
        return (
            <LineSearch
                address={sheet.address}
                shown={new Set(state.lines.map(({ key }) => key))}
                onAdd={(key) => {
                    onClose();
                    acts.addLine(key);
                }}
                onClose={onClose}
            />
        );
    }
    if (panel === 'estimate' && line !== undefined) {
        return (
            <EstimatePanel
                key={line.task}
                address={`/people/${sheet.personCode}/tasks/${line.task}/remaining`}
                taskName={line.taskName}
                format={format}
                typed={props.typedRemaining}
                onUpdated={({ ofPerson }, sentence) => {
                    if (ofPerson !== null) {
                        acts.estimated(ofPerson);
                    }
                    if (props.typedRemaining !== null) {
                        props.onEstimateSaved(sentence);
                    }
                }}
                onClose={onClose}
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
                    onClose();
                    acts.removeLine(line.key);
                }}
                onClose={onClose}
            />
        );
    }

    return (
        <>
            {Object.keys(props.corrections.wanted).length > 0 && (
                <CorrectionForm corrections={props.corrections} lines={state.lines} cells={state.cells} format={format} />
            )}
            <SheetBeside {...props} />
        </>
    );
}
