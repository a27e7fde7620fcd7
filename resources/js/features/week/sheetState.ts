import type {
    TaskRemainingProps,
    LineProps,
    PayProps,
    ProposalProps,
    SavedCellsProps,
    TotalsProps,
    WeekProps,
} from '@/types/generated/props';
import { cellKey, cellsOf, type Cell, type Cells, type Wanted } from './cells';

/** A sheet as it is shown. */
export interface SheetState {
    lines: LineProps[];
    cells: Cells;
    totals: TotalsProps;
    proposals: Readonly<Record<string, ProposalProps>>;
    collapsed: readonly string[];
    /** Remaining hours, by task. */
    remaining: Readonly<Record<number, TaskRemainingProps>>;
    /** By kinds of pay; null where no rule holds. */
    pay: PayProps | null;
}

export type SheetChange =
    | { kind: 'arrived'; sheet: WeekProps }
    | { kind: 'wanted'; wanted: ReadonlyMap<string, Wanted> }
    | { kind: 'answered'; answer: SavedCellsProps }
    | { kind: 'stored'; keys: readonly string[]; message: string }
    | { kind: 'refused'; keys: readonly string[]; message: string }
    | { kind: 'restored'; key: string }
    | { kind: 'pencilled'; proposals: ProposalProps[]; remaining: TaskRemainingProps[]; pay: PayProps | null }
    | { kind: 'estimated'; remaining: TaskRemainingProps }
    | { kind: 'rubbed out'; keys: readonly string[] }
    | { kind: 'arranged'; lines: LineProps[]; collapsed: readonly string[] };

function byCell(proposals: ProposalProps[]): Record<string, ProposalProps> {
    return Object.fromEntries(proposals.map((proposal) => [cellKey(proposal.line, proposal.date), proposal]));
}

function byTask(left: TaskRemainingProps[]): Record<number, TaskRemainingProps> {
    return Object.fromEntries(left.map((one) => [one.task, one]));
}

export function stateOf(sheet: WeekProps): SheetState {
    return {
        lines: sheet.lines,
        cells: cellsOf(sheet.lines),
        totals: sheet.totals,
        proposals: byCell(sheet.proposals),
        collapsed: sheet.collapsed,
        remaining: byTask(sheet.remaining),
        pay: sheet.pay,
    };
}

function withCells(state: SheetState, keys: readonly string[], changed: (cell: Cell, key: string) => Cell): SheetState {
    const cells = { ...state.cells };
    for (const key of keys) {
        const cell = cells[key];
        if (cell !== undefined) {
            cells[key] = changed(cell, key);
        }
    }

    return { ...state, cells };
}

/** A value that was typed again while it was on its way stays as it was typed last. */
function answered(state: SheetState, { cells, totals }: SavedCellsProps): SheetState {
    const changed = { ...state.cells };
    for (const { line, outcome, message, cell: saved } of cells) {
        const key = cellKey(line, saved.date);
        const cell = changed[key];
        if (cell === undefined) {
            continue;
        }
        // What posted corrections and approvers stand beside a cell is not told again when it is saved.
        const now = { ...saved, adjustments: cell.saved.adjustments };
        const wanted = cell.typed?.wanted ?? {};
        if (outcome === 'saved') {
            changed[key] = { saved: now, typed: null };
        } else if (outcome === 'refused') {
            changed[key] = { saved: now, typed: { wanted, status: 'refused', message: message ?? '' } };
        } else {
            changed[key] = { ...cell, typed: { wanted, status: 'moved on', message: message ?? '', current: now } };
        }
    }

    return { ...state, cells: changed, totals };
}

function without(proposals: SheetState['proposals'], keys: Iterable<string>): SheetState['proposals'] {
    const gone = new Set(keys);

    return Object.fromEntries(Object.entries(proposals).filter(([key]) => !gone.has(key)));
}

/** The sheet after a change; cells that are not there any more are left alone. */
export function changedSheet(state: SheetState, change: SheetChange): SheetState {
    switch (change.kind) {
        case 'arrived':
            return { ...stateOf(change.sheet), cells: cellsOf(change.sheet.lines, state.cells) };
        case 'wanted': {
            const next = withCells(state, [...change.wanted.keys()], (cell, key) => ({
                ...cell,
                typed: { wanted: { ...cell.typed?.wanted, ...change.wanted.get(key) }, status: 'saving' },
            }));
            const typedOver = [...change.wanted].filter(([, { hours }]) => hours !== undefined).map(([key]) => key);

            return { ...next, proposals: without(state.proposals, typedOver) };
        }
        case 'answered':
            return answered(state, change.answer);
        case 'stored':
        case 'refused': {
            const { kind: status, message } = change;

            return withCells(state, change.keys, (cell) => ({
                ...cell,
                typed: { wanted: cell.typed?.wanted ?? {}, status, message },
            }));
        }
        case 'restored':
            return withCells(state, [change.key], ({ saved, typed }) => ({
                saved: typed?.status === 'moved on' ? typed.current : saved,
                typed: null,
            }));
        case 'pencilled':
            return { ...state, proposals: byCell(change.proposals), remaining: byTask(change.remaining), pay: change.pay };
        case 'estimated':
            return { ...state, remaining: { ...state.remaining, [change.remaining.task]: change.remaining } };
        case 'rubbed out':
            return { ...state, proposals: without(state.proposals, change.keys) };
        case 'arranged':
            return { ...state, lines: change.lines, collapsed: change.collapsed };
    }
}
