import { text } from '@/lib/text';
import { Margin } from '@/ui/Margin';
import { soon } from '@/ui/soon';
import { CorrectionForm } from './CorrectionForm';
import { SheetBeside } from './SheetBeside';
import type { SheetPage } from './useSheetPage';

const AskedPanel = soon(async () => (await import('./AskedPanel')).AskedPanel);

/** The margin of the sheet: what is being asked, or else remarks on the cell that one is on and on the week. */
export function SheetMargin({ page }: { page: SheetPage }) {
    const { panel, grid } = page;
    const isAsked = panel === 'submit' || panel === 'add line' || (panel !== 'cell' && panel !== 'keys' && grid.here !== null);

    return (
        <Margin label={text.week.margin}>
            {(isAsked || panel === 'keys') && <AskedPanel page={page} />}
            {!isAsked && <Remarks page={page} />}
        </Margin>
    );
}

function Remarks({ page }: { page: SheetPage }) {
    const { state, format, corrections } = page;

    return (
        <>
            {Object.keys(corrections.wanted).length > 0 && (
                <CorrectionForm corrections={corrections} lines={state.lines} cells={state.cells} format={format} />
            )}
            <SheetBeside page={page} />
        </>
    );
}
