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
}

/** The place of a finding on a line, with the way there; one on a day or the week names it in its words. */
function whereabouts({ line, date }: FindingProps, grid: Grid) {
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
export function SheetFindings({ remarks, grid, mayAnswer, onLeave }: SheetFindingsProps) {
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
                    <FindingList findings={here} letters={letters} onAnswer={onAnswer} onLeave={onLeave} />
                </AttentionItem>
            )}
            {elsewhere.length > 0 && (
                <AttentionItem title={text.findings.elsewhere}>
                    <FindingList
                        findings={elsewhere}
                        letters={letters}
                        onAnswer={onAnswer}
                        whereabouts={(finding) => whereabouts(finding, grid)}
                        onLeave={onLeave}
                    />
                </AttentionItem>
            )}
        </>
    );
}
