import { wholeDate } from '@/lib/days';
import { readDate, type IsoDay } from '@/lib/dateText';
import { locale } from '@/lib/locale';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import { useId, useRef, useState } from 'react';
import { DatePopover } from './DatePopover';

interface DateFieldProps {
    label: string;
    /** Under which a form sends the day, as `2026-11-28`; empty where none is given. */
    name?: string;
    defaultValue?: IsoDay | null | undefined;
    required?: boolean;
    min?: IsoDay | undefined;
    max?: IsoDay | undefined;
    /** What the server found wrong with it. */
    fault?: string | undefined;
    onPick?: (day: IsoDay) => void;
}

/** What is wrong with what was typed; empty where nothing is. */
function faultOf(typed: string, day: IsoDay | null, today: IsoDay, { min, max, required }: DateFieldProps): string {
    if (typed.trim() === '') {
        return required === true ? text.date.missing : '';
    }
    if (day === null) {
        return text.date.unreadable(wholeDate(today));
    }

    return min !== undefined && day < min
        ? text.date.tooEarly(wholeDate(min))
        : max !== undefined && day > max
          ? text.date.tooLate(wholeDate(max))
          : '';
}

/** A day, typed as people type it and shown in one format; what it was understood as stands there once it is left. */
export function DateField(props: DateFieldProps) {
    const { label, name, defaultValue, required, onPick } = props;
    const { today } = useShared();
    const id = useId();
    const field = useRef<HTMLInputElement>(null);
    const [typed, setTyped] = useState(defaultValue ? wholeDate(defaultValue) : '');
    const [day, setDay] = useState<IsoDay | null>(defaultValue ?? null);
    const [ownFault, setFault] = useState('');
    const fault = ownFault === '' ? (props.fault ?? '') : ownFault;

    const read = (value: string, picked?: IsoDay) => {
        // What names no year is near the first day that there can be.
        const near = props.min !== undefined && props.min > today ? props.min : today;
        const found = picked ?? readDate(value, near, locale);
        setTyped(value);
        setDay(found);
        field.current?.setCustomValidity(faultOf(value, found, today, props));
        setFault('');
        onPick?.(found ?? '');
    };

    return (
        <div className="flex flex-col gap-1">
            <label htmlFor={id}>{label}</label>
            <span className="flex min-h-9 w-40 items-stretch border-b border-edge bg-sheet">
                <input
                    ref={field}
                    id={id}
                    value={typed}
                    required={required}
                    autoComplete="off"
                    maxLength={40}
                    aria-invalid={fault !== ''}
                    aria-describedby={fault === '' ? undefined : `${id}-fault`}
                    className="min-w-0 grow bg-transparent px-2"
                    onChange={(event) => {
                        read(event.target.value);
                    }}
                    onInvalid={(event) => {
                        event.preventDefault();
                        setFault(faultOf(typed, day, today, props));
                    }}
                    onBlur={() => {
                        if (day === null) {
                            setFault(typed.trim() === '' ? '' : faultOf(typed, day, today, props));
                        } else {
                            setTyped(wholeDate(day));
                        }
                    }}
                />
                <DatePopover
                    label={label}
                    chosen={day}
                    today={today}
                    min={props.min}
                    max={props.max}
                    onPick={(picked) => {
                        read(wholeDate(picked), picked);
                    }}
                />
            </span>
            {name !== undefined && <input type="hidden" name={name} value={day ?? ''} />}
            {fault !== '' && (
                <p id={`${id}-fault`} role="alert" className="max-w-48 text-brick">
                    {fault}
                </p>
            )}
        </div>
    );
}
