import type { CellProps, LineProps, ProposalProps, SavedCellProps, TotalsProps, WeekProps } from '@/types/generated/props';

/** A week for tests: 15 to 21 June 2026, with the lines that are given. */
export const dates = [15, 16, 17, 18, 19, 20, 21].map((day) => `2026-06-${day}`);

export function cell(date: string, given: Partial<CellProps> = {}): CellProps {
    return {
        date,
        minutes: null,
        version: null,
        state: null,
        isOpen: true,
        isCorrectable: false,
        billable: true,
        note: '',
        clientNote: '',
        proposedClientNote: null,
        recordedBy: null,
        recordedAt: null,
        returnComment: null,
        waitsFor: null,
        decided: 0,
        then: [],
        correction: null,
        declined: null,
        fields: {},
        pay: {},
        chargeCode: null,
        adjustments: [],
        ...given,
    };
}

export function line(task: number, project = 'LENS', cells: Record<string, Partial<CellProps>> = {}): LineProps {
    return {
        key: `${task}:`,
        task,
        role: null,
        taskName: `Task ${task}`,
        taskCode: `T${task}`,
        projectCode: project,
        projectName: project,
        phase: null,
        roleName: null,
        isPencilled: false,
        closedBecause: null,
        chargeCode: null,
        choosesChargeCode: false,
        fields: [],
        cells: dates.map((date) => cell(date, cells[date])),
    };
}

export const totals: TotalsProps = {
    week: 0,
    days: [0, 0, 0, 0, 0, 0, 0],
    approvedDays: [0, 0, 0, 0, 0, 0, 0],
    lines: {},
    projects: {},
    states: {},
};

export function proposal(key: string, date: string, minutes: number): ProposalProps {
    return { line: key, date, minutes, source: 'plan', times: [], why: 'plan' };
}

export function week(lines: LineProps[], proposals: ProposalProps[] = []): WeekProps {
    return {
        week: '2026-W25',
        number: 25,
        personCode: 'ada',
        personName: 'Ada Moor',
        usualRole: 'Surveyor',
        at: { person: 'ada', week: '2026-W25' },
        isOwn: true,
        isWhole: true,
        mayRecord: true,
        maySubmit: true,
        thisWeek: '2026-W25',
        expected: 2400,
        step: 15,
        days: dates.map((date) => ({ date, expected: 480, isWorkingDay: true, isToday: false, holiday: null, absences: [] })),
        lines,
        collapsed: [],
        totals,
        stretches: [],
        clockDays: [],
        proposals,
        remaining: [],
        pencil: { plan: true, lastWeek: 'off', usualWeek: true, trackedTime: null },
        ribbon: [],
        fields: [],
        pay: null,
        explainsPencil: false,
    };
}

export function saved(
    key: string,
    date: string,
    given: Partial<Omit<SavedCellProps, 'cell'>> & { cell?: Partial<CellProps> } = {},
): SavedCellProps {
    return { line: key, outcome: 'saved', message: null, ...given, cell: cell(date, given.cell) };
}
