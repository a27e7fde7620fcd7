import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { LineProps, StretchProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { useState } from 'react';
import { clock, snapped, times } from './clockView';
import type { ByTheClock } from './useByTheClock';

const copy = text.timer.change;

interface StretchFormProps {
    stretch: StretchProps;
    lines: readonly LineProps[];
    days: readonly string[];
    step: number;
    acts: ByTheClock;
    onClose: () => void;
}

/** Changes time by the clock: its times, its day, its line, its note; or splits it, or removes it. */
export function StretchForm({ stretch, lines, days, step, acts, onClose }: StretchFormProps) {
    const [line, setLine] = useState(stretch.line);
    const [date, setDate] = useState(stretch.date);
    const [typed, type] = useState(times(stretch));
    const [note, setNote] = useState(stretch.note);
    const [billable, setBillable] = useState(stretch.billable);
    return (
        <form
            aria-label={copy.title(lines.find(({ key }) => key === stretch.line)?.taskName ?? '', fullDay(stretch.date))}
            className="mt-2 flex max-w-md flex-col gap-2 border-s-2 border-moss ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                void acts.change(stretch, { line, date, times: typed, note, billable }).then(closingIf(onClose));
            }}
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    event.stopPropagation();
                    onClose();
                }
            }}
        >
            <Field
                autoFocus
                label={copy.times}
                value={typed}
                onChange={(event) => {
                    type(event.currentTarget.value);
                }}
            />
            <Select label={copy.day} value={date} options={days.map((day) => [day, fullDay(day)] as const)} onChoose={setDate} />
            <Select
                label={copy.line}
                value={line}
                options={lines.map(({ key, taskName, projectName, roleName }) => [
                    key,
                    [taskName, projectName, roleName].filter((part) => part !== null).join(' · '),
                ])}
                onChoose={setLine}
            />
            {!stretch.isInked && (
                <Field
                    label={copy.note}
                    value={note}
                    maxLength={2000}
                    onChange={(event) => {
                        setNote(event.currentTarget.value);
                    }}
                />
            )}
            {!stretch.isInked && (
                <Checkbox
                    label={copy.notBillable}
                    checked={billable === false}
                    onChange={(isNot) => {
                        setBillable(isNot ? false : null);
                    }}
                />
            )}
            <StretchActs stretch={stretch} step={step} acts={acts} onClose={onClose} />
        </form>
    );
}

function closingIf(close: () => void) {
    return (isDone: boolean) => {
        if (isDone) {
            close();
        }
    };
}

/** What can be done beside saving it otherwise. */
function StretchActs({ stretch, step, acts, onClose }: Pick<StretchFormProps, 'stretch' | 'step' | 'acts' | 'onClose'>) {
    const middle = snapped((stretch.starts + stretch.ends) / 2, step);
    const done = closingIf(onClose);

    return (
        <>
            {acts.trouble !== null && (
                <p role="alert" className="text-brick">
                    {acts.trouble}
                </p>
            )}
            <div className="flex flex-wrap gap-x-3 gap-y-2">
                <button type="submit" className="act" disabled={acts.isBusy}>
                    {copy.save}
                </button>
                {middle > stretch.starts && middle < stretch.ends && (
                    <button type="button" className="act-quiet" onClick={() => void acts.split(stretch, middle).then(done)}>
                        {copy.splitAt(clock(middle))}
                    </button>
                )}
                <button type="button" className="act-quiet" onClick={() => void acts.remove(stretch).then(done)}>
                    {copy.remove}
                </button>
                <button type="button" className="act-quiet" onClick={onClose}>
                    {copy.cancel}
                </button>
            </div>
        </>
    );
}
