import { printNumber } from '@/lib/numbers';

/** What projects came to when a period was closed. */
export const reportedText = {
    reportedPage: {
        title: 'As reported',
        none: 'No period has been closed yet. Once one is, what each project came to that day can be compared with today.',
        since: (until: string, at: string, by: string) => `Up to ${until}, closed on ${at} by ${by}.`,
        changedForecast: (then: string, now: string, change: string) => `Forecast then ${then}, now ${now}: ${change}.`,
        sameForecast: (forecast: string) => `Forecast ${forecast}, as it was then.`,
        counts: (risen: number, fallen: number, same: number) =>
            `${printNumber(risen)} higher, ${printNumber(fallen)} lower, ${printNumber(same)} unchanged.`,
        closing: 'Closed period',
        closed: (until: string, at: string) => `Up to ${until} (closed ${at})`,
        project: 'Project',
        then: 'As reported',
        now: 'Today',
        change: 'Forecast since',
        figures: { planned: 'Planned', actual: 'Actual', remaining: 'Remaining', forecast: 'Forecast' },
        total: 'Total',
        newSince: 'new since then',
        notThere: '–',
        rose: 'higher',
        fell: 'lower',
        same: 'unchanged',
    },
};
