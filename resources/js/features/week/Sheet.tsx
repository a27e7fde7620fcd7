import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, WeekProps } from '@/types/generated/props';
import { Margin } from '@/ui/Margin';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { CellRemark } from './CellRemark';
import { cellKey, isSaving, unsavedCount } from './cells';
import { Grid } from './Grid';
import type { Place } from './gridMoves';
import { Keys, Strokes, WeekRemarks } from './Remarks';
import { SubmitPanel } from './SubmitPanel';
import { useCells } from './useCells';
import { weekSentence } from './weekSentence';

/** The sheet of one week with its margin. */
export function Sheet({ sheet, title, format }: { sheet: WeekProps; title: string; format: HoursFormat }) {
    const { cells, totals, acts } = useCells(sheet);
    const [place, setPlace] = useState<Place>({
        row: 0,
        column: Math.max(
            0,
            sheet.days.findIndex((day) => day.isToday),
        ),
    });
    const [asking, setAsking] = useState(false);
    const line = sheet.lines[place.row];
    const cell = line === undefined ? undefined : cells[cellKey(line.key, sheet.days[place.column]?.date ?? '')];
    const unsaved = unsavedCount(cells);
    const open = (totals.states.draft ?? 0) + (totals.states.returned ?? 0);
    const ask = () => {
        setAsking(sheet.mayRecord);
    };

    return (
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-5 pt-2 lg:grid-cols-[minmax(0,1fr)_15.5rem]">
            <div>
                <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
                    <h1>
                        {title}
                        {!sheet.isOwn && <span className="font-normal"> · {sheet.personName}</span>}
                    </h1>
                    <p>{weekSentence(totals.week, sheet.owed, format)}</p>
                </div>
                {sheet.lines.length === 0 ? (
                    <p className="mt-6 max-w-prose">{text.week.noLines}</p>
                ) : (
                    <Grid
                        sheet={sheet}
                        cells={cells}
                        totals={totals}
                        acts={acts}
                        format={format}
                        place={place}
                        onMove={setPlace}
                        onSubmit={ask}
                    />
                )}
                {sheet.mayRecord && (
                    <div className="no-print mt-3 flex flex-wrap items-center gap-3">
                        <button type="button" onClick={ask} aria-expanded={asking} disabled={open === 0} className="act act-main">
                            {text.week.submit}
                        </button>
                        {(totals.states.submitted ?? 0) > 0 && (
                            <button
                                type="button"
                                onClick={() => {
                                    router.delete(`/week/${sheet.week}/submission`, { preserveScroll: true });
                                }}
                                className="act"
                            >
                                {text.week.takeBack} {hoursInWords(totals.states.submitted ?? 0, format)}
                            </button>
                        )}
                        <p role="status" className={unsaved > 0 ? 'text-brick' : 'pencilled'}>
                            {isSaving(cells) ? text.week.saving : unsaved > 0 ? text.week.unsaved(unsaved) : text.week.saved}
                        </p>
                    </div>
                )}
                {!sheet.mayRecord && <p className="pencilled mt-3">{text.week.readOnly}</p>}
            </div>
            <Margin label={text.week.margin}>
                {asking ? (
                    <SubmitPanel
                        sheet={sheet}
                        totals={totals}
                        format={format}
                        unsaved={unsaved}
                        isSaving={isSaving(cells)}
                        onClose={() => {
                            setAsking(false);
                        }}
                    />
                ) : (
                    <>
                        {line !== undefined && cell !== undefined && (
                            <CellRemark line={line} cell={cell} acts={acts} format={format} />
                        )}
                        <WeekRemarks days={sheet.days} format={format} />
                        <Strokes />
                        {sheet.mayRecord && <Keys />}
                    </>
                )}
            </Margin>
        </div>
    );
}
