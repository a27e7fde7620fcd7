import { hoursWithUnit } from '@/lib/hours';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { HoursFormat, WaitingSheetProps } from '@/types/generated/props';
import clsx from 'clsx';
import { ReturnForm } from './ReturnForm';
import { SheetNotes } from './SheetNotes';
import { cellsOf, minutesOf } from './taken';
import type { ReviewDesk } from './useDesk';
import { WaitingGrid } from './WaitingGrid';

interface WaitingSheetPartProps {
    sheet: WaitingSheetProps;
    index: number;
    /** Whether the keys act on it. */
    isHere: boolean;
    desk: ReviewDesk;
    phrases: readonly string[];
    format: HoursFormat;
}

/** One person's week under review: whole, by line or by cell. */
export function WaitingSheet({ sheet, index, isHere, desk, phrases, format }: WaitingSheetPartProps) {
    const taken = desk.takenOf(sheet);
    const all = cellsOf(sheet.lines);
    const cells = all.filter(({ id }) => taken.has(id));
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const title = text.reviewPage.open(sheet.personName, sheet.number);

    return (
        <section
            aria-label={title}
            className={clsx('border-s-2 ps-3', isHere ? 'border-ink' : 'border-rule')}
            onFocus={() => {
                desk.goTo(index);
            }}
        >
            <div className="flex flex-wrap items-baseline gap-x-3">
                <h2 className="min-w-0 text-[1.1rem] [overflow-wrap:anywhere]">{title}</h2>
                <p className="text-faded">
                    {sheet.isWhole
                        ? text.reviewPage.sentence(hours(sheet.minutes), hours(sheet.entered), hours(sheet.expected))
                        : text.reviewPage.waitingOnly(hours(sheet.minutes))}
                </p>
                {sheet.standingInFor.length > 0 && (
                    <p className="pencilled">{text.reviewPage.standing(printList(sheet.standingInFor))}</p>
                )}
            </div>
            <WaitingGrid
                sheet={sheet}
                index={index}
                taken={taken}
                arrivals={desk.arrivals}
                onToggle={(ids) => {
                    desk.toggle(sheet, ids);
                }}
                format={format}
            />
            <SheetNotes sheet={sheet} />
            {desk.returning === sheet.key ? (
                <ReturnForm
                    hours={hours(minutesOf(cells))}
                    phrases={phrases}
                    going={desk.isGoing}
                    onCancel={() => {
                        desk.setReturning(null);
                    }}
                    onReturn={(comment) => {
                        desk.decide(sheet, 'return', comment);
                    }}
                />
            ) : (
                <div className="mt-2 flex flex-wrap items-center gap-2">
                    <button
                        type="button"
                        disabled={cells.length === 0 || desk.isGoing}
                        className="act"
                        onClick={() => {
                            desk.decide(sheet, 'approve', '');
                        }}
                    >
                        {text.reviewPage.approveAll(hours(minutesOf(cells)))}
                    </button>
                    <button
                        type="button"
                        disabled={cells.length === 0 || desk.isGoing}
                        className="act"
                        onClick={() => {
                            desk.setReturning(sheet.key);
                        }}
                    >
                        {text.reviewPage.returnAll(hours(minutesOf(cells)))}
                    </button>
                    <span className="pencilled">{text.reviewPage.chosen(cells.length, all.length)}</span>
                </div>
            )}
        </section>
    );
}
