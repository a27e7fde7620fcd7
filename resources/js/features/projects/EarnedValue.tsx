import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { EarnedValueProps } from '@/types/generated/props';

const copy = text.earnedValue;

/** Earned value today, and what its two indices mean. */
export function EarnedValue({ value, currency }: { value: EarnedValueProps; currency: string }) {
    const amount = (figure: string) => (value.isHours ? `${figure.replace(/\.?0+$/, '')} h` : printMoney(figure, currency));

    return (
        <section aria-labelledby="earned-value">
            <h2 id="earned-value">{copy.title}</h2>
            <p>{copy.figures(amount(value.planned), amount(value.earned), amount(value.actual))}</p>
            <p>
                {value.costIndex === null || value.cost === null
                    ? copy.noCost
                    : copy.cost(value.costIndex) + copy.costs[value.cost]}
            </p>
            <p>
                {value.scheduleIndex === null || value.schedule === null
                    ? copy.noSchedule
                    : copy.schedule(value.scheduleIndex) + copy.schedules[value.schedule]}
            </p>
        </section>
    );
}
