import { shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { FindingProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { FindingList } from './FindingList';
import { isAbout, lettersOf } from './findings';
import { ofKey } from './cells';
import type { Grid } from './useGrid';
import type { Remarks } from './useRemarks';

interface SheetFindingsProps {
    remarks: Remarks;
    grid: Grid;
    mayAnswer: boolean;
    onLeave: () => void;
    /** Goes to the times of the day that one is on. */
    onTimes: () => void;
}

/** The place of a finding on a line, with the way there; one on a day or the week names it in its words. */
/** What is cured by other times of a day. */
const ofTimes = new Set(['spans_differ', 'break_after_six', 'break_after_nine', 'rest_short']);

/** To the times of a day, which stand beside it. */
function toTimes(date: string, grid: Grid, onTimes: () => void) {
    const row = Math.max(
        0,
        grid.rows.findIndex(({ kind }) => kind === 'line'),
    );
    const column = [...Array(grid.size.columns).keys()].find((index) => ofKey(grid.keyAt(row, index) ?? '').date === date);

    return {
        place: text.span.change,
        go: () => {
            grid.go({ row, column: column ?? grid.place.column });
            onTimes();
        },
    };
}

function whereabouts({ rule, line, date }: FindingProps, grid: Grid, onTimes: () => void) {
    if (ofTimes.has(rule) && date !== null) {
        return toTimes(date, grid, onTimes);
    }
    const row = grid.rows.findIndex(({ key }) => key === line);
    const found = grid.rows[row];
    const column = [...Array(grid.size.columns).keys()].find((index) => ofKey(grid.keyAt(row, index) ?? '').date === date);
    if (found?.kind !== 'line') {
        return null;
    }

    return {
        place: [found.line.taskName, date === null ? null : shortDay(date)].filter((part) => part !== null).join(', '),
        go: () => {
            grid.go({ row, column: column ?? grid.place.column });
        },
    };
}

/** What the house rules find: first about the cell that one is on, then elsewhere in the week. */
export function SheetFindings({ remarks, grid, mayAnswer, onLeave, onTimes }: SheetFindingsProps) {
    const { findings } = remarks;
    const at = grid.here === null ? null : ofKey(grid.here.key);
    const here = findings.filter((finding) => isAbout(finding, at));
    const elsewhere = findings.filter((finding) => !isAbout(finding, at));
    const letters = lettersOf(findings);
    const onAnswer = mayAnswer ? remarks.answer : undefined;

    return (
        <>
            {here.length > 0 && (
                <AttentionItem title={text.findings.here}>
                    <FindingList
                        findings={here}
                        letters={letters}
                        onAnswer={onAnswer}
                        whereabouts={(finding) => (ofTimes.has(finding.rule) ? whereabouts(finding, grid, onTimes) : null)}
                        onLeave={onLeave}
                    />
                </AttentionItem>
            )}
            {elsewhere.length > 0 && (
                <AttentionItem title={text.findings.elsewhere}>
                    <FindingList
                        findings={elsewhere}
                        letters={letters}
                        onAnswer={onAnswer}
                        whereabouts={(finding) => whereabouts(finding, grid, onTimes)}
                        onLeave={onLeave}
                    />
                </AttentionItem>
            )}
        </>
    );
}
