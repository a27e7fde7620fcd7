import { hoursWithUnit, signedHoursWithUnit } from '@/lib/hours';
import { printCents } from '@/lib/money';
import { printPercent } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { HoursFormat, Measure, MeasureUnit, MeasureValueProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';

const copy = text.comparePage;

/** Those of which less than nothing is as usual as more. */
const signed: readonly Measure[] = ['difference', 'variance'];

/** An amount, as it stands in a column. */
export function Amount({
    measure,
    unit,
    amount,
    format,
}: {
    measure: Measure;
    unit: MeasureUnit;
    amount: number | null;
    format: HoursFormat;
}) {
    if (amount === null) {
        return copy.notKnown;
    }

    return unit === 'money' ? (
        printCents(amount, '')
    ) : (
        <Hours minutes={amount} format={format} signed={signed.includes(measure)} />
    );
}

/** A measure as it stands in a column, with what it leaves out below it. */
export function MeasureValue({ value, format }: { value: MeasureValueProps; format: HoursFormat }) {
    if (value.unit === 'percent') {
        return value.percentage === null ? copy.notKnown : text.percent(printPercent(value.percentage));
    }

    return (
        <>
            <Amount measure={value.measure} unit={value.unit} amount={value.amount} format={format} />
            {value.leftOut > 0 && (
                <span className="block text-[0.85em] font-normal whitespace-nowrap text-faded">
                    {leftOut(value.leftOut, format)}
                </span>
            )}
        </>
    );
}

export function leftOut(minutes: number, format: HoursFormat): string {
    return copy.leavesOut(hoursWithUnit(minutes, format));
}

/** The same in one line of text. */
export function measureText(
    { measure, unit, amount, percentage }: MeasureValueProps,
    currency: string,
    format: HoursFormat,
): string {
    if (unit === 'percent') {
        return percentage === null ? copy.unknown : text.percent(printPercent(percentage));
    }
    if (amount === null) {
        return copy.unknown;
    }
    if (unit === 'money') {
        return printCents(amount, currency);
    }

    return signed.includes(measure) ? signedHoursWithUnit(amount, format) : hoursWithUnit(amount, format);
}
