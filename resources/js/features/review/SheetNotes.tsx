import { shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { FindingProps, WaitingSheetProps } from '@/types/generated/props';
import clsx from 'clsx';

/** Where a finding stands on the sheet. */
function placeOf({ line, date }: FindingProps, sheet: WaitingSheetProps): string {
    const task = line === null ? null : (sheet.lines.find(({ key }) => key === line)?.taskName ?? null);

    return [task, date === null ? null : shortDay(date)].filter((part) => part !== null).join(', ');
}

/** What was found in it and what was said to that, what was answered, and what was noted. */
export function SheetNotes({ sheet }: { sheet: WaitingSheetProps }) {
    const order = { blocking: 0, explanation: 1, information: 2, off: 3 };
    const findings = [...sheet.findings].sort((one, other) => order[one.severity] - order[other.severity]);
    const notes = sheet.lines.flatMap((line) =>
        line.cells
            .filter(({ note, clientNote, recordedBy }) => note !== '' || clientNote !== '' || recordedBy !== null)
            .map((cell) => ({ ...cell, task: line.taskName })),
    );

    return (
        <div className="mt-1 flex flex-col gap-1 text-[0.92em] [overflow-wrap:anywhere]">
            {findings.map((finding) => (
                <p
                    key={`${finding.rule} ${finding.line ?? ''} ${finding.date ?? ''}`}
                    className={clsx(finding.severity === 'information' ? 'pencilled' : 'text-ochre')}
                >
                    {finding.line === null ? '' : `${placeOf(finding, sheet)}: `}
                    {finding.what}
                    {finding.explanation !== '' && <q className="ms-1 text-ink">{finding.explanation}</q>}
                </p>
            ))}
            {sheet.answers.map(({ question, answer }) => (
                <p key={question}>
                    <span className="text-faded">{question}</span> {answer}
                </p>
            ))}
            {sheet.pay !== '' && <p className="pencilled">{sheet.pay}</p>}
            {sheet.fields.map((sentence) => (
                <p key={sentence}>{sentence}</p>
            ))}
            {notes.map((cell) => (
                <p key={cell.id}>
                    <span className="text-faded">
                        {cell.task}, {shortDay(cell.date)}:
                    </span>{' '}
                    {cell.note}
                    {cell.clientNote !== '' && (
                        <span>
                            {' '}
                            “{cell.clientNote}” <span className="text-faded">({text.reviewPage.client})</span>
                        </span>
                    )}
                    {cell.recordedBy !== null && (
                        <span className="text-ochre"> {text.reviewPage.recordedBy(cell.recordedBy)}</span>
                    )}
                </p>
            ))}
        </div>
    );
}
