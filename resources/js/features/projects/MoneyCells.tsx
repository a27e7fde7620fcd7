import { hoursInWords } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { HoursFormat, MoneyProps } from '@/types/generated/props';
import clsx from 'clsx';

/** The money of a row: what is known, and beside it the hours that have no rate. */
export function MoneyCells({ money, format }: { money: MoneyProps | null; format: HoursFormat }) {
    if (money === null) {
        return null;
    }
    const costs = [
        { amount: money.plannedCost, unrated: money.unratedPlanned },
        { amount: money.actualCost, unrated: money.unratedEntered },
        { amount: money.forecastCost, unrated: 0 },
    ];

    return (
        <>
            {costs.map(({ amount, unrated }, index) => (
                <td key={index} className="border-b border-rule ps-3 text-end whitespace-nowrap">
                    {amount === null ? <span className="text-ochre">{text.projectPage.unknown}</span> : printMoney(amount, '')}
                    {unrated > 0 && (
                        <span className="block text-[0.85em] font-normal text-ochre">
                            {text.projectPage.partlyUnknown(hoursInWords(unrated, format))}
                        </span>
                    )}
                </td>
            ))}
            {[money.budget, money.budgetLeft].map((amount, index) => (
                <td
                    key={index}
                    className={clsx(
                        'border-b border-rule ps-3 text-end whitespace-nowrap',
                        amount?.startsWith('-') && 'text-brick',
                    )}
                >
                    {amount === null ? '' : printMoney(amount, '')}
                </td>
            ))}
        </>
    );
}
