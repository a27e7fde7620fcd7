import { printNumber } from '@/lib/numbers';
import { plural } from './plural';

/** Projects and their figures. */
export const projectsText = {
    projectTabs: { label: 'Project', standing: 'Status', plan: 'Plan', tracker: 'Task tracker', schedule: 'Schedule files' },
    projectsPage: {
        finding: (count: number, over: number, state: string) => {
            const projects =
                state === 'open'
                    ? plural(count, { one: '# open project', other: '# open projects' })
                    : state === 'closed'
                      ? plural(count, { one: '# closed project', other: '# closed projects' })
                      : plural(count, { one: '# project', other: '# projects' });

            return over === 0
                ? `${projects}; none is forecast over plan.`
                : plural(over, {
                      one: `${projects}; one is forecast over plan.`,
                      other: `${projects}; # are forecast over plan.`,
                  });
        },
        sums: (planned: string, entered: string, remaining: string, forecast: string, verdict: string) =>
            `In total, ${planned} planned, ${entered} entered and ${remaining} remaining; the forecast is ${forecast}, ${verdict}.`,
        nothing: 'You do not manage any projects yet.',
        nothingNext: 'A project appears here when you become its manager.',
        notFound: 'No matching projects.',
        notFoundNext: 'Try another search, or clear the filters.',
        newProject: 'New project',
        search: 'Name, code, client or manager',
        look: 'Search',
        state: 'Status',
        states: { open: 'Open', closed: 'Closed', all: 'Open and closed' },
        managedBy: 'Manager',
        anybody: 'Anyone',
        concern: 'Issue',
        concerns: {
            '': 'No filter',
            'over plan': 'Forecast over plan',
            'over budget': 'Over budget',
            'estimates waiting': 'Estimates waiting',
        },
        sort: 'Sort by',
        sorts: {
            attention: 'Attention needed',
            name: 'Name',
            manager: 'Manager',
            planned: 'Planned hours',
            forecast: 'Forecast',
            variance: 'Variance',
        },
        project: 'Project',
        manager: 'Manager',
        planned: 'Planned',
        forecast: 'Forecast',
        variance: 'Variance',
        trend: 'Last 12 weeks',
        trendLabel: (change: string) => `Forecast change over the last 12 weeks: ${change}`,
        growth: 'Hours against plan',
        closed: 'closed',
        internal: 'internal',
        budgetIsGone: 'over budget',
        waiting: (count: number) => plural(count, { one: 'one estimate waiting', other: '# estimates waiting' }),
        offScale: 'non-project time, not drawn to this scale',
    },
    projectPage: {
        /** In parts, since each figure opens. */
        sentence: <Part>(used: Part, planned: Part, remaining: Part, forecast: Part, verdict: Part): (Part | string)[] => [
            used,
            ' of ',
            planned,
            ' planned have been used and ',
            remaining,
            ' remain; the forecast is ',
            forecast,
            ', ',
            verdict,
            '.',
        ],
        over: (hours: string) => `${hours} over plan`,
        under: (hours: string) => `${hours} under plan`,
        onPlan: 'as planned',
        contact: (contact: string) => `Contact: ${contact}`,
        about: (client: string, manager: string) => `${client}Manager: ${manager}`,
        between: (from: string, to: string) => `${from} to ${to}`,
        closed: 'closed',
        task: 'Phase, task, assignee',
        planned: 'Planned',
        actual: 'Actual',
        pending: 'Pending',
        remaining: 'Remaining',
        forecast: 'Forecast',
        variance: 'Variance',
        growth: 'Against plan',
        noPhase: 'No phase',
        unassigned: 'Unassigned hours',
        done: 'done',
        overAssigned: (hours: string) => `${hours} over-assigned`,
        whole: 'Project total',
        legend: 'Solid: approved. Hatched: pending. Outlined: remaining. Upright mark: plan. Cross-hatched: over plan. Open any figure to see what it is made of.',
        legendWeek: 'Solid: approved. Hatched: pending. Outlined: remaining. Horizontal line: planned.',
        inHours: 'Hours',
        inMoney: 'Money',
        shown: 'Show figures in',
        plannedCost: 'Planned cost',
        actualCost: 'Actual cost',
        forecastCost: 'Forecast cost',
        budgetColumn: 'Budget',
        budgetLeft: 'Budget remaining',
        partlyUnknown: (hours: string) => `no rate for ${hours}`,
        moneySentence: (actual: string, planned: string, forecast: string) =>
            `Actual cost ${actual} of ${planned} planned; forecast ${forecast}.`,
        budget: (budget: string, remaining: string) => `Budget ${budget}, of which ${remaining} remains.`,
        overspent: (budget: string, over: string) => `Budget ${budget}, overspent by ${over}.`,
        unknown: 'unknown',
        unrated: (planned: string, entered: string) =>
            `No rate is set for ${planned} planned and ${entered} entered; the costs above leave them out.`,
        noTasks: 'This project has no tasks yet.',
        noTasksNext: 'Tasks appear once the project manager has planned them.',
        planIt: 'Open the plan',
        baseline: 'Baseline',
        baselineSentence: (day: string, hours: string) => `The baseline of ${day} was ${hours}.`,
        assigneeDone: 'marked as done',
        updateEstimate: 'Update estimate',
        said: 'Estimate history',
        opens: (figure: string, hours: string, what: string) => `${figure} ${hours}, ${what}: show details`,
        toWeek: (person: string, day: string) => `${person}, ${day}: open the week`,
    },
    attention: {
        title: 'Needs attention',
        nothing: 'Nothing needs attention.',
        more: (count: number) => plural(count, { one: 'and one more', other: 'and # more' }),
        overBudget: (over: string, remaining: string) =>
            `The budget is overspent by ${over}, with ${remaining} of work remaining.`,
        overPlan: (over: string, since: string | null) =>
            `The forecast is ${over} over plan${since === null ? '' : `, and has been over since the week ending ${since}`}`,
        notUpdated: (over: string) => `Entered hours are ${over} over plan, and nobody has updated the remaining estimate`,
        budgetGoing: (remaining: string, day: string) =>
            `${remaining} of the budget remains; at the pace of the last four weeks it will run out on ${day}, before the work ends.`,
        raised: (day: string, more: string) => `raised the remaining estimate by ${more} on ${day}`,
        nothingLately: (remaining: string) => `${remaining} remain, but no time has been recorded in the last two weeks`,
        notSubmitted: (count: number) =>
            plural(count, {
                one: 'One person on this project has not submitted last week’s time, so the figures may be too low',
                other: '# people on this project have not submitted last week’s time, so the figures may be too low',
            }),
        overAssigned: (over: string) => `Assigned hours exceed the plan by ${over}`,
    },
    waitingEstimate: {
        title: 'Remaining estimates waiting for you',
        titleOfOthers: 'Remaining estimates waiting for the project manager',
        remaining: (person: string, day: string, task: string, after: string, before: string) =>
            `On ${day}, ${person} estimated ${after} remaining on ${task} instead of ${before}.`,
        done: (person: string, day: string, task: string, before: string) =>
            `On ${day}, ${person} marked ${task} as done, with ${before} still remaining.`,
        by: (person: string) => `Entered by ${person}.`,
        effect: (before: string, after: string, verdict: string) =>
            `If accepted, the forecast changes from ${before} to ${after}, ${verdict}`,
        cost: (before: string, after: string) => `, and the forecast cost from ${before} to ${after}`,
        accept: 'Accept',
        decline: 'Decline…',
        why: 'Comment (required)',
        declineNow: 'Decline estimate',
        back: 'Cancel',
    },
    progress: {
        title: 'Progress by week',
        nothing: 'Nothing is planned or recorded yet.',
        sentence: (plan: string, forecast: string, today: string, used: string) =>
            `By this week, ${today} were planned and ${used} are entered; at completion, the plan is ${plan} and the forecast ${forecast}.`,
        cumulative: 'Cumulative',
        weekly: 'Per week',
        planLine: 'Plan',
        enteredLine: 'Entered',
        forecastLine: 'Entered, then remaining',
        today: 'this week',
        seen: 'Show progress as',
        asChart: 'Chart',
        asTable: 'Table',
        shown: 'Shown as',
        week: 'Week',
        planned: 'Planned',
        actual: 'Actual',
        pending: 'Pending',
        remaining: 'Remaining',
        plannedSoFar: 'Planned to date',
        forecastSoFar: 'Forecast to date',
        now: 'this week',
        inFigures: 'Weekly figures',
        top: (hours: string) => `up to ${hours}`,
    },
    projectPeople: {
        title: 'People',
        inWeeks: 'People by week',
        who: 'Person or team',
        when: 'Dates',
        notPlanned: 'not planned',
        planned: 'Planned',
        entered: 'Entered',
        remaining: 'Remaining',
        last: 'Last recorded',
        never: 'nothing yet',
        weekOf: (day: string) => `week of ${day}`,
        weeks: 'Weeks',
        strip: (planned: number, recorded: number) =>
            `${plural(planned, { one: '# week', other: '# weeks' })} planned, ${recorded} recorded`,
        legend: 'Solid: recorded. Outlined: planned.',
    },
    projectChanges: {
        title: 'This week',
        entered: (hours: string, pending: string) => `${hours} entered this week; ${pending} not yet approved.`,
        none: 'No time entered this week yet.',
        forecast: (hours: string, isMore: boolean) => `The forecast is ${hours} ${isMore ? 'higher' : 'lower'} than last week.`,
        sameForecast: 'The forecast has not changed since last week.',
        acts: 'Changes to plan and estimates',
        more: 'Only the latest changes are shown; the plan and each task have the full history.',
    },
    earnedValue: {
        title: 'Earned value',
        figures: (planned: string, earned: string, actual: string) =>
            `Planned value to date ${planned}; earned value ${earned}; actual, including pending, ${actual}.`,
        cost: (index: string) => `CPI ${index}: `,
        schedule: (index: string) => `SPI ${index}: `,
        costs: {
            better: 'the work is costing less than planned.',
            'as planned': 'the work is costing as much as planned.',
            worse: 'the work is costing more than planned.',
        },
        schedules: {
            better: 'the work is ahead of schedule.',
            'as planned': 'the work is on schedule.',
            worse: 'the work is behind schedule.',
        },
        noCost: 'CPI: nothing spent yet.',
        noSchedule: 'SPI: nothing planned to date.',
    },
    trace: {
        title: 'Figure details',
        close: 'Close',
        of: (figure: string, hours: string, what: string) => `${figure} for ${what}: ${hours}`,
        entries: (shown: number, all: number) =>
            shown === all
                ? plural(all, { one: '# entry', other: '# entries' })
                : `Latest ${printNumber(shown)} of ${printNumber(all)} entries`,
        noEntries: 'No entries.',
        expenses: (shown: number, all: number) =>
            shown === all
                ? plural(all, { one: '# expense', other: '# expenses' })
                : `Latest ${printNumber(shown)} of ${printNumber(all)} expenses`,
        receipt: (name: string) => `Receipt ${name}`,
        assignees: 'Planned and remaining',
        planned: (hours: string) => `planned ${hours}`,
        entered: (hours: string) => `entered ${hours}`,
        remaining: (hours: string) => `remaining ${hours}`,
        estimated: (name: string, day: string, hours: string, reason: string) =>
            `${name} estimated ${hours} remaining on ${day}${reason === '' ? '.' : `: “${reason}”`}`,
        saidDone: (name: string, day: string) => `${name} marked it as done on ${day}.`,
        fromPlan: 'Remaining is planned less entered; nobody has updated the estimate.',
        corrects: (day: string) => `correction of ${day}`,
    },
};
