// Written by `php artisan moss:types` from the props classes in app/Features; do not edit.

export type CellOutcome = 'saved' | 'refused' | 'moved on';

export type EntryState = 'draft' | 'submitted' | 'approved' | 'returned' | 'settled';

export type Figure = 'planned' | 'actual' | 'pending' | 'remaining' | 'forecast' | 'variance';

export type HoursFormat = 'decimal' | 'clock';

export type LastWeekPencil = 'off' | 'lines' | 'hours';

export type PencilSource = 'plan' | 'last week' | 'usual week';

export type RowLevel = 'phase' | 'task' | 'holder';

export type TaskGroup = 'recent' | 'mine' | 'team' | 'later' | 'non-project';

export type TrustReason = 'named' | 'line manager' | 'office';

export interface FiguresProps {
    planned: number;
    actual: number;
    pending: number;
    remaining: number;
    forecast: number;
    variance: number;
    variancePercentage: string | null;
    money: MoneyProps | null;
}

export interface MoneyProps {
    plannedCost: string | null;
    actualCost: string | null;
    forecastCost: string | null;
    unratedPlanned: number;
    unratedEntered: number;
    budget: string | null;
    budgetLeft: string | null;
}

export interface ProjectProps {
    code: string;
    name: string;
    client: string | null;
    manager: string;
    startsOn: string | null;
    endsOn: string | null;
    isOpen: boolean;
    currency: string;
    figures: FiguresProps;
    rows: ProjectRowProps[];
    trace: TraceProps | null;
}

export interface ProjectRowProps {
    level: RowLevel;
    name: string;
    task: string | null;
    holder: string | null;
    isDone: boolean;
    overAssigned: number;
    figures: FiguresProps;
}

export interface ProjectSummaryProps {
    code: string;
    name: string;
    client: string | null;
    manager: string;
    isOpen: boolean;
    isInternal: boolean;
    figures: FiguresProps;
}

export interface ProjectsProps {
    projects: ProjectSummaryProps[];
}

export interface TraceEntryProps {
    date: string;
    person: string;
    task: string;
    minutes: number;
    state: EntryState;
    note: string;
    corrects: string | null;
}

export interface TraceHolderProps {
    task: string;
    name: string;
    planned: number;
    entered: number;
    remaining: number;
    restatedOn: string | null;
    restatedBy: string | null;
    restated: number | null;
    saidDone: boolean;
    reason: string;
}

export interface TraceProps {
    figure: Figure;
    minutes: number;
    task: string | null;
    holder: string | null;
    holders: TraceHolderProps[];
    entries: TraceEntryProps[];
    allEntries: number;
}

export interface OpenWeekProps {
    personCode: string;
    personName: string;
    week: string;
    number: number;
    owed: number;
    entered: number;
    minutes: number;
    days: DayProps[];
    dayTotals: number[];
    lines: WaitingLineProps[];
    standingInFor: string[];
}

export interface ReviewProps {
    minutes: number;
    entries: number;
    weeks: WaitingWeekProps[];
    open: OpenWeekProps | null;
}

export interface WaitingCellProps {
    id: number;
    version: number;
    date: string;
    minutes: number;
    note: string;
    clientNote: string;
    recordedBy: string | null;
}

export interface WaitingLineProps {
    key: string;
    taskName: string;
    projectCode: string;
    projectName: string;
    roleName: string | null;
    billable: boolean;
    minutes: number;
    cells: WaitingCellProps[];
}

export interface WaitingWeekProps {
    personCode: string;
    personName: string;
    week: string;
    monday: string;
    minutes: number;
    entries: number;
    standingInFor: string[];
}

export interface PersonProps {
    code: string;
    name: string;
}

export interface RecorderProps {
    code: string;
    name: string;
    maySubmit: boolean;
}

export interface SheetOwnerProps {
    code: string;
    name: string;
    team: string | null;
    reason: TrustReason;
    maySubmit: boolean;
}

export interface SheetsProps {
    week: string;
    search: string;
    owners: SheetOwnerProps[];
    more: number;
    recorders: RecorderProps[];
    people: PersonProps[];
}

export interface DemoPersonProps {
    code: string;
    name: string;
    does: string;
}

export interface SignInProps {
    organisation: string;
    demoPeople: DemoPersonProps[];
}

export interface SignedInProps {
    code: string;
    name: string;
    hoursFormat: HoursFormat;
    recordsTime: boolean;
    reviews: boolean;
    seesProjects: boolean;
    waiting: number;
}

export interface AbsenceProps {
    kind: string;
    minutes: number | null;
}

export interface AdjustmentProps {
    minutes: number;
    corrects: string;
    note: string;
}

export interface CellProps {
    date: string;
    minutes: number | null;
    version: number | null;
    state: EntryState | null;
    billable: boolean;
    note: string;
    clientNote: string;
    proposedClientNote: string | null;
    recordedBy: string | null;
    recordedAt: string | null;
    returnWord: string | null;
    waitsFor: string | null;
    adjustments: AdjustmentProps[];
}

export interface DayProps {
    date: string;
    owed: number;
    isWorkingDay: boolean;
    isToday: boolean;
    holiday: string | null;
    absences: AbsenceProps[];
}

export interface LineProps {
    key: string;
    task: number;
    role: number | null;
    taskName: string;
    taskCode: string;
    projectCode: string;
    projectName: string;
    phase: string | null;
    roleName: string | null;
    isPencilled: boolean;
    closedBecause: string | null;
    cells: CellProps[];
}

export interface PencilProps {
    plan: boolean;
    lastWeek: LastWeekPencil;
    usualWeek: boolean;
}

export interface ProposalProps {
    line: string;
    date: string;
    minutes: number;
    source: PencilSource;
    why: string;
}

export interface QuickReadingProps {
    task: TaskOfferProps | null;
    candidates: TaskOfferProps[];
    days: string[];
    minutes: number;
    adds: boolean;
    note: string;
    message: string | null;
}

export interface RibbonWeekProps {
    week: string;
    monday: string;
    owed: number;
    draft: number;
    submitted: number;
    returned: number;
    approved: number;
    isThisWeek: boolean;
}

export interface RoleProps {
    id: number;
    name: string;
}

export interface SavedCellProps {
    line: string;
    outcome: CellOutcome;
    message: string | null;
    cell: CellProps;
}

export interface SavedCellsProps {
    cells: SavedCellProps[];
    totals: TotalsProps;
}

export interface TaskOfferProps {
    task: number;
    role: number | null;
    line: string;
    taskName: string;
    taskCode: string;
    projectCode: string;
    projectName: string;
    chargeCode: string | null;
    roleName: string | null;
    group: TaskGroup;
}

export interface TaskOffersProps {
    tasks: TaskOfferProps[];
    more: number;
    roles: RoleProps[];
}

export interface TotalsProps {
    week: number;
    days: number[];
    approvedDays: number[];
    lines: Record<string, number>;
    projects: Record<string, number>;
    states: Record<string, number>;
}

export interface TrailLineProps {
    at: string;
    actor: string;
    onBehalfOf: string | null;
    act: string;
    before: number | null;
    after: number | null;
    note: string | null;
    clientNote: string | null;
    why: string;
}

export interface WeekProps {
    week: string;
    number: number;
    personCode: string;
    personName: string;
    address: string;
    isOwn: boolean;
    mayRecord: boolean;
    maySubmit: boolean;
    thisWeek: string;
    owed: number;
    step: number;
    days: DayProps[];
    lines: LineProps[];
    folded: string[];
    totals: TotalsProps;
    proposals: ProposalProps[];
    pencil: PencilProps;
    ribbon: RibbonWeekProps[];
}
