import { hoursWithUnit } from '@/lib/hours';
import { printCents } from '@/lib/money';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { HoursFormat, ReviewProps, WaitingSheetProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { AttentionItem } from '@/ui/Margin';
import { outcomesOf, projectsOf, type Outcome } from './taken';
import { useProjectsAsTheyStand } from './useProjectsAsTheyStand';

interface DecisionEffectRemarkProps {
    review: ReviewProps;
    sheet: WaitingSheetProps;
    taken: ReadonlySet<number>;
    format: HoursFormat;
}

/** What approving what is taken would do to each project: hours and money before and after. */
export function DecisionEffectRemark({ review, sheet, taken, format }: DecisionEffectRemarkProps) {
    const outcomes = outcomesOf(sheet, taken, useProjectsAsTheyStand(projectsOf(review.sheets), review) ?? []);

    return outcomes.length === 0 ? null : (
        <AttentionItem title={text.reviewPage.effect}>
            <div className="flex flex-col gap-2">
                {outcomes.map((outcome) => (
                    <Effect key={outcome.project.code} outcome={outcome} format={format} />
                ))}
            </div>
        </AttentionItem>
    );
}

function Effect({ outcome: { project, minutes, cents, unrated }, format }: { outcome: Outcome; format: HoursFormat }) {
    const hours = (amount: number) => hoursWithUnit(amount, format);
    const money = (amount: number) => printCents(amount, project.currency);
    const { actual, planned, forecast, actualCost, budget } = project;
    const sentences = [
        text.reviewPage.approvedHours(hours(actual), hours(actual + minutes)),
        text.bar.mark(hours(planned)),
        text.reviewPage.forecast(hours(forecast)),
    ];

    return (
        <div>
            <p className="font-semibold">{project.name}</p>
            <Bar
                approved={actual}
                pending={minutes}
                remaining={Math.max(0, forecast - actual - minutes)}
                mark={planned}
                scale={Math.max(planned, forecast, actual + minutes, 1)}
                label={printList(sentences)}
            />
            <p>{text.reviewPage.approvedHours(hours(actual), hours(actual + minutes))}</p>
            <p className="text-faded">
                {planned === 0
                    ? text.reviewPage.forecast(hours(forecast))
                    : text.reviewPage.forecastOf(hours(forecast), hours(planned))}
            </p>
            {actualCost !== null && <p>{text.reviewPage.cost(money(actualCost), printCents(actualCost + cents, ''))}</p>}
            {actualCost !== null && unrated > 0 && <p className="text-faded">{text.reviewPage.unrated(hours(unrated))}</p>}
            {actualCost !== null && budget !== null && (
                <p className={budget - actualCost - cents < 0 ? 'text-brick' : 'text-faded'}>
                    {text.reviewPage.budgetLeft(money(budget - actualCost), printCents(budget - actualCost - cents, ''))}
                </p>
            )}
        </div>
    );
}
