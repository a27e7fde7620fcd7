import { hoursWithUnit } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { text } from '@/lib/text';
import type { FigureKind, HoursFormat } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { projectAddress } from './address';
import { openedBy, type TableRow } from './tableRow';

interface MoneyCellsProps {
    row: TableRow;
    name: string;
    code: string;
    format: HoursFormat;
}

/** The money of a row: what is known, and beside it the hours that have no rate. Each opens to what it is made of. */
export function MoneyCells({ row, name, code, format }: MoneyCellsProps) {
    const { money } = row.figures;
    if (money === null) {
        return null;
    }
    const costs: { figure: FigureKind; title: string; amount: string | null; unrated: number }[] = [
        { figure: 'planned', title: text.projectPage.plannedCost, amount: money.plannedCost, unrated: money.unratedPlanned },
        { figure: 'actual', title: text.projectPage.actualCost, amount: money.actualCost, unrated: money.unratedEntered },
        { figure: 'forecast', title: text.projectPage.forecastCost, amount: money.forecastCost, unrated: 0 },
    ];
    const isOver = money.variance !== null && /[1-9]/.test(money.variance) && !money.variance.startsWith('-');

    return (
        <>
            {costs.map(({ figure, title, amount, unrated }) => (
                <td key={figure} className="border-b border-rule ps-3 text-end whitespace-nowrap">
                    <Link
                        href={projectAddress(code, 'money', { figure, ...openedBy(row) })}
                        preserveScroll
                        preserveState
                        aria-label={text.projectPage.opens(
                            title,
                            amount === null ? text.projectPage.unknown : printMoney(amount, ''),
                            name,
                        )}
                        className="inline-block min-h-6 min-w-6 underline decoration-transparent underline-offset-4 hover:decoration-current"
                    >
                        {amount === null ? (
                            <span className="text-ochre">{text.projectPage.unknown}</span>
                        ) : (
                            printMoney(amount, '')
                        )}
                    </Link>
                    {unrated > 0 && (
                        <span className="block text-[0.85em] font-normal text-ochre">
                            {text.projectPage.partlyUnknown(hoursWithUnit(unrated, format))}
                        </span>
                    )}
                </td>
            ))}
            <td className={clsx('border-b border-rule ps-3 text-end whitespace-nowrap', isOver && 'text-brick')}>
                {money.variance === null ? '' : `${isOver ? '+' : ''}${printMoney(money.variance, '')}`}
            </td>
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
