import { printPercent } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { ComparedRowProps } from '@/types/generated/props';

/** The colour of what asks to be looked at, beside its words. */
export function standingColour({ standing, difference }: ComparedRowProps): string {
    return standing === 'on track' || standing === 'ahead' || standing === 'recorded'
        ? ''
        : difference > 0
          ? 'text-brick'
          : 'text-ochre';
}

/** By how many percent actual differs from what is planned to date, and in words whether that is on track. */
export function Standing({ row }: { row: ComparedRowProps }) {
    const says = text.comparePage.standing[row.standing];

    if (row.differencePercentage === null || row.standing === 'recorded') {
        return says;
    }
    // “Under” says by itself what a sign would.
    const percentage = row.standing === 'under' ? row.differencePercentage.replace('-', '') : row.differencePercentage;

    return `${text.percent(printPercent(percentage))} ${says}`;
}
