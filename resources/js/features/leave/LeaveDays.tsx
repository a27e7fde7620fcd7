import { officeText } from '@/lib/officeText';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { Select } from '@/ui/Select';
import { halves, partOfDay, type DayPart } from './dayPart';

const copy = officeText.leavePage;

interface Days {
    first: string;
    last: string;
    fromMidday: boolean;
    untilMidday: boolean;
}

interface LeaveDaysProps {
    days: Days;
    onChange: (given: Partial<Days>) => void;
}

/** First and last day, the last following the first until it is chosen, and which halves of them. */
export function LeaveDays({ days, onChange }: LeaveDaysProps) {
    const { first, last } = days;

    return (
        <>
            <div className="flex flex-wrap gap-4">
                <DateField
                    label={copy.first}
                    required
                    defaultValue={first === '' ? null : first}
                    onPick={(picked) => {
                        onChange({ first: picked, last: last < picked ? picked : last });
                    }}
                />
                <DateField
                    key={last === first ? first : 'last'}
                    label={copy.last}
                    required
                    min={first === '' ? undefined : first}
                    defaultValue={last === '' ? null : last}
                    onPick={(picked) => {
                        onChange({ last: picked });
                    }}
                />
            </div>
            <DayParts days={days} onChange={onChange} />
        </>
    );
}

/** Half days: of a single day the morning or the afternoon, else the first from and the last until midday. */
function DayParts({ days: { first, last, fromMidday, untilMidday }, onChange }: LeaveDaysProps) {
    if (first === '' || first === last) {
        return (
            <Select
                label={copy.part}
                value={partOfDay(fromMidday, untilMidday)}
                options={Object.entries(copy.parts)}
                onChoose={(part) => {
                    onChange(halves(part as DayPart));
                }}
            />
        );
    }

    return (
        <span className="flex flex-wrap gap-x-5">
            <Checkbox
                label={copy.startsAtMidday}
                checked={fromMidday}
                onChange={(checked) => {
                    onChange({ fromMidday: checked });
                }}
            />
            <Checkbox
                label={copy.endsAtMidday}
                checked={untilMidday}
                onChange={(checked) => {
                    onChange({ untilMidday: checked });
                }}
            />
        </span>
    );
}
