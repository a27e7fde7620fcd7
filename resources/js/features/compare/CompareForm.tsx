import { daysOfForm } from '@/lib/daysOfForm';
import { text } from '@/lib/text';
import type { Grouping } from '@/types/generated/props';
import { Select } from '@/ui/Select';
import { soon } from '@/ui/soon';
import { ask } from './ask';
import type { Question } from './compareAddress';
import { chosenGrouping, groupingOptions, groupingValue } from './groupings';
import { periodName } from './periodName';

const copy = text.comparePage;
const FixedDays = soon(async () => (await import('./FixedDays')).FixedDays);

const acrosses = ['week', 'month', 'quarter'] as const;

/** Orders to choose from: also each figure that is shown. */
function sortsOf({ measures }: Question): (readonly [string, string])[] {
    return [...Object.entries(copy.sorts), ...measures.map((measure) => [measure, copy.measures[measure]] as const)];
}

/** By what is compared, in which period, and in which order. Each answer is in the address. */
export function CompareForm({ asked }: { asked: Question }) {
    const groupings = groupingOptions(asked);
    const periods = Object.entries<string>(copy.periods);
    const isListed = periods.some(([period]) => period === asked.period);

    return (
        <form
            aria-label={text.compare}
            className="no-print mt-2 flex flex-wrap items-baseline-last gap-x-4 gap-y-2"
            onSubmit={(event) => {
                event.preventDefault();
                ask({ ...asked, ...daysOfForm(event.currentTarget, asked) });
            }}
        >
            <Select
                label={copy.by}
                value={groupingValue(asked.by, asked)}
                options={groupings}
                onChoose={(by) => {
                    const chosen = chosenGrouping(by, asked);
                    ask({ ...asked, ...chosen, by: chosen.grouping, then: asked.then === chosen.grouping ? null : asked.then });
                }}
            />
            <Select
                label={copy.then}
                value={asked.then === null ? '' : groupingValue(asked.then, asked)}
                options={[
                    ['', copy.nothing],
                    ...groupings.filter(([grouping]) => chosenGrouping(grouping, asked).grouping !== asked.by),
                ]}
                onChoose={(then) => {
                    const chosen = chosenGrouping(then, asked);
                    ask(then === '' ? { ...asked, then: null } : { ...asked, ...chosen, then: chosen.grouping });
                }}
            />
            {!(acrosses as readonly string[]).includes(asked.by) && (
                <Select
                    label={copy.across}
                    value={asked.across ?? ''}
                    options={[['', copy.nothing], ...acrosses.map((across) => [across, copy.groupings[across]] as const)]}
                    onChoose={(across) => {
                        ask({ ...asked, across: across === '' ? null : (across as Grouping) });
                    }}
                />
            )}
            <Select
                label={copy.period}
                value={asked.period}
                options={isListed ? periods : [...periods, [asked.period, periodName(asked.period)]]}
                onChoose={(period) => {
                    ask({ ...asked, period });
                }}
            />
            {asked.period === '' && <FixedDays key={`${asked.from} ${asked.to}`} asked={asked} />}
            <Select
                label={copy.sort}
                value={asked.sort}
                options={sortsOf(asked)}
                onChoose={(sort) => {
                    ask({ ...asked, sort });
                }}
            />
        </form>
    );
}
