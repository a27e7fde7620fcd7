import { printNumber } from '@/lib/numbers';
import type { TransferState } from '@/types/generated/props';
import { plural } from './plural';

const states: Record<TransferState, string> = {
    waiting: 'waiting',
    checking: 'being checked',
    checked: 'checked, not imported yet',
    refused: 'not imported: something is wrong',
    queued: 'waiting to be imported',
    running: 'under way',
    done: 'done',
    failed: 'failed',
    'taken back': 'taken back',
};

/** Files in and out, in the browser. */
export const filesText = {
    filesPage: {
        title: 'Files',
        finding: (count: number) =>
            count === 0
                ? 'Nothing has been imported or exported in the browser yet.'
                : plural(count, { one: 'The latest import or export.', other: 'The latest # imports and exports.' }),
        import: 'Import files',
        importHint:
            'A ZIP, or CSV files with the names of exchange files, such as people.csv. You see what would change before anything does.',
        files: 'Files',
        folder: 'Folder of CSV files',
        replacesPlan: 'Replace the plan: assignments that are gone from the files end',
        check: 'Check files',
        export: 'Export files',
        kinds: 'Files to export',
        all: 'All files',
        none: 'No files',
        from: 'First day',
        to: 'Last day',
        periodHint: 'The period limits time, absences, leave and remaining estimates. Without days, everything is exported.',
        write: 'Export files',
        list: 'Imports and exports',
        kind: { import: 'Import', export: 'Export' },
        by: (name: string, at: string) => `${name}, ${at}`,
        state: states,
        percent: (percent: number) => `${String(percent)} %`,
        counts: (parts: string[]) => parts.join(', '),
        rows: (rows: number) => plural(rows, { one: 'one row', other: '# rows' }),
        new: (count: number) => `${printNumber(count)} new`,
        changed: (count: number) => `${printNumber(count)} changed`,
        gone: (count: number) => `${printNumber(count)} gone`,
        wrong: (count: number) => `${printNumber(count)} wrong`,
        same: (count: number) => `${printNumber(count)} unchanged`,
        open: 'See rows',
        openOf: (at: string) => `See rows of the import of ${at}`,
        download: 'Download',
        downloadOf: (at: string) => `Download the export of ${at}`,
        expired: 'no longer there',
    },
    importPage: {
        title: 'Import',
        findings: {
            waiting: 'The files are waiting to be checked.',
            checking: 'The files are being checked. Nothing is changed.',
            checked: 'The files are in order. Nothing is changed until you import them.',
            refused: 'The files cannot be imported. Nothing was changed.',
            queued: 'The files are waiting to be imported.',
            running: 'The files are being imported.',
            done: 'The files are imported.',
            failed: 'The files could not be imported.',
            'taken back': 'This import was taken back.',
        } satisfies Record<TransferState, string>,
        progress: (percent: number) => `${String(percent)} % of the rows`,
        summary: 'What it does',
        file: 'File',
        outcome: 'Outcome',
        outcomes: { '': 'All', new: 'New', changed: 'Changed', gone: 'Gone', wrong: 'Wrong' },
        outcomeOf: { new: 'new', changed: 'changed', gone: 'gone', wrong: 'wrong' } as Record<string, string>,
        allFiles: 'All files',
        line: 'Line',
        row: 'Row',
        change: 'Change',
        changed: (column: string, before: string, after: string) =>
            `${column}: ${before === '' ? '–' : before} → ${after === '' ? '–' : after}`,
        expected: (expected: string) => `Expected ${expected}.`,
        found: (count: number) => plural(count, { one: 'One row.', other: '# rows.' }),
        nothing: 'No row matches.',
        run: 'Import files',
        discard: 'Discard files',
        takeBack: 'Take back import',
        asks: 'Take back this import?',
        effect: 'What it added is removed, and what it changed is as it was before. That is possible only as long as nothing was built on it.',
        keep: 'Keep import',
        back: 'All imports and exports',
    },
};
