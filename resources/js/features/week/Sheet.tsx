import { text } from '@/lib/text';
import type { HoursFormat, TotalsProps, WeekProps } from '@/types/generated/props';
import { Grid } from './Grid';
import { PencilIntro } from './PencilIntro';
import { QuickLine } from './QuickLine';
import { SheetFoot } from './SheetFoot';
import { SheetHeading } from './SheetHeading';
import { SheetMargin } from './SheetMargin';
import { useIsByTheClock } from './ViewChoice';
import { soon } from '@/ui/soon';
import { useSheetPage } from './useSheetPage';

const ClockDays = soon(async () => (await import('./ClockDays')).ClockDays);

interface SheetProps {
    sheet: WeekProps;
    title: string;
    format: HoursFormat;
    /** Tells what the sheet comes to, whenever that changes. */
    onTotals: (totals: TotalsProps) => void;
}

/** The sheet of one week with its margin. */
export function Sheet({ sheet, title, format, onTotals }: SheetProps) {
    const page = useSheetPage(sheet, format, onTotals);
    const { state, grid } = page;
    const isByTheClock = useIsByTheClock();

    return (
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-5 pt-2 lg:grid-cols-[minmax(0,1fr)_15.5rem]">
            <div>
                <SheetHeading sheet={sheet} entered={state.totals.week} title={title} format={format} />
                {sheet.explainsPencil && <PencilIntro />}
                <div id="hours" tabIndex={-1} className="outline-none">
                    {isByTheClock ? (
                        <ClockDays page={page} meanwhile={<p className="pencilled mt-2">{text.loading.comes}</p>} />
                    ) : grid.rows.length === 0 ? (
                        <p className="mt-6 max-w-prose">{text.week.noLines}</p>
                    ) : (
                        <Grid page={page} />
                    )}
                </div>
                {sheet.mayRecord && (
                    <QuickLine
                        quick={page.quick}
                        field={page.quickField}
                        cells={state.cells}
                        format={format}
                        onInk={page.inkReading}
                        onSubmit={() => {
                            page.command({ kind: 'submit' });
                        }}
                        onLeave={page.goBack}
                    />
                )}
                <SheetFoot page={page} />
            </div>
            <SheetMargin page={page} />
        </div>
    );
}
