import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { EarnedValueProps } from '@/types/generated/props';

const words = text.earnedValue;

/** Earned value today, and what its two indices mean. */
export function EarnedValue({ value, currency }: { value: EarnedValueProps; currency: string }) {
    const amount = (figure: string) => (value.isHours ? `${figure.replace(/\.?0+$/, '')} h` : printMoney(figure, currency));

    return (
        <section aria-labelledby="earned-value">
            <h2 id="earned-value">{words.title}</h2>
            <p>{words.figures(amount(value.planned), amount(value.earned), amount(value.actual))}</p>
            <p>
                {value.costIndex === null || value.cost === null
                    ? words.noCost
                    : words.cost(value.costIndex) + words.costs[value.cost]}
            </p>
            <p>
                {value.scheduleIndex === null || value.schedule === null
                    ? words.noSchedule
                    : words.schedule(value.scheduleIndex) + words.schedules[value.schedule]}
            </p>
        </section>
    );
}
