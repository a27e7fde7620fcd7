import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, LineProps } from '@/types/generated/props';
import { useEffect, useRef } from 'react';

interface RemoveLinePanelProps {
    line: LineProps;
    minutes: number;
    format: HoursFormat;
    onRemove: () => void;
    onClose: () => void;
}

/** Asks once before a line goes with its hours. */
export function RemoveLinePanel({ line, minutes, format, onRemove, onClose }: RemoveLinePanelProps) {
    const no = useRef<HTMLButtonElement>(null);
    useEffect(() => {
        no.current?.focus();
    }, []);

    return (
        <section
            aria-labelledby="remove-title"
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onClose();
                }
            }}
        >
            <h2 id="remove-title" className="[overflow-wrap:anywhere]">
                {text.week.remove.title(line.taskName)}
            </h2>
            <p className="mt-1">{text.week.remove.hours(hoursWithUnit(minutes, format))}</p>
            <div className="mt-2 flex flex-wrap gap-2">
                <button type="button" className="act" onClick={onRemove}>
                    {text.week.remove.yes}
                </button>
                <button ref={no} type="button" className="act" onClick={onClose}>
                    {text.week.remove.no}
                </button>
            </div>
        </section>
    );
}
