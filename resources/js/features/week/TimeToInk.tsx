import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { StretchProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { soon } from '@/ui/soon';
import { useState } from 'react';
import { cellKey } from './cells';
import { times } from './clockView';
import type { SheetPage } from './useSheetPage';

const StretchForm = soon(async () => (await import('./StretchForm')).StretchForm);

const copy = text.timer.pencilled;

/** So many stand there at first. */
const FEW = 6;

/** What a timer measured or an appointment takes, and nobody has inked yet, with what it would come on top of. */
export function TimeToInk({ page }: { page: SheetPage }) {
    const { sheet, state, byTheClock: acts, format } = page;
    const [changing, change] = useState<number | null>(null);
    const [showsAll, showAll] = useState(false);
    const waiting = sheet.stretches.filter(({ isInked }) => !isInked);
    if (waiting.length === 0 || !sheet.mayRecord) {
        return null;
    }
    const sum = waiting.reduce((minutes, { starts, ends }) => minutes + ends - starts, 0);

    return (
        <AttentionItem title={copy.title}>
            <ul className="flex flex-col gap-2">
                {(showsAll ? waiting : waiting.slice(0, FEW)).map((stretch) => (
                    <li key={stretch.id}>
                        <Stretch
                            page={page}
                            stretch={stretch}
                            onChange={() => {
                                change(changing === stretch.id ? null : stretch.id);
                            }}
                        />
                        {changing === stretch.id && (
                            <StretchForm
                                key={stretch.version}
                                stretch={stretch}
                                lines={state.lines}
                                days={sheet.days.map(({ date }) => date)}
                                step={sheet.step}
                                acts={acts}
                                onClose={() => {
                                    change(null);
                                }}
                            />
                        )}
                    </li>
                ))}
            </ul>
            {!showsAll && waiting.length > FEW && (
                <button
                    type="button"
                    className="act-quiet mt-1"
                    onClick={() => {
                        showAll(true);
                    }}
                >
                    {copy.showAll(waiting.length)}
                </button>
            )}
            {waiting.length > 1 && (
                <button type="button" className="act mt-2" disabled={acts.isBusy} onClick={() => void acts.ink(waiting)}>
                    {copy.inkAll(hoursWithUnit(sum, format))}
                </button>
            )}
            {acts.trouble !== null && changing === null && (
                <p role="alert" className="mt-1 text-brick">
                    {acts.trouble}
                </p>
            )}
        </AttentionItem>
    );
}

function Stretch({ page, stretch, onChange }: { page: SheetPage; stretch: StretchProps; onChange: () => void }) {
    const { state, byTheClock: acts, format } = page;
    const task = state.lines.find(({ key }) => key === stretch.line)?.taskName ?? '';
    const [day, when] = [shortDay(stretch.date), times(stretch)];
    const held = state.cells[cellKey(stretch.line, stretch.date)]?.saved.minutes ?? null;
    const act = (name: string, does: () => void) => (
        <button
            type="button"
            className="act-quiet"
            aria-label={copy.of(name, task, day, when)}
            disabled={acts.isBusy}
            onClick={does}
        >
            {name}
        </button>
    );

    return (
        <>
            <p className="pencilled [overflow-wrap:anywhere]">
                {day}, {when} · {task} · {hoursWithUnit(stretch.ends - stretch.starts, format)}
                {held !== null && `; ${copy.adds(hoursWithUnit(held, format))}`}
            </p>
            {stretch.title !== null && <p className="pencilled text-ink">{stretch.title}</p>}
            {stretch.why !== null && <p className="pencilled text-[0.9rem]">{stretch.why}</p>}
            {stretch.note !== '' && stretch.note !== stretch.title && <p className="pencilled">{stretch.note}</p>}
            <p className="flex flex-wrap gap-x-3">
                {act(copy.ink, () => void acts.ink([stretch]))}
                {act(copy.change, onChange)}
                {act(stretch.appointment === null ? copy.discard : text.appointments.leaveOut, () => void acts.remove(stretch))}
                {stretch.appointment !== null &&
                    act(text.appointments.leaveOutForGood, () => {
                        acts.leaveOutForGood(stretch.appointment ?? 0);
                    })}
            </p>
        </>
    );
}
