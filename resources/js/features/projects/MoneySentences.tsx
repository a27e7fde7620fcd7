import { hoursWithUnit } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { HoursFormat, MoneyProps } from '@/types/generated/props';

interface MoneySentencesProps {
    money: MoneyProps;
    currency: string;
    format: HoursFormat;
}

/** What the project costs, what is left of its budget, and for how much no rate is known. */
export function MoneySentences({ money, currency, format }: MoneySentencesProps) {
    const amount = (value: string | null) => (value === null ? text.projectPage.unknown : printMoney(value, currency));
    const { budget, budgetLeft } = money;

    return (
        <p>
            {text.projectPage.moneySentence(amount(money.actualCost), amount(money.plannedCost), amount(money.forecastCost))}{' '}
            {budget !== null &&
                budgetLeft !== null &&
                (budgetLeft.startsWith('-') ? (
                    <span className="text-brick">{text.projectPage.overspent(amount(budget), amount(budgetLeft.slice(1)))} </span>
                ) : (
                    `${text.projectPage.budget(amount(budget), amount(budgetLeft))} `
                ))}
            {(money.unratedPlanned > 0 || money.unratedEntered > 0) && (
                <span className="text-ochre">
                    {text.projectPage.unrated(
                        hoursWithUnit(money.unratedPlanned, format),
                        hoursWithUnit(money.unratedEntered, format),
                    )}
                </span>
            )}
        </p>
    );
}
