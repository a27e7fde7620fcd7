import { shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { HoursFormat, LineProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { ReasonField } from '@/ui/ReasonField';
import { useState } from 'react';
import { ofKey, shownIn, type Cells } from './cells';
import type { Corrections } from './useCorrections';

interface CorrectionFormProps {
    corrections: Corrections;
    lines: LineProps[];
    cells: Cells;
    format: HoursFormat;
}

/** What was typed over approved or settled time, old and new, and the reason that it is asked for with. */
export function CorrectionForm({ corrections, lines, cells, format }: CorrectionFormProps) {
    const { wanted, isGoing } = corrections;
    const [reason, setReason] = useState('');
    const [isLacking, setLacking] = useState(false);
    const copy = text.week.correction;

    return (
        <AttentionItem title={copy.title(Object.keys(wanted).length)}>
            <form
                className="border-s-2 border-ochre ps-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    if (reason.trim() === '') {
                        setLacking(true);
                    } else {
                        corrections.ask(reason.trim());
                    }
                }}
                onKeyDown={(event) => {
                    if (event.key === 'Escape') {
                        corrections.leave();
                    }
                }}
            >
                <ul>
                    {Object.entries(wanted).map(([key, hours]) => {
                        const { line, date } = ofKey(key);
                        const cell = cells[key];

                        return (
                            <li key={key} className="[overflow-wrap:anywhere]">
                                {copy.of(lines.find((one) => one.key === line)?.taskName ?? '', shortDay(date))}:{' '}
                                <s className="text-faded">{cell === undefined ? '' : shownIn(cell, format)}</s>{' '}
                                <span className="pencilled">{hours === '' ? '0' : hours}</span>
                            </li>
                        );
                    })}
                </ul>
                <ReasonField
                    label={copy.reason}
                    value={reason}
                    isInvalid={isLacking}
                    onType={(typed) => {
                        setReason(typed);
                        setLacking(false);
                    }}
                />
                {isLacking && (
                    <p role="alert" className="text-brick">
                        {copy.reasonLacks}
                    </p>
                )}
                <p className="pencilled">{copy.stands}</p>
                <p className="mt-1 flex flex-wrap gap-2">
                    <button type="submit" className="act act-main" disabled={isGoing}>
                        {copy.ask}
                    </button>
                    <button type="button" className="act" onClick={corrections.leave}>
                        {copy.leave}
                    </button>
                </p>
            </form>
        </AttentionItem>
    );
}
