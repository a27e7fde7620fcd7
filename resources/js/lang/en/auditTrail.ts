/** What an act on an entry is called once it is done. */
const acts: Record<string, string> = {
    accept: 'accepted',
    add: 'added',
    announce: 'closing announced',
    answer: 'answered',
    approve: 'approved',
    change: 'changed',
    'change daily hours': 'daily hours changed',
    clear: 'cleared',
    close: 'closed',
    correct: 'corrected',
    create: 'created',
    decline: 'declined',
    disable: 'disabled',
    enable: 'enabled',
    end: 'ended',
    explain: 'explained',
    hide: 'hidden',
    'hide cost': 'cost hidden',
    import: 'imported',
    ink: 'inked',
    'mark as done': 'marked as done',
    'mark as done for everyone': 'marked as done for everyone',
    propose: 'proposed',
    remind: 'reminder sent',
    remove: 'removed',
    reopen: 'reopened',
    return: 'returned',
    save: 'saved',
    'set baseline': 'baseline set',
    'set password': 'password set',
    settle: 'settled',
    show: 'shown',
    'show cost': 'cost shown',
    'sign out': 'signed out everywhere',
    submit: 'submitted',
    'take back': 'taken back',
    undo: 'decision undone',
    update: 'updated',
    withdraw: 'withdrawn',
};

/** What the audit trail speaks of. */
export const subjects: Record<string, string> = {
    entry: 'entry',
    timesheet: 'timesheet',
    finding: 'finding',
    correction: 'correction',
    task: 'task',
    assignment: 'assignment',
    project: 'project',
    remaining: 'remaining estimate',
    rate: 'rate',
    rule: 'house rule',
    question: 'question',
    route: 'approval route',
    comparison: 'saved comparison',
    'stand-in': 'stand-in',
    recorder: 'recording permission',
    period: 'period',
    setting: 'setting',
    exchange: 'exchange files',
    access: 'access',
};

/** What an act on a correction is called beside the cell that it is of. */
const correctionActs: Record<string, string> = {
    propose: 'correction proposed',
    decline: 'correction declined',
    withdraw: 'correction withdrawn',
};

/** The audit trail, in words. */
export const auditTrailText = {
    cellAct: (act: string) => correctionActs[act] ?? acts[act] ?? act,
    act: (subject: string, act: string) => `${subjects[subject] ?? subject} ${acts[act] ?? act}`,
};
