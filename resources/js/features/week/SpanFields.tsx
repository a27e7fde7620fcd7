import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, SpanProps, StretchProps } from '@/types/generated/props';
import { useState, type RefObject } from 'react';
import { clock, times } from './clockView';
import { attendanceOf } from './spanText';
import type { Remarks } from './useRemarks';

const copy = text.span;

export interface SpanFieldsProps {
    date: string;
    /** Of the week and the one before. */
    spans: readonly SpanProps[];
    /** The time by the clock of the day. */
    drawn: readonly StretchProps[];
    /** What is entered on the day, in minutes. */
    entered: number;
    format: HoursFormat;
    /** What focuses the first of its fields from elsewhere. */
    field: RefObject<HTMLInputElement | null>;
    onSave: Remarks['span'];
}

interface Typed {
    starts: string;
    ends: string;
    breaks: string;
}

/** From the first start to the last end of what was drawn, with what lies between as breaks. */
function drawnTimes(drawn: readonly StretchProps[]): Typed {
    const inOrder = [...drawn].sort((one, other) => one.starts - other.starts);
    const breaks: string[] = [];
    let reached = inOrder[0]?.starts ?? 0;
    for (const { starts, ends } of inOrder) {
        if (starts > reached) {
            breaks.push(times({ starts: reached, ends: starts }).replace('–', '-'));
        }
        reached = Math.max(reached, ends);
    }

    return { starts: clock(inOrder[0]?.starts ?? 0), ends: clock(reached), breaks: breaks.join(', ') };
}

/** Start, end and breaks of a day as they are typed, with what they come to. */
export function SpanFields({ date, spans, drawn, entered, format, field, onSave }: SpanFieldsProps) {
    const span = spans.find((one) => one.date === date);
    const [typed, type] = useState<Typed>({ starts: span?.starts ?? '', ends: span?.ends ?? '', breaks: span?.breaks ?? '' });
    const [trouble, setTrouble] = useState<string | null>(null);
    const before = spans.filter((one) => one.date < date).at(-1);
    const inked = drawn.filter(({ isInked, date: on }) => isInked && on === date);

    return (
        <form
            className="flex flex-col gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                const given = (value: string) => (value.trim() === '' ? null : value.trim());
                void onSave({ date, starts: given(typed.starts), ends: given(typed.ends), breaks: typed.breaks.trim() }).then(
                    setTrouble,
                );
            }}
            onKeyDown={(event) => {
                if (event.key === '"' && before !== undefined) {
                    event.preventDefault();
                    type(before);
                }
            }}
        >
            <TimeFields typed={typed} field={field} onType={type} />
            <Sum typed={typed} entered={entered} format={format} />
            <p className="flex flex-wrap gap-x-3 gap-y-1">
                <button type="submit" className="act">
                    {copy.save}
                </button>
                {before !== undefined && (
                    <Take
                        label={copy.before}
                        keys={'"'}
                        onTake={() => {
                            type(before);
                        }}
                    />
                )}
                {inked.length > 0 && (
                    <Take
                        label={copy.drawn}
                        onTake={() => {
                            type(drawnTimes(inked));
                        }}
                    />
                )}
            </p>
            {trouble !== null && (
                <p role="alert" className="text-brick">
                    {trouble === '' ? copy.lost : trouble}
                </p>
            )}
        </form>
    );
}

function Take({ label, keys, onTake }: { label: string; keys?: string; onTake: () => void }) {
    return (
        <button type="button" className="act-quiet" title={keys} aria-keyshortcuts={keys} onClick={onTake}>
            {label}
        </button>
    );
}

/** What the typed times come to, against what is entered. */
function Sum({ typed, entered, format }: { typed: Typed; entered: number; format: HoursFormat }) {
    const sum = attendanceOf(typed.starts, typed.ends, typed.breaks);
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const difference = sum === null ? 0 : sum.minutes - entered;

    return (
        <p role="status" className={difference === 0 ? 'pencilled min-h-5' : 'min-h-5 text-ochre'}>
            {sum !== null &&
                (difference === 0
                    ? copy.agrees(hours(sum.minutes))
                    : copy.differs(hours(sum.minutes), hours(entered), hours(Math.abs(difference)), difference > 0))}
            {sum?.isOvernight === true && ` ${copy.overnight}`}
        </p>
    );
}

function TimeFields({ typed, field, onType }: { typed: Typed; field: SpanFieldsProps['field']; onType: (typed: Typed) => void }) {
    return (
        <div className="flex flex-wrap items-baseline-last gap-2">
            {(
                [
                    ['starts', copy.starts, 'w-[4.6rem]', '08:00'],
                    ['ends', copy.ends, 'w-[4.6rem]', '16:30'],
                    ['breaks', copy.breaks, 'w-full', copy.breaksExample],
                ] as const
            ).map(([name, label, width, example]) => (
                <label key={name} className={`flex flex-col ${width === 'w-full' ? 'basis-full' : ''}`}>
                    <span className="text-faded">{label}</span>
                    <input
                        ref={name === 'starts' ? field : undefined}
                        name={name}
                        value={typed[name]}
                        placeholder={example}
                        autoComplete="off"
                        className={`min-h-8 border-b border-edge bg-sheet px-1 placeholder:text-pencil placeholder:italic ${width}`}
                        onChange={(event) => {
                            onType({ ...typed, [name]: event.currentTarget.value });
                        }}
                    />
                </label>
            ))}
        </div>
    );
}
