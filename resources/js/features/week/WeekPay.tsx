import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, PayProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';

/** What the week is paid as, and why; in pencil until it is approved. */
export function WeekPay({ pay: { kinds, reasons }, format }: { pay: PayProps; format: HoursFormat }) {
    return (
        <AttentionItem title={text.week.pay}>
            <ul>
                {kinds.map(({ kind, name, minutes }) => (
                    <li key={kind} className="flex justify-between gap-3">
                        <span>{name}</span>
                        <span className="pencilled shrink-0">{hoursWithUnit(minutes, format)}</span>
                    </li>
                ))}
            </ul>
            {reasons.map((reason) => (
                <p key={reason} className="mt-1 text-faded">
                    {reason}
                </p>
            ))}
        </AttentionItem>
    );
}
