import { printPercent } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { ComparedRowProps, HoursFormat } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';

/** By how much actual differs from what is planned to date, and in words whether that is on track. */
export function Standing({ row, format }: { row: ComparedRowProps; format: HoursFormat }) {
    const asks = row.standing !== 'on track' && row.standing !== 'ahead';

    return (
        <span className={clsx(asks && (row.difference > 0 ? 'text-brick' : 'text-ochre'))}>
            <Hours minutes={row.difference} format={format} signed />
            <span className="block text-[0.88em]">
                {row.differencePercentage !== null && `${text.percent(printPercent(row.differencePercentage))} `}
                <span className={clsx(!asks && 'text-faded')}>{text.comparePage.standing[row.standing]}</span>
            </span>
        </span>
    );
}
