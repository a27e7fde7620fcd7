// Written by `php artisan moss:types` from the props classes in app; do not edit.

export type AbsenceClass = 'leave' | 'sickness' | 'other';

export type AbsenceVisibility = 'everybody' | 'managers';

export type Access = 'member' | 'manager' | 'office' | 'viewer';

export type AccessRight = 'read' | 'record' | 'review' | 'plan' | 'office';

export type AccountState = 'active' | 'invited' | 'invitation expired' | 'not invited' | 'disabled' | 'left';

export type AttentionKind = 'over budget' | 'over plan' | 'not updated' | 'budget going' | 'estimate raised' | 'nothing lately' | 'not submitted' | 'over assigned';

export type BillingDetail = 'entry' | 'task' | 'project' | 'person';

export type BillingKind = 'bill' | 'payroll';

export type BillingState = 'settling' | 'done';

export type CellOutcome = 'saved' | 'refused' | 'moved on';

export type DayUnit = 'half_day' | 'tenth_of_day';

export type DecisionKind = 'approve' | 'return' | 'approve itself';

export type DeskGrouping = 'person' | 'project' | 'week';

export type DirectoryKind = 'teams' | 'roles' | 'clients';

export type EntryState = 'draft' | 'submitted' | 'approved' | 'returned' | 'settled';

export type EstimateMode = 'immediate' | 'notify' | 'approve';

export type ExpenseStatementKind = 'reimbursement' | 'client';

export type FieldKind = 'text' | 'number' | 'choice' | 'yes-no' | 'date';

export type FieldSubject = 'entry' | 'task' | 'project' | 'person' | 'expense';

export type FigureKind = 'planned' | 'actual' | 'pending' | 'remaining' | 'forecast' | 'variance';

export type FirstStep = 'organisation' | 'people' | 'clients' | 'project' | 'rules' | 'rates' | 'week';

export type Grouping = 'project' | 'phase' | 'task' | 'person' | 'team' | 'client' | 'manager' | 'role' | 'charge-code' | 'billable' | 'field' | 'quarter' | 'month' | 'week';

export type HealthCheck = 'database' | 'queue' | 'scheduler' | 'disk' | 'backup';

export type HoursFormat = 'decimal' | 'clock';

export type LastWeekPencil = 'off' | 'lines' | 'hours';

export type LeaveState = 'requested' | 'approved' | 'declined' | 'taken back' | 'replaced';

export type LimitPer = 'expense' | 'day';

export type LimitUnit = 'minutes' | 'days' | 'characters' | 'money';

export type Measure = 'planned' | 'planned-to-date' | 'actual' | 'pending' | 'difference' | 'difference-pct' | 'variance' | 'variance-pct' | 'billable' | 'billable-share' | 'cost' | 'bill-value' | 'margin' | 'expenses' | 'overtime' | 'double-time' | 'nights' | 'sundays' | 'holidays' | 'premiums' | 'expected' | 'utilisation' | 'remaining' | 'forecast';

export type MeasureUnit = 'hours' | 'money' | 'percent';

export type MessageKind = 'assigned' | 'returned' | 'decided' | 'expenses returned' | 'expenses decided' | 'receipts waiting' | 'correction waiting' | 'correction decided' | 'estimate updated' | 'estimate waiting' | 'estimate decided' | 'stand-in added' | 'task picked up' | 'day reminder' | 'week due' | 'week overdue' | 'period closing' | 'decisions due' | 'leave requested' | 'leave approved by rule' | 'leave decided' | 'leave taken back' | 'work requested' | 'work request discussed' | 'work request decided' | 'hours differ' | 'sign-in changed';

export type OrganisationSetting = 'name' | 'currency' | 'calendar' | 'approval' | 'remaining estimates' | 'week due' | 'bill value' | 'recording' | 'anonymising';

export type OvertimeFallsOn = 'last' | 'day' | 'week';

export type PastGrouping = 'word' | 'person' | 'role' | 'manager' | 'client';

export type PencilSource = 'timer' | 'calendar' | 'tracker' | 'plan' | 'last week' | 'usual week';

export type Performance = 'better' | 'as planned' | 'worse';

export type PeriodUnit = 'week' | 'month' | 'quarter' | 'year';

export type ProjectSort = 'attention' | 'name' | 'manager' | 'planned' | 'forecast' | 'variance';

export type QuestionKind = 'text' | 'choice' | 'yes/no';

export type ReceiptReminder = 'never' | 'daily' | 'weekly';

export type RouteKind = 'none' | 'project' | 'line' | 'project+line';

export type RowLevel = 'phase' | 'task' | 'assignee';

export type ScheduleConflict = 'recorded' | 'below recorded' | 'ends too soon';

export type ScheduleOutcome = 'new' | 'changed' | 'gone' | 'same';

export type SettingName = 'periods' | 'rules' | 'questions' | 'routes' | 'remaining' | 'rates';

export type Severity = 'blocking' | 'explanation' | 'information' | 'off';

export type Sharing = 'nobody' | 'some' | 'everybody';

export type Side = 'equal' | 'different' | 'only here' | 'only there';

export type SignInMethod = 'password' | 'link' | 'single sign-on' | 'demonstration';

export type Standing = 'over' | 'under' | 'on track' | 'unplanned' | 'ahead' | 'recorded';

export type StretchSource = 'drawn' | 'timer' | 'calendar';

export type TaskDue = 'overdue' | 'this week' | 'next week' | 'later' | 'always';

export type TaskGroup = 'recent' | 'mine' | 'team' | 'later' | 'non-project';

export type TimesheetPeriod = 'week' | 'two_weeks' | 'half_month' | 'month';

export type TransferKind = 'import' | 'export';

export type TransferState = 'waiting' | 'checking' | 'checked' | 'refused' | 'queued' | 'running' | 'done' | 'failed' | 'taken back';

export type TrustReason = 'permission' | 'line manager' | 'office';

export type WaitingFilter = 'all' | 'attention' | 'in order';

export type WebhookState = 'waiting' | 'delivered' | 'given up';

export type WebhookTopic = 'time' | 'remaining' | 'plans' | 'people' | 'leave' | 'work requests' | 'periods' | 'files';

export type WorkRequestState = 'open' | 'declined' | 'accepted';

export interface ApiFieldProps {
    name: string;
    type: string;
    isRequired: boolean;
    meaning: string;
}

export interface ApiObjectProps {
    name: string;
    meaning: string;
    fields: ApiFieldProps[];
}

export interface ApiOperationProps {
    id: string;
    method: string;
    path: string;
    summary: string;
    description: string;
    parameters: ApiFieldProps[];
    fields: ApiFieldProps[];
    answer: string | null;
    problems: string[];
}

export interface ApiReferenceProps {
    address: string;
    document: string;
    operations: ApiOperationProps[];
    objects: ApiObjectProps[];
}

export interface AuditTrailChangeProps {
    what: string;
    before: string | null;
    after: string | null;
}

export interface AuditTrailPageProps {
    search: string;
    subject: string;
    from: string | null;
    to: string | null;
    rows: AuditTrailRowProps[];
    before: number | null;
    subjects: string[];
}

export interface AuditTrailRowProps {
    id: number;
    at: string;
    actor: string;
    insteadOf: string | null;
    act: string;
    subject: string;
    person: string | null;
    on: string;
    date: string | null;
    changes: AuditTrailChangeProps[];
    why: string;
}

export interface CodedPartProps {
    name: string;
    codes: PartCodeProps[];
}

export interface CompositionProps {
    separator: string;
    parts: CodedPartProps[];
    combinations: string[];
}

export interface PartCodeProps {
    code: string;
    name: string;
    isRetired: boolean;
}

export interface FileCountProps {
    file: string;
    rows: number;
    new: number;
    changed: number;
    same: number;
    gone: number;
    wrong: number;
}

export interface ImportPreviewProps {
    transfer: TransferProps;
    outcome: string;
    file: string;
    rows: TransferRowProps[];
    files: string[];
    found: number;
    page: number;
    pages: number;
}

export interface TransferChangeProps {
    column: string;
    before: string;
    after: string;
}

export interface TransferProps {
    id: number;
    kind: TransferKind;
    state: TransferState;
    by: string;
    at: string;
    files: FileCountProps[];
    percent: number | null;
    replacesPlan: boolean;
    problem: string;
    hasFile: boolean;
}

export interface TransferRowProps {
    file: string;
    line: number | null;
    outcome: string;
    key: string;
    changes: TransferChangeProps[];
    expected: string;
}

export interface TransfersProps {
    transfers: TransferProps[];
    kinds: string[];
    page: number;
    pages: number;
}

export interface AccessTokenProps {
    id: number;
    name: string;
    rights: AccessRight[];
    createdAt: string;
    lastUsedAt: string | null;
    endsOn: string;
    hasEnded: boolean;
    application: string | null;
    isOwn: boolean;
}

export interface AccountProps {
    email: string;
    hasPassword: boolean;
    isConfirmed: boolean;
    factor: FactorProps;
    signIns: SignInRowProps[];
    tokens: AccessTokenProps[];
    keepsApplications: boolean;
    rights: AccessRight[];
    newToken: string | null;
    singleSignOn: string | null;
    longestDays: number;
    unusedHours: number;
}

export interface FactorSetUpProps {
    key: string;
    address: string;
    isNeeded: boolean;
}

export interface SignInRowProps {
    id: number;
    startedAt: string;
    lastSeenAt: string;
    method: SignInMethod;
    browser: string;
    networkAddress: string;
    isThis: boolean;
}

export interface AccountRowProps {
    code: string;
    name: string;
    email: string;
    access: Access;
    state: AccountState;
    invitedAt: string | null;
    lastSeenAt: string | null;
    signIns: number;
    hasFactor: boolean;
    mayBeInvited: boolean;
}

export interface AccountsProps {
    search: string;
    state: string;
    people: number;
    withoutPassword: number;
    withoutFactor: number;
    found: number;
    rows: AccountRowProps[];
    page: number;
    pages: number;
    factorAccess: Access[];
    singleSignOn: string | null;
    singleSignOnAddsPeople: boolean;
}

export interface AppointmentCalendarProps {
    id: number;
    name: string;
    address: string | null;
    notesTitles: boolean;
    readAt: string | null;
    failure: string | null;
}

export interface AppointmentsProps {
    calendars: AppointmentCalendarProps[];
    unplaced: UnplacedAppointmentProps[];
    pencilled: number;
    tasks: PlaceProps[];
    leftOut: LeftOutSeriesProps[];
    week: string;
    hasFeed: boolean;
    feed: string | null;
}

export interface LeftOutSeriesProps {
    id: number;
    title: string;
}

export interface PlaceProps {
    line: string;
    name: string;
}

export interface UnplacedAppointmentProps {
    id: number;
    title: string;
    date: string;
    starts: number | null;
    ends: number | null;
}

export interface BillingFileProps {
    id: number;
    kind: BillingKind;
    state: BillingState;
    client: string | null;
    startsOn: string;
    endsOn: string;
    by: string;
    at: string;
    minutes: number;
    amount: string | null;
    unrated: number;
}

export interface BillingMappingProps {
    id: number;
    kind: BillingKind;
    name: string;
    detail: BillingDetail;
    columns: MappedColumnProps[];
}

export interface BillingPreviewProps {
    projects: PreviewedProjectProps[];
    minutes: number;
    amount: string;
    unrated: number;
}

export interface BillingProps {
    kind: BillingKind;
    client: OptionProps | null;
    from: string;
    until: string;
    files: BillingFileProps[];
    page: number;
    pages: number;
    mappings: BillingMappingProps[];
    detail: BillingDetail;
    columns: string[];
    currency: string;
}

export interface MappedColumnProps {
    column: string;
    heading: string;
}

export interface PaidPersonProps {
    code: string;
    name: string;
    team: string | null;
    minutes: number;
    ofKinds: number[];
}

export interface PayrollPreviewProps {
    kinds: string[];
    people: PaidPersonProps[];
    left: number;
    minutes: number;
    ofKinds: number[];
}

export interface PreviewedProjectProps {
    code: string;
    name: string;
    client: string;
    minutes: number;
    amount: string;
    unrated: number;
}

export interface UnbilledProps {
    minutes: number;
    entries: number;
    late: number;
    unapproved: number;
    seen: string;
}

export interface HolidayRowProps {
    id: number;
    date: string;
    name: string;
    part: string;
}

export interface OrganisationProps {
    name: string;
    currency: string;
    pattern: string[];
    calendar: string | null;
    calendars: string[];
    shown: string | null;
    year: number;
    holidays: HolidayRowProps[];
    countries: OptionProps[];
}

export interface CalledKindProps {
    kind: string;
    name: string;
    called: string;
}

export interface ClientSystemPersonProps {
    id: number;
    called: string;
}

export interface ClientSystemProps {
    id: number;
    name: string;
    clientCode: string;
    clientName: string;
    startsOn: string;
    personBy: string;
    personHeading: string;
    dateHeading: string;
    hoursHeading: string;
    chargeCodeHeading: string;
    payKindHeading: string;
    payKinds: CalledKindProps[];
    readAt: string | null;
    week: string;
    monday: string;
    sunday: string;
    before: string;
    after: string;
    openWeeks: string[];
    people: ComparedPersonProps[];
    unknown: ClientSystemPersonProps[];
}

export interface ClientSystemRowProps {
    id: number;
    name: string;
    clientName: string;
    readAt: string | null;
    openWeeks: number;
}

export interface ClientSystemsProps {
    rows: ClientSystemRowProps[];
    monday: string;
}

export interface ComparedCodeProps {
    code: string | null;
    kind: string;
    here: number;
    there: number;
}

export interface ComparedDayProps {
    date: string;
    here: number;
    there: number;
    side: Side;
    agrees: boolean;
    codes: ComparedCodeProps[];
}

export interface ComparedPersonProps {
    person: string;
    name: string;
    here: number;
    there: number;
    days: ComparedDayProps[];
}

export interface OwnDifferencesProps {
    system: string;
    client: string;
    days: ComparedDayProps[];
}

export interface AskedProps {
    address: string;
    by: Grouping;
    then: Grouping | null;
    across: Grouping | null;
    period: string;
    first: string;
    last: string;
    names: string[];
    internal: string;
    billable: string;
    withPending: boolean;
    tolerance: number | null;
    measures: Measure[];
    notOffered: Measure[];
    unknown: string[];
    several: string[];
    meanings: string[];
}

export interface ComparedEntryProps {
    date: string;
    week: string | null;
    personCode: string;
    person: string;
    project: string;
    task: string;
    minutes: number;
    state: EntryState;
    note: string;
    cents: number | null;
}

export interface ComparedExpenseProps {
    date: string;
    person: string;
    project: string;
    task: string;
    category: string;
    state: EntryState;
    cents: number;
    receipts: ExpenseReceiptProps[];
}

export interface ComparedFieldProps {
    code: string;
    name: string;
    values: OptionProps[] | null;
}

export interface ComparedGroupProps {
    code: string;
    name: string;
    row: ComparedRowProps;
    parts: ComparedPartProps[];
    moreParts: number;
    periods: ComparedPeriodProps[];
}

export interface ComparedPartProps {
    code: string;
    name: string;
    row: ComparedRowProps;
    periods: ComparedPeriodProps[];
}

export interface ComparedPeriodProps {
    planned: number;
    actual: number;
    pending: number;
}

export interface ComparedRowProps {
    planned: number;
    toDate: number;
    actual: number;
    pending: number;
    difference: number;
    differencePercentage: string | null;
    standing: Standing;
    values: MeasureValueProps[];
}

export interface ComparisonProps {
    by: Grouping;
    then: Grouping | null;
    across: Grouping | null;
    period: string;
    first: string;
    last: string;
    internal: string;
    projects: OptionProps[];
    people: OptionProps[];
    teams: OptionProps[];
    clients: OptionProps[];
    managers: OptionProps[];
    roles: OptionProps[];
    chargeCodes: OptionProps[];
    field: ComparedFieldProps | null;
    fieldValues: OptionProps[];
    ownFields: ComparedFieldProps[];
    billable: string;
    withPending: boolean;
    tolerance: number;
    sort: string;
    withLines: boolean;
    hasAll: boolean;
    measures: Measure[];
    chosen: Measure[];
    offered: Measure[];
    currency: string;
    periods: string[];
    groups: ComparedGroupProps[];
    total: ComparedRowProps;
    totals: ComparedPeriodProps[];
    count: number;
    over: number;
    under: number;
    unplanned: number;
    onTrack: number;
    scale: number;
    page: number;
    pages: number;
    opened: OpenedFigureProps | null;
}

export interface ComparisonVersionProps {
    number: number;
    name: string;
    address: string;
    by: string;
    at: string;
}

export interface FrontComparisonProps {
    id: number;
    name: string;
    address: string;
    period: string;
    first: string;
    last: string;
    tolerance: number;
    total: ComparedRowProps;
    groups: FrontGroupProps[];
    count: number;
    over: number;
    under: number;
}

export interface FrontGroupProps {
    grouping: Grouping;
    code: string;
    name: string;
    row: ComparedRowProps;
}

export interface MailingProps {
    rhythm: PeriodUnit;
    day: number;
}

export interface MeasureValueProps {
    measure: Measure;
    unit: MeasureUnit;
    amount: number | null;
    percentage: string | null;
    leftOut: number;
}

export interface OpenedFigureProps {
    names: OpenedNameProps[];
    value: MeasureValueProps;
    parts: OpenedPartProps[];
    allParts: number;
    entries: ComparedEntryProps[];
    allEntries: number;
    expenses: ComparedExpenseProps[];
    allExpenses: number;
}

export interface OpenedNameProps {
    grouping: Grouping;
    code: string;
    name: string;
}

export interface OpenedPartProps {
    grouping: Grouping;
    code: string;
    name: string;
    person: string | null;
    amount: number | null;
    leftOut: number;
}

export interface SavedComparisonProps {
    id: number;
    name: string;
    owner: string;
    isOwn: boolean;
    mayChange: boolean;
    address: string;
    period: string;
    first: string;
    last: string;
    sharing: Sharing;
    readers: OptionProps[];
    version: number;
    mailing: MailingProps | null;
    place: number | null;
    versions: ComparisonVersionProps[];
}

export interface SavedOnPageProps {
    id: number;
    name: string;
    owner: string;
    isOwn: boolean;
    mayChange: boolean;
    isChanged: boolean;
    version: number;
}

export interface DayReminderDayProps {
    date: string;
    isUsed: boolean;
    expected: number;
    entered: number;
    pencilled: number;
    lines: DayReminderLineProps[];
}

export interface DayReminderLineProps {
    line: string;
    task: string;
    project: string;
    role: string | null;
    minutes: number;
    why: string;
}

export interface DayReminderProps {
    name: string;
    week: string;
    days: DayReminderDayProps[];
    address: string;
    format: HoursFormat;
}

export interface ClientContactProps {
    id: number;
    name: string;
    email: string;
    phone: string;
    position: string;
}

export interface ClientProps {
    code: string;
    name: string;
    scheme: string | null;
    composition: CompositionProps | null;
    contacts: ClientContactProps[];
}

export interface DirectoryProps {
    kind: DirectoryKind;
    search: string;
    rows: DirectoryRowProps[];
    found: number;
    page: number;
    pages: number;
}

export interface DirectoryRowProps {
    code: string;
    name: string;
    lead: OptionProps | null;
    period: TimesheetPeriod | null;
    unit: DayUnit | null;
    uses: number;
    isRetired: boolean;
}

export interface CategorySettingsProps {
    id: number;
    code: string;
    name: string;
    isActive: boolean;
    isMileage: boolean;
    reclaimsTax: boolean;
    isCharged: boolean;
    taxShares: TaxShareProps[];
    limit: string;
    limitPer: LimitPer;
    teams: OptionProps[];
    mileageRates: DatedRateProps[];
}

export interface CurrencySettingsProps {
    id: number;
    code: string;
    places: number;
    smallest: string;
    rates: DatedRateProps[];
}

export interface DatedRateProps {
    id: number;
    from: string;
    rate: string;
}

export interface ExpenseSettingsProps {
    categories: CategorySettingsProps[];
    opened: string | null;
    currencies: CurrencySettingsProps[];
    currency: string;
}

export interface TaxShareProps {
    rate: string;
    share: string;
}

export interface OutstandingProps {
    name: string;
    currency: string;
    amount: string;
    own: string;
    expenses: number;
}

export interface StatementProps {
    id: number;
    client: string | null;
    from: string;
    until: string;
    madeBy: string;
    madeAt: string;
    expenses: number;
    amount: string;
}

export interface StatementsProps {
    kind: ExpenseStatementKind;
    client: OptionProps | null;
    until: string;
    outstanding: OutstandingProps[];
    left: number;
    expenses: number;
    sum: string;
    seen: string;
    currency: string;
    statements: StatementProps[];
    page: number;
    pages: number;
}

export interface CurrencySumProps {
    currency: string;
    gross: string;
    reimbursable: string;
}

export interface DatedRateProps {
    from: string;
    rate: string;
}

export interface ExpenseCategoryProps {
    code: string;
    name: string;
    isMileage: boolean;
    isCharged: boolean;
    tax: string;
    limit: string | null;
    limitIsPerDay: boolean;
}

export interface ExpenseCurrencyProps {
    code: string;
    rates: DatedRateProps[];
}

export interface ExpenseFindingProps {
    severity: Severity;
    what: string;
    cure: string;
}

export interface ExpenseProps {
    id: number;
    version: number;
    date: string;
    task: number;
    taskName: string;
    project: string;
    projectName: string;
    category: string;
    categoryName: string;
    gross: string;
    tax: string;
    net: string;
    currency: string;
    rate: string;
    ownGross: string;
    cost: string;
    isOwnMoney: boolean;
    isCharged: boolean;
    distance: string;
    mileageRate: string;
    from: string;
    to: string;
    trip: string;
    note: string;
    clientNote: string;
    explanation: string;
    state: EntryState;
    waitsFor: string | null;
    returnComment: string;
    corrects: number | null;
    reverses: boolean;
    mayCorrect: boolean;
    fields: Record<string, string>;
    receipts: ExpenseReceiptProps[];
    findings: ExpenseFindingProps[];
}

export interface ExpenseReceiptProps {
    id: number;
    name: string;
    isPicture: boolean;
}

export interface ExpenseTaskProps {
    id: number;
    name: string;
    project: string;
    fields: string[];
}

export interface ExpensesProps {
    person: string;
    personName: string;
    week: string;
    number: number;
    previous: string;
    next: string;
    days: string[];
    day: string;
    isOwn: boolean;
    mayRecord: boolean;
    maySubmit: boolean;
    expenses: ExpenseProps[];
    receipts: WaitingReceiptProps[];
    receiptReminder: ReceiptReminder;
    categories: ExpenseCategoryProps[];
    currencies: ExpenseCurrencyProps[];
    tasks: ExpenseTaskProps[];
    fields: OwnFieldProps[];
    trips: string[];
    counting: number;
    sums: CurrencySumProps[];
    tripSums: TripSumProps[];
    cost: string;
    open: number;
    waiting: number;
    elsewhere: OtherWeekProps[];
}

export interface OtherWeekProps {
    week: string;
    monday: string;
    open: number;
}

export interface TripSumProps {
    trip: string;
    sums: CurrencySumProps[];
}

export interface FirstStepProps {
    step: FirstStep;
    isDone: boolean;
}

export interface StartProps {
    key: string;
    countries: OptionProps[];
}

export interface WaitingProps {
    entries: number;
    people: number;
    oldest: string | null;
    corrections: number;
    expenses: number;
    estimates: number;
    leave: number;
}

export interface FindingProps {
    week: string;
    rule: string;
    severity: Severity;
    line: string | null;
    date: string | null;
    what: string;
    cure: string;
    explanation: string;
}

export interface HouseRulesProps {
    rules: RuleProps[];
    today: string;
}

export interface RuleProps {
    code: string;
    name: string;
    limit: string | null;
    unit: LimitUnit | null;
    least: number;
    most: number;
    mayBeOfProject: boolean;
    settings: RuleSettingProps[];
}

export interface RuleSettingProps {
    id: number | null;
    severity: Severity;
    limit: number;
    from: string | null;
    for: string | null;
}

export interface SheetRemarksProps {
    findings: FindingProps[];
    spans: SpanProps[] | null;
}

export interface SpanProps {
    date: string;
    starts: string;
    ends: string;
    breaks: string;
    minutes: number;
}

export interface IntakeLinkProps {
    id: number;
    client: string;
    endsOn: string;
    address: string;
}

export interface IntakeSettingsProps {
    isOpen: boolean;
    links: IntakeLinkProps[];
    today: string;
}

export interface WorkRequestCommentProps {
    id: number;
    by: string;
    text: string;
    at: string;
}

export interface WorkRequestFileProps {
    id: number;
    name: string;
    size: number;
}

export interface WorkRequestProps {
    id: number;
    title: string;
    description: string;
    client: OptionProps | null;
    requester: string;
    contactEmail: string;
    requestedAt: string;
    wantedBy: string | null;
    about: number | null;
    state: WorkRequestState;
    decidedBy: string | null;
    comment: string;
    project: OptionProps | null;
    files: WorkRequestFileProps[];
    comments: WorkRequestCommentProps[];
    decides: boolean;
}

export interface WorkRequestRowProps {
    id: number;
    title: string;
    client: string | null;
    requester: string;
    requestedAt: string;
    wantedBy: string | null;
    about: number | null;
    state: WorkRequestState;
}

export interface WorkRequestsProps {
    decides: boolean;
    mayRequest: boolean;
    state: string;
    search: string;
    rows: WorkRequestRowProps[];
    open: number;
    found: number;
    page: number;
    pages: number;
}

export interface PastEstimateProps {
    on: string;
    remaining: number;
}

export interface PastForecastProps {
    manager: string | null;
    spread: SpreadProps;
    usual: number;
    least: number;
    most: number;
}

export interface PastGroupProps {
    name: string;
    spread: SpreadProps;
}

export interface PastPlanProps {
    words: string;
    spread: SpreadProps;
    usual: number;
    least: number;
    most: number;
}

export interface PastTaskProps {
    project: string;
    name: string;
    person: string | null;
    planned: number;
    estimates: PastEstimateProps[];
    cameTo: number;
    ratio: string;
}

export interface PastTasksProps {
    by: PastGrouping;
    count: number;
    whole: SpreadProps | null;
    groups: PastGroupProps[];
    few: number;
    fewest: number;
    opened: string | null;
    tasks: PastTaskProps[];
}

export interface SpreadProps {
    count: number;
    median: string;
    low: string;
    high: string;
}

export interface AbsenceCalendarProps {
    month: string;
    before: string;
    after: string;
    today: string;
    team: OptionProps | null;
    choosesTeam: boolean;
    dates: string[];
    people: AbsenceRowProps[];
    away: string[];
    awayCount: number;
    count: number;
    page: number;
    pages: number;
    decidesForOthers: boolean;
}

export interface AbsenceDayProps {
    date: string;
    isWorked: boolean;
    what: string | null;
    isPart: boolean;
    isPencilled: boolean;
}

export interface AbsenceKindOptionProps {
    id: number;
    name: string;
    needsApproval: boolean;
}

export interface AbsenceKindRowProps {
    id: number;
    name: string;
    countsAs: AbsenceClass;
    visibleTo: AbsenceVisibility;
    needsApproval: boolean;
    allowance: number | null;
    carriedAtMost: number;
    allowanceFrom: number | null;
    isRetired: boolean;
    isUsed: boolean;
}

export interface AbsenceKindsProps {
    kinds: AbsenceKindRowProps[];
    allowances: OwnAllowanceProps[];
    year: number;
    page: number;
    pages: number;
}

export interface AbsenceRowProps {
    code: string;
    name: string;
    team: string | null;
    days: AbsenceDayProps[];
}

export interface LeaveBalanceProps {
    kind: string;
    year: number;
    allowance: number;
    carriedOver: number;
    approved: number;
    requested: number;
    left: number;
}

export interface LeavePreviewProps {
    halfDays: number;
    minutes: number;
    clashes: PlannedClashProps[];
    balances: LeaveBalanceProps[];
    fault: string | null;
}

export interface LeaveProps {
    person: OptionProps;
    isOwn: boolean;
    decidesForOthers: boolean;
    year: number;
    kinds: AbsenceKindOptionProps[];
    balances: LeaveBalanceProps[];
    requests: LeaveRequestProps[];
    decider: string | null;
}

export interface LeaveRequestProps {
    id: number | null;
    kind: number;
    kindName: string;
    first: string;
    last: string;
    fromMidday: boolean;
    untilMidday: boolean;
    halfDays: number;
    minutes: number;
    note: string;
    state: LeaveState | null;
    decidedBy: string | null;
    isByRule: boolean;
    comment: string;
    isChange: boolean;
    mayChange: boolean;
}

export interface OwnAllowanceProps {
    id: number;
    kind: string;
    person: string;
    year: number;
    halfDays: number;
}

export interface PlannedClashProps {
    project: string;
    task: string;
    minutes: number;
    days: string[];
}

export interface WaitingLeaveProps {
    person: OptionProps;
    request: LeaveRequestProps;
    requestedAt: string;
    standingInFor: string | null;
    clashes: PlannedClashProps[];
    alsoAway: string[];
    balance: LeaveBalanceProps | null;
}

export interface FreePersonProps {
    code: string;
    name: string;
    team: string | null;
    free: number;
    by: string | null;
}

export interface FreeTimeProps {
    needed: number;
    count: number;
    people: FreePersonProps[];
}

export interface LoadCellProps {
    expected: number;
    planned: number;
    entered: number;
    load: number;
    over: number;
    free: number;
    daysOver: LoadedDayProps[];
}

export interface LoadPartProps {
    projectCode: string;
    project: string;
    task: string;
    minutes: number;
    mayOpen: boolean;
}

export interface LoadRangeProps {
    first: string;
    last: string;
}

export interface LoadSummaryProps {
    first: string;
    last: string;
    count: number;
    overCount: number;
    free: number;
    people: LoadedPersonProps[];
}

export interface LoadedDayProps {
    date: string;
    over: number;
}

export interface LoadedPersonProps {
    code: string;
    name: string;
    team: string | null;
    role: string | null;
    cells: LoadCellProps[];
}

export interface OpenedLoadProps {
    code: string;
    name: string;
    parts: LoadPartProps[];
}

export interface WorkloadProps {
    unit: string;
    first: string;
    last: string;
    today: string;
    sort: string;
    chosenPeople: OptionProps[];
    teams: OptionProps[];
    roles: OptionProps[];
    ranges: LoadRangeProps[];
    people: LoadedPersonProps[];
    count: number;
    overCount: number;
    over: number;
    free: number;
    page: number;
    pages: number;
    freeTime: FreeTimeProps | null;
    opened: OpenedLoadProps | null;
}

export interface AttachmentProps {
    id: number;
    name: string;
}

export interface MailProps {
    id: number;
    at: string;
    recipient: string;
    subject: string;
}

export interface MessageProps {
    id: number;
    at: string;
    text: string;
    link: string;
    isNew: boolean;
}

export interface MessagesProps {
    messages: MessageProps[];
    before: number | null;
    settings: NotificationSettingProps[];
    hour: number;
    dayReminderHour: number;
    mails: MailProps[];
}

export interface NotificationSettingProps {
    kind: MessageKind;
    inApp: boolean;
    byMail: boolean;
}

export interface OpenMailProps {
    id: number;
    at: string;
    sender: string;
    recipient: string;
    subject: string;
    text: string;
    attachments: AttachmentProps[];
}

export interface OutboxProps {
    mails: MailProps[];
    before: number | null;
    open: OpenMailProps | null;
    isOfAll: boolean;
    search: string;
}

export interface MonthCellProps {
    minutes: number;
    count: string | null;
    state: EntryState | null;
    version: number | null;
    canType: boolean;
}

export interface MonthLineProps {
    line: string;
    task: number;
    role: number | null;
    taskName: string;
    projectName: string;
    roleName: string | null;
    cells: MonthCellProps[];
    total: number;
    count: string | null;
    canFill: boolean;
}

export interface MonthProps {
    person: string;
    at: string;
    before: string | null;
    after: string | null;
    period: TimesheetPeriod;
    unit: DayUnit | null;
    isTimesheet: boolean;
    days: DayProps[];
    weeks: string[];
    lines: MonthLineProps[];
    entered: MonthSumProps[];
    expected: MonthSumProps[];
    enteredInAll: MonthSumProps;
    expectedInAll: MonthSumProps;
    free: MonthSumProps;
    open: number;
    submitted: number;
}

export interface MonthSumProps {
    minutes: number;
    count: string | null;
}

export interface RefusedCellProps {
    line: string;
    date: string;
    message: string;
}

export interface MyEstimateProps {
    project: string;
    task: string;
    on: string;
    estimated: number;
    cameTo: number;
    difference: number;
    percentage: string | null;
}

export interface MyFiguresProps {
    period: string;
    first: string;
    last: string;
    total: MyGroupProps;
    expectedToDate: number | null;
    utilisation: string | null;
    projects: MyGroupProps[];
    roles: MyGroupProps[];
    months: MyGroupProps[];
    quarters: MyGroupProps[];
    estimates: MyEstimateProps[];
    currency: string | null;
}

export interface MyGroupProps {
    code: string;
    name: string;
    entered: number;
    pending: number;
    billable: number;
    billableShare: string | null;
    expected: number | null;
    billValue: number | null;
}

export interface MyTaskProps {
    line: string;
    task: number;
    role: number | null;
    taskName: string;
    taskCode: string;
    projectCode: string;
    projectName: string;
    roleName: string | null;
    due: TaskDue;
    startsOn: string | null;
    dueOn: string | null;
    team: string | null;
    planned: number | null;
    entered: number;
    remaining: number | null;
    isEstimated: boolean;
    waiting: number | null;
    enteredToday: number;
    isPinned: boolean;
    trackerState: string | null;
    trackerComment: string | null;
}

export interface MyTasksProps {
    today: string;
    week: string;
    tasks: MyTaskProps[];
    enteredToday: number;
    expectedToday: number;
}

export interface MissingTimesheetProps {
    code: string;
    name: string;
    team: string | null;
    expected: number;
    draft: number;
    returned: number;
    submitted: number;
    missing: number;
    remindedAt: string | null;
    days: string;
}

export interface NotSubmittedProps {
    week: string;
    number: number;
    monday: string;
    before: string;
    after: string;
    due: string;
    isLate: boolean;
    search: string;
    missing: MissingTimesheetProps[];
    missingCount: number;
    people: number;
    page: number;
    atOnce: number;
}

export interface FailingCheckProps {
    check: HealthCheck;
    lastSeen: string | null;
}

export interface LateWeekProps {
    week: string;
    number: number;
    missing: number;
    people: number;
    isOverdue: boolean;
}

export interface OfficeQuestionProps {
    id: number;
    wording: string;
    kind: QuestionKind;
    choices: string[];
    required: boolean;
    from: string;
    to: string | null;
    answers: number;
}

export interface PeriodToCloseProps {
    until: string;
    open: number;
}

export interface ProjectRouteProps {
    code: string;
    name: string;
    manager: string;
    route: RouteKind | null;
    waiting: number;
}

export interface RoutesProps {
    default: RouteKind;
    selfApprove: boolean;
    search: string;
    projects: ProjectRouteProps[];
    projectCount: number;
    page: number;
    atOnce: number;
    withoutManager: string[];
}

export interface SettingProps {
    name: SettingName;
    changedAt: string | null;
    changedBy: string | null;
}

export interface TodayProps {
    entries: number;
    corrections: number;
    expenses: number;
    leave: number;
    estimates: number;
    estimatesSince: string | null;
    unrated: number;
    period: PeriodToCloseProps | null;
    failed: number;
    undelivered: number;
    failing: FailingCheckProps[];
    steps: FirstStepProps[];
    settings: SettingProps[];
}

export interface OwnFieldRowProps {
    code: string;
    name: string;
    subject: FieldSubject;
    kind: FieldKind;
    isRequired: boolean;
    startsOn: string | null;
    team: OptionProps | null;
    client: OptionProps | null;
    choices: OptionProps[];
    isRetired: boolean;
    isUsed: boolean;
}

export interface OwnFieldSettingsProps {
    fields: OwnFieldRowProps[];
    opened: string | null;
}

export interface PasswordLinkProps {
    token: string;
    name: string | null;
    email: string | null;
}

export interface KindCostsProps {
    overtime: number;
    double: number;
    night: number;
    sunday: number;
    holiday: number;
}

export interface PayPremiumProps {
    id: number;
    code: string;
    name: string;
    isWork: boolean;
    isActive: boolean;
    teams: OptionProps[];
    people: OptionProps[];
    costPercent: number;
}

export interface PayRuleProps {
    id: number;
    startsOn: string | null;
    team: OptionProps | null;
    person: OptionProps | null;
    dailyOver: string;
    dailyDoubleOver: string;
    weeklyOver: string;
    seventhDay: boolean;
    seventhDoubleOver: string;
    sundays: boolean;
    holidays: boolean;
    nightStartsAt: string;
    nightEndsAt: string;
    fallsOn: OvertimeFallsOn;
    seventhAcrossWeeks: boolean;
    costs: KindCostsProps;
}

export interface PayRulesProps {
    rules: PayRuleProps[];
    opened: number | null;
    premiums: PayPremiumProps[];
    openedPremium: string | null;
}

export interface EmploymentBreakProps {
    first: string;
    last: string;
}

export interface PatternProps {
    from: string | null;
    minutes: number[];
}

export interface PeopleProps {
    search: string;
    state: string;
    team: string;
    sort: string;
    working: number;
    found: number;
    rows: PersonListRowProps[];
    page: number;
    pages: number;
}

export interface PersonFormProps {
    code: string;
    name: string;
    email: string;
    team: OptionProps | null;
    manager: OptionProps | null;
    access: Access;
    role: OptionProps | null;
    calendar: string | null;
    timezone: string | null;
    startsOn: string | null;
    endsOn: string | null;
    pattern: string[] | null;
    patterns: PatternProps[];
    usualPattern: string[];
    calendars: string[];
    zones: string[];
    breaks: EmploymentBreakProps[];
    language: string;
    languages: string[];
    fields: OwnFieldProps[];
    values: Record<string, string>;
    canBeAnonymised: boolean;
}

export interface PersonListRowProps {
    code: string;
    name: string;
    email: string;
    team: string | null;
    manager: string | null;
    role: string | null;
    access: Access;
    startsOn: string | null;
    endsOn: string | null;
}

export interface ResponsibilitiesProps {
    code: string;
    name: string;
    endsOn: string | null;
    openWeeks: number;
    openExpenses: number;
    entries: number;
    corrections: number;
    expenses: number;
    estimates: number;
    leave: number;
    standIns: number;
    plannedAfter: number;
    projects: OptionProps[];
    teams: OptionProps[];
    reports: OptionProps[];
}

export interface ApproverTimeProps {
    code: string | null;
    name: string | null;
    standIns: string[];
    entries: number;
    people: number;
    expenses: number;
    corrections: number;
    first: string;
}

export interface CorrectedTimeProps {
    name: string;
    task: string;
    date: string;
    before: number;
    after: number;
    reason: string;
}

export interface OpenTimeProps {
    code: string;
    name: string;
    unsubmitted: number;
    waiting: number;
    first: string;
    week: string;
}

export interface PeriodActProps {
    at: string;
    actor: string;
    act: string;
    until: string | null;
    why: string;
}

export interface PeriodProps {
    closedUntil: string | null;
    until: string;
    open: OpenTimeProps[];
    approvers: ApproverTimeProps[];
    openPeople: number;
    openEntries: number;
    openMinutes: number;
    corrected: CorrectedTimeProps[];
    corrections: number;
    openExpenses: number;
    approvedExpenses: number;
    entries: number;
    minutes: number;
    seen: string;
    stillSettling: number;
    weekDue: number;
    week: string;
    weekNumber: number;
    acts: PeriodActProps[];
}

export interface LoadDayProps {
    date: string;
    planned: number;
    expected: number;
}

export interface LoadProps {
    code: string;
    name: string;
    from: string;
    to: string;
    planned: number;
    expected: number;
    over: LoadDayProps[];
}

export interface NewProjectProps {
    manager: OptionProps;
    today: string;
    source: OptionProps | null;
    fields: OwnFieldProps[];
}

export interface PlanAssignmentProps {
    ids: number[];
    assignee: string;
    assigneeName: string;
    person: string | null;
    isByDay: boolean;
    role: string | null;
    planned: number;
    startsOn: string;
    endsOn: string;
    compared: number | null;
    byDay: Record<string, number>;
}

export interface PlanGoneProps {
    name: string;
    minutes: number;
}

export interface PlanProps {
    code: string;
    name: string;
    client: string | null;
    manager: string;
    managerCode: string;
    startsOn: string | null;
    endsOn: string | null;
    billable: boolean;
    isOpen: boolean;
    estimateMode: string | null;
    currency: string;
    mayPlan: boolean;
    seesMoney: boolean;
    planned: number;
    compared: number | null;
    tasks: PlanTaskProps[];
    taskFields: OwnFieldProps[];
    fields: OwnFieldProps[];
    values: Record<string, string>;
    dates: string[];
    baselineOn: string;
    comparedOn: string | null;
}

export interface PlanTaskProps {
    id: number;
    code: string;
    name: string;
    phase: string | null;
    own: number | null;
    planned: number;
    assigned: number;
    budget: string | null;
    startsOn: string | null;
    endsOn: string | null;
    chargeCode: string | null;
    doneOn: string | null;
    isRecordedOn: boolean;
    compared: number | null;
    fields: Record<string, string>;
    assignments: PlanAssignmentProps[];
    gone: PlanGoneProps[];
}

export interface AttentionProps {
    kind: AttentionKind;
    tasks: OptionProps[];
    more: number;
    people: OptionProps[];
    minutes: number | null;
    money: string | null;
    day: string | null;
    week: string;
}

export interface ChangesProps {
    since: string;
    entered: number;
    pending: number;
    forecast: number;
    acts: AuditTrailRowProps[];
    isMore: boolean;
}

export interface EarnedValueProps {
    planned: string;
    earned: string;
    actual: string;
    costIndex: string | null;
    scheduleIndex: string | null;
    cost: Performance | null;
    schedule: Performance | null;
    isHours: boolean;
}

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
    variance: string | null;
    unratedPlanned: number;
    unratedEntered: number;
    budget: string | null;
    budgetLeft: string | null;
}

export interface ProgressProps {
    thisWeek: string;
    weeks: ProgressWeekProps[];
    people: ProjectPersonProps[];
}

export interface ProgressWeekProps {
    week: string;
    monday: string;
    planned: number;
    actual: number;
    pending: number;
    remaining: number;
    plannedSoFar: number;
    forecastSoFar: number;
}

export interface ProjectPersonProps {
    code: string | null;
    name: string;
    from: string | null;
    to: string | null;
    plannedMinutes: number;
    enteredMinutes: number;
    remainingMinutes: number;
    lastRecorded: string | null;
    planned: string[];
    recorded: string[];
}

export interface ProjectProps {
    code: string;
    name: string;
    client: string | null;
    contact: string;
    manager: string;
    startsOn: string | null;
    endsOn: string | null;
    isOpen: boolean;
    currency: string;
    figures: FiguresProps;
    baselineOn: string | null;
    baseline: number | null;
    earnedValue: EarnedValueProps | null;
    attention: AttentionProps[];
    waiting: WaitingEstimateProps[];
    rows: ProjectRowProps[];
    trace: TraceProps | null;
    mayPlan: boolean;
    mayDecide: boolean;
}

export interface ProjectRowProps {
    level: RowLevel;
    name: string;
    task: string | null;
    taskId: number | null;
    assignee: string | null;
    speaker: string | null;
    baseline: number | null;
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
    budgetIsGone: boolean;
    waiting: number;
    trend: number[];
}

export interface ProjectsProps {
    search: string;
    state: string;
    manager: string;
    concern: string;
    sort: ProjectSort;
    projects: ProjectSummaryProps[];
    count: number;
    above: number;
    figures: FiguresProps;
    scale: number;
    page: number;
    pages: number;
    managers: OptionProps[];
    mayCreate: boolean;
}

export interface TraceAssigneeProps {
    task: string;
    name: string;
    planned: number;
    entered: number;
    remaining: number;
    estimatedOn: string | null;
    estimatedBy: string | null;
    estimated: number | null;
    saidDone: boolean;
    reason: string;
}

export interface TraceEntryProps {
    date: string;
    week: string;
    personCode: string;
    person: string;
    task: string;
    minutes: number;
    state: EntryState;
    note: string;
    corrects: string | null;
    cost: string | null;
}

export interface TraceExpenseProps {
    date: string;
    person: string;
    task: string;
    category: string;
    cost: string;
    state: EntryState;
    receipts: ExpenseReceiptProps[];
}

export interface TraceProps {
    figure: FigureKind;
    minutes: number;
    phase: string | null;
    task: string | null;
    assignee: string | null;
    assignees: TraceAssigneeProps[];
    history: EstimateProps[];
    entries: TraceEntryProps[];
    allEntries: number;
    expenses: TraceExpenseProps[];
    allExpenses: number;
}

export interface WaitingEstimateProps {
    id: number;
    task: string;
    person: string;
    by: string;
    on: string;
    isDone: boolean;
    reason: string;
    before: number;
    after: number;
    forecastBefore: number;
    forecastAfter: number;
    planned: number;
    costBefore: string | null;
    costAfter: string | null;
}

export interface RateProps {
    id: number;
    personCode: string | null;
    person: string | null;
    roleCode: string | null;
    role: string | null;
    from: string;
    cost: string;
    bill: string | null;
    isInForce: boolean;
}

export interface RatesProps {
    currency: string;
    search: string;
    rates: RateProps[];
    count: number;
    hasAny: boolean;
    page: number;
    pages: number;
    unrated: UnratedProps[];
    readers: OptionProps[];
    showsBillValue: boolean;
    today: string;
}

export interface UnratedProps {
    person: string;
    role: string | null;
    minutes: number;
    since: string;
}

export interface SeenFieldProps {
    value: string;
    line: number;
    seen: string;
    sureness: number;
}

export interface WaitingReceiptProps {
    id: number;
    name: string;
    isPicture: boolean;
    isMailed: boolean;
    isRead: boolean;
    receivedAt: string;
    seller: SeenFieldProps | null;
    date: SeenFieldProps | null;
    amount: SeenFieldProps | null;
    currency: SeenFieldProps | null;
    tax: SeenFieldProps | null;
    category: string | null;
    isFromBefore: boolean;
    trip: string | null;
}

export interface EstimateProps {
    on: string;
    person: string;
    by: string;
    remaining: number;
    isDone: boolean;
    reason: string;
    state: string;
    forecast: number | null;
    decidedBy: string;
    comment: string;
}

export interface EstimateSettingsProps {
    mode: EstimateMode;
    tolerance: number;
    otherwise: number;
}

export interface RemainingProps {
    ofPerson: TaskRemainingProps | null;
    doneOn: string | null;
    tolerance: number;
    needsApproval: boolean;
    manager: string;
    mayTakeBack: boolean;
    history: EstimateProps[];
}

export interface TaskRemainingProps {
    task: number;
    planned: number;
    entered: number;
    minutes: number;
    isEstimated: boolean;
    isTeam: boolean;
    isDone: boolean;
    waiting: number | null;
}

export interface ClosingProps {
    id: number;
    until: string;
    at: string;
    by: string;
}

export interface ReportedEffortProps {
    planned: number;
    actual: number;
    pending: number;
    remaining: number;
    forecast: number;
}

export interface ReportedProjectProps {
    code: string;
    name: string;
    then: ReportedEffortProps | null;
    now: ReportedEffortProps;
    change: number;
}

export interface ReportedProps {
    closings: ClosingProps[];
    closing: number | null;
    projects: ReportedProjectProps[];
    then: ReportedEffortProps;
    now: ReportedEffortProps;
    count: number;
    risen: number;
    fallen: number;
    page: number;
    pages: number;
}

export interface AnswerProps {
    question: string;
    answer: string;
}

export interface DecisionEffectProps {
    code: string;
    name: string;
    planned: number;
    actual: number;
    forecast: number;
    actualCost: number | null;
    budget: number | null;
    currency: string;
}

export interface DecisionProps {
    id: number;
    at: string;
    decision: DecisionKind;
    comment: string;
    entries: number;
    minutes: number;
    people: string[];
    canBeUndone: boolean;
}

export interface ExpenseDecisionProps {
    id: number;
    decision: DecisionKind;
    comment: string;
    expenses: number;
    people: string[];
    canBeUndone: boolean;
}

export interface GroupProps {
    key: string;
    name: string;
    entries: number;
    minutes: number;
    needingAttention: number;
    first: string;
}

export interface ProjectExpensesProps {
    project: string;
    cents: number;
}

export interface ReviewProps {
    by: DeskGrouping;
    show: WaitingFilter;
    search: string;
    sum: SumProps;
    groups: GroupProps[];
    groupCount: number;
    page: number;
    groupsAtOnce: number;
    open: string | null;
    opened: SumProps | null;
    sheets: WaitingSheetProps[];
    sheetCount: number;
    sheetPage: number;
    sheetsAtOnce: number;
    corrections: WaitingCorrectionProps[];
    correctionCount: number;
    expenses: WaitingExpensesProps[];
    expenseCount: number;
    expensesNeedingAttention: number;
    decisions: DecisionProps[];
    expenseDecisions: ExpenseDecisionProps[];
    selfApproved: SelfApprovedProps[];
    phrases: string[];
}

export interface SelfApprovedProps {
    personName: string;
    week: string;
    number: number;
    minutes: number;
    entries: number[];
}

export interface SumProps {
    entries: number;
    minutes: number;
    needingAttention: number;
    attentionMinutes: number;
    inOrder: string;
}

export interface WaitingCellProps {
    id: number;
    version: number;
    date: string;
    minutes: number;
    needsAttention: boolean;
    note: string;
    clientNote: string;
    recordedBy: string | null;
    cost: number | null;
}

export interface WaitingCorrectionProps {
    id: number;
    personName: string;
    taskName: string;
    projectCode: string;
    projectName: string;
    roleName: string | null;
    date: string;
    before: number;
    after: number;
    reason: string;
    isSettled: boolean;
    cost: number | null;
    insteadOf: string | null;
}

export interface WaitingExpensesProps {
    key: string;
    person: string;
    personName: string;
    week: string;
    number: number;
    currency: string;
    expenses: ExpenseProps[];
    projects: ProjectExpensesProps[];
}

export interface WaitingLineProps {
    key: string;
    taskName: string;
    projectCode: string;
    projectName: string;
    roleName: string | null;
    billable: boolean;
    chargeCode: string | null;
    decided: number;
    then: string[];
    cells: WaitingCellProps[];
}

export interface WaitingSheetProps {
    key: string;
    personCode: string;
    personName: string;
    week: string;
    number: number;
    isWhole: boolean;
    expected: number;
    entered: number;
    minutes: number;
    days: DayProps[];
    lines: WaitingLineProps[];
    findings: FindingProps[];
    answers: AnswerProps[];
    fields: string[];
    pay: string;
    standingInFor: string[];
}

export interface PushProps {
    taskName: string;
    because: string;
    days: number;
}

export interface ScheduleChangeProps {
    column: string;
    before: string;
    after: string;
}

export interface ScheduleDifferenceProps {
    key: string;
    outcome: ScheduleOutcome;
    taskCode: string;
    taskName: string;
    who: string | null;
    role: string;
    changes: ScheduleChangeProps[];
    conflict: ScheduleConflict | null;
}

export interface ScheduleFaultProps {
    line: number;
    sentence: string;
}

export interface SchedulePageProps {
    code: string;
    name: string;
    mayPlan: boolean;
    sent: SentScheduleProps | null;
    pushes: PushProps[];
}

export interface SentScheduleProps {
    name: string;
    by: string;
    receivedAt: string;
    differences: ScheduleDifferenceProps[];
    same: number;
    faults: ScheduleFaultProps[];
    unknown: string[];
    pushes: PushProps[];
}

export interface FactorProps {
    since: string | null;
    codes: number;
    isRequired: boolean;
}

export interface PlannedSettingProps {
    id: number;
    setting: OrganisationSetting;
    from: string;
    values: Record<string, string>;
    by: string;
}

export interface SettingChangeProps {
    line: AuditTrailRowProps;
    canBeRestored: boolean;
}

export interface SettingValueProps {
    setting: OrganisationSetting;
    values: Record<string, string>;
}

export interface SettingsProps {
    settings: SettingValueProps[];
    calendars: string[];
    planned: PlannedSettingProps[];
    changes: SettingChangeProps[];
    today: string;
    toAnonymise: number;
}

export interface DemoPersonProps {
    code: string;
    name: string;
    does: string;
}

export interface SignInProps {
    organisation: string;
    demoPeople: DemoPersonProps[];
    singleSignOn: string | null;
}

export interface StandInProps {
    id: number;
    principal: string;
    standIn: string;
    from: string;
    to: string;
    projects: string[];
    isNow: boolean;
}

export interface StandInsProps {
    named: StandInProps[];
    mine: StandInProps[];
    namesForOthers: boolean;
    reader: OptionProps;
    today: string;
}

export interface ProjectHoursProps {
    code: string;
    name: string;
    minutes: number;
}

export interface QuestionProps {
    id: number;
    wording: string;
    kind: QuestionKind;
    choices: string[];
    required: boolean;
    answer: string;
}

export interface RecipientProps {
    names: string[];
    isOffice: boolean;
    approvesItself: boolean;
    minutes: number;
    entries: number;
}

export interface SubmissionProps {
    minutes: number;
    entries: number;
    openExpenses: number;
    projects: ProjectHoursProps[];
    findings: FindingProps[];
    recipients: RecipientProps[];
    questions: QuestionProps[];
}

export interface LinkedTaskProps {
    id: number;
    key: string;
    title: string;
    state: string;
    comment: string;
    commentBy: string;
    task: OptionProps | null;
    minutes: number;
}

export interface ProjectTrackerProps {
    code: string;
    name: string;
    link: TrackerLinkProps | null;
    tasks: OptionProps[];
    monday: string;
}

export interface TrackedDifferenceProps {
    id: number;
    person: string;
    task: string;
    date: string;
    there: number;
    here: number;
    isPencilled: boolean;
    problem: string;
}

export interface TrackerLinkProps {
    tracker: string;
    key: string;
    startsOn: string;
    takesTasks: boolean;
    succeededAt: string | null;
    failure: string;
    tasks: LinkedTaskProps[];
    unknown: UnknownPersonProps[];
    differences: TrackedDifferenceProps[];
}

export interface TrackerOfferProps {
    id: number;
    name: string;
    projects: OptionProps[] | null;
}

export interface TrackerRowProps {
    id: number;
    name: string;
    address: string;
    links: number;
}

export interface TrackersProps {
    rows: TrackerRowProps[];
}

export interface UnknownPersonProps {
    id: number;
    login: string;
    name: string;
    email: string;
    minutes: number;
}

export interface TimerStateProps {
    timer: TimerProps | null;
    message: string | null;
    isRefused: boolean;
    suggestion: string | null;
    toInk: string | null;
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

export interface TimesheetsProps {
    week: string;
    search: string;
    owners: SheetOwnerProps[];
    more: number;
    recorders: RecorderProps[];
}

export interface WebhookAttemptProps {
    at: string;
    milliseconds: number;
    signature: string;
    status: number | null;
    failure: string;
    answer: string;
}

export interface WebhookMessageProps {
    webhookId: number;
    webhookName: string;
    address: string;
    message: WebhookMessageRowProps;
    body: string;
    attempts: WebhookAttemptProps[];
}

export interface WebhookMessageRowProps {
    id: number;
    subject: string;
    events: number;
    state: WebhookState;
    attempts: number;
    createdAt: string;
    dueAt: string;
    deliveredAt: string | null;
}

export interface WebhookProps {
    webhook: WebhookRowProps;
    topics: WebhookTopic[];
    newSecret: string | null;
    state: WebhookState | null;
    messages: WebhookMessageRowProps[];
    found: number;
    page: number;
    pages: number;
}

export interface WebhookRowProps {
    id: number;
    name: string;
    address: string;
    topics: WebhookTopic[];
    isPaused: boolean;
    waiting: number;
    waitingSince: string | null;
    givenUp: number;
    deliveredAt: string | null;
}

export interface WebhooksProps {
    rows: WebhookRowProps[];
    topics: WebhookTopic[];
}

export interface AdjustmentProps {
    minutes: number;
    corrects: string;
    note: string;
}

export interface AuditTrailLineProps {
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

export interface CellProps {
    date: string;
    minutes: number | null;
    version: number | null;
    state: EntryState | null;
    isOpen: boolean;
    isCorrectable: boolean;
    billable: boolean;
    note: string;
    clientNote: string;
    proposedClientNote: string | null;
    recordedBy: string | null;
    recordedAt: string | null;
    returnComment: string | null;
    waitsFor: string | null;
    decided: number;
    then: string[];
    correction: CorrectionProps | null;
    declined: string | null;
    fields: Record<string, string>;
    chargeCode: string | null;
    pay: Record<string, number>;
    adjustments: AdjustmentProps[];
}

export interface ClockDayProps {
    date: string;
    gaps: StretchTimesProps[];
    overlaps: StretchTimesProps[];
}

export interface CorrectionProps {
    id: number;
    minutes: number;
    reason: string;
    waitsFor: string;
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
    chargeCode: string | null;
    choosesChargeCode: boolean;
    fields: string[];
    cells: CellProps[];
}

export interface PencilProps {
    plan: boolean;
    lastWeek: LastWeekPencil;
    usualWeek: boolean;
    trackedTime: boolean | null;
}

export interface PencilledProps {
    proposals: ProposalProps[];
    remaining: TaskRemainingProps[];
    pay: PayProps | null;
}

export interface ProposalProps {
    line: string;
    date: string;
    minutes: number;
    source: PencilSource;
    why: string;
    times: StretchTimesProps[];
}

export interface QuickReadingProps {
    task: TaskOfferProps | null;
    candidates: TaskOfferProps[];
    days: string[];
    minutes: number;
    adds: boolean;
    note: string;
    message: string | null;
    times: StretchTimesProps | null;
    starts: boolean;
}

export interface RibbonWeekProps {
    week: string;
    monday: string;
    expected: number;
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

export interface SheetAddressProps {
    person: string;
    week: string;
}

export interface StretchProps {
    id: number;
    version: number;
    line: string;
    date: string;
    starts: number;
    ends: number;
    isInked: boolean;
    source: StretchSource;
    note: string;
    appointment: number | null;
    title: string | null;
    why: string | null;
    billable: boolean | null;
}

export interface StretchTimesProps {
    starts: number;
    ends: number;
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

export interface WeekProps {
    week: string;
    number: number;
    personCode: string;
    personName: string;
    usualRole: string | null;
    at: SheetAddressProps;
    isOwn: boolean;
    isWhole: boolean;
    mayRecord: boolean;
    maySubmit: boolean;
    thisWeek: string;
    expected: number;
    step: number;
    days: DayProps[];
    lines: LineProps[];
    collapsed: string[];
    totals: TotalsProps;
    stretches: StretchProps[];
    clockDays: ClockDayProps[];
    proposals: ProposalProps[];
    remaining: TaskRemainingProps[];
    pencil: PencilProps;
    ribbon: RibbonWeekProps[];
    fields: OwnFieldProps[];
    pay: PayProps | null;
    explainsPencil: boolean;
}

export interface DoneProps {
    at: string;
    sentence: string;
    undo: string | null;
}

export interface SignedInProps {
    code: string;
    name: string;
    hoursFormat: HoursFormat;
    language: string;
    locale: string | null;
    languages: string[];
    locales: string[];
    recordsTime: boolean;
    spends: boolean;
    reviews: boolean;
    seesProjects: boolean;
    compares: boolean;
    requestsWork: boolean;
    isOffice: boolean;
    waiting: number;
    leaveWaiting: number;
    unread: number;
    recalculated: number | null;
    week: string;
    timesheet: TimesheetProps | null;
    timer: TimerProps | null;
    toInk: string | null;
}

export interface TimesheetProps {
    period: TimesheetPeriod;
    at: string;
}

export interface LookupProps {
    options: OptionProps[];
    hasMore: boolean;
}

export interface OptionProps {
    code: string;
    name: string;
}

export interface FieldChoiceProps {
    code: string;
    name: string;
    isRetired: boolean;
}

export interface OwnFieldProps {
    code: string;
    name: string;
    kind: FieldKind;
    isRequired: boolean;
    choices: FieldChoiceProps[];
}

export interface PayKindProps {
    kind: string;
    name: string;
    minutes: number;
}

export interface PayOptionProps {
    kind: string;
    name: string;
}

export interface PayProps {
    kinds: PayKindProps[];
    reasons: string[];
    options: PayOptionProps[];
    cells: Record<string, string>;
}

export interface AbsenceProps {
    kind: string;
    minutes: number | null;
    isPencilled: boolean;
}

export interface CalendarProps {
    holidays: Record<string, string>;
    closedUntil: string | null;
}

export interface DayProps {
    date: string;
    expected: number | null;
    isWorkingDay: boolean;
    isToday: boolean;
    holiday: string | null;
    absences: AbsenceProps[];
}

export interface TimerProps {
    id: number;
    version: number;
    line: string;
    taskName: string;
    projectName: string;
    roleName: string | null;
    note: string;
    isRunning: boolean;
    seconds: number;
    since: string;
    seemsForgotten: boolean;
}
