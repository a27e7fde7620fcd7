import { text } from '@/lib/text';
import { mayTypeHere } from './cellCommands';
import type { Does, Hands } from './commands';
import { foldedWith, moved, rowsOf } from './rows';

/** What concerns whole lines and the whole sheet. */
export function lineCommands(
    hands: Hands,
): Does<'edit' | 'collapse' | 'arrange' | 'add line' | 'remove line' | 'estimate' | 'submit' | 'start timer'> {
    const { sheet, state, grid, acts, open, type, say } = hands;
    const line = grid.here?.row.line;
    const collapse = () => {
        const row = grid.rows[grid.place.row];
        const code = row?.kind === 'collapsed' ? row.projectCode : row?.line.projectCode;
        if (code !== undefined) {
            acts.arrange(state.lines, foldedWith(state.collapsed, code));
        }
    };

    return {
        edit: () => {
            if (mayTypeHere(hands)) {
                type(null);
            } else if (grid.here === null) {
                collapse();
            }
        },
        collapse,
        arrange: ({ by, withProject }) => {
            if (line !== undefined) {
                const lines = moved(state.lines, line, by, withProject);
                acts.arrange(lines, state.collapsed);
                const row = rowsOf(lines, state.collapsed).findIndex(({ key }) => key === line.key);
                grid.go({ row, column: grid.place.column });
            }
        },
        'add line': () => {
            open('add line');
        },
        'remove line': () => {
            if (line !== undefined && (state.totals.lines[line.key] ?? 0) === 0) {
                acts.removeLine(line.key);
                say(text.week.lineRemoved);
            } else if (line !== undefined) {
                open('remove line');
            }
        },
        estimate: () => {
            if (line !== undefined) {
                open('estimate');
            }
        },
        'start timer': () => {
            if (line !== undefined) {
                hands.startTimer(line);
            }
        },
        submit: () => {
            if (sheet.maySubmit) {
                open('submit');
            } else {
                say(text.week.ownerSubmits(sheet.personName));
            }
        },
    };
}
