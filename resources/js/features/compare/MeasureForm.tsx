import { text } from '@/lib/text';
import type { ComparisonProps, Measure } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { ask } from './ask';
import type { Question } from './compareAddress';

const copy = text.comparePage;

/** What belongs together, as it is chosen. */
const kinds: readonly (readonly [keyof typeof copy.measureKinds, readonly Measure[]])[] = [
    ['hours', ['planned', 'planned-to-date', 'actual', 'pending', 'difference', 'difference-pct', 'variance', 'variance-pct']],
    ['billable', ['billable', 'billable-share']],
    ['money', ['cost', 'expenses', 'bill-value', 'margin']],
    ['pay', ['overtime', 'double-time', 'nights', 'sundays', 'holidays', 'premiums']],
    ['people', ['expected', 'utilisation']],
    ['completion', ['remaining', 'forecast']],
];

/** Which figures of each group are shown; one of them at least. */
export function MeasureForm({ comparison, asked }: { comparison: ComparisonProps; asked: Question }) {
    const { offered } = comparison;

    return (
        <div
            role="group"
            aria-label={copy.chooseFigures}
            className="no-print my-2 flex flex-wrap gap-x-8 gap-y-3 border-s-2 border-moss ps-3"
        >
            {kinds
                .map(([kind, measures]) => [kind, measures.filter((measure) => offered.includes(measure))] as const)
                .filter(([, measures]) => measures.length > 0)
                .map(([kind, measures]) => (
                    <fieldset key={kind} className="flex flex-col items-start">
                        <legend className="text-faded">{copy.measureKinds[kind]}</legend>
                        {measures.map((measure) => (
                            <Checkbox
                                key={measure}
                                label={copy.measures[measure]}
                                checked={asked.measures.includes(measure)}
                                disabled={asked.measures.length === 1 && asked.measures.includes(measure)}
                                onChange={(isChosen) => {
                                    ask({ ...asked, measures: withMeasure(asked.measures, offered, measure, isChosen) });
                                }}
                            />
                        ))}
                    </fieldset>
                ))}
        </div>
    );
}

/** The chosen figures with or without one, in their order. */
function withMeasure(chosen: readonly Measure[], offered: readonly Measure[], measure: Measure, isChosen: boolean): Measure[] {
    return offered.filter((one) => (one === measure ? isChosen : chosen.includes(one)));
}
