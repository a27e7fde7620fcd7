import type { IsoDay } from '@/lib/dateText';
import { text } from '@/lib/text';
import { Popover as Primitive } from 'radix-ui';
import { useState } from 'react';
import { soon } from './soon';
import { Tooltip } from './Tooltip';

const Calendar = soon(async () => (await import('./Calendar')).Calendar);

interface DatePopoverProps {
    label: string;
    min?: IsoDay | undefined;
    max?: IsoDay | undefined;
    chosen: IsoDay | null;
    today: IsoDay;
    onPick: (day: IsoDay) => void;
}

/** The calendar that opens beside a field. */
export function DatePopover({ label, chosen, today, min, max, onPick }: DatePopoverProps) {
    const [isOpen, open] = useState(false);

    return (
        <Primitive.Root open={isOpen} onOpenChange={open}>
            <Tooltip says={text.calendar.open}>
                <Primitive.Trigger
                    aria-label={text.calendar.openOf(label)}
                    className="min-w-8 cursor-pointer text-faded hover:text-ink"
                >
                    ▾
                </Primitive.Trigger>
            </Tooltip>
            <Primitive.Portal>
                <Primitive.Content
                    aria-label={text.calendar.openOf(label)}
                    align="end"
                    sideOffset={4}
                    collisionPadding={8}
                    className="z-40 min-h-72 min-w-72 border border-edge bg-sheet p-3 text-ink"
                    onKeyDown={(event) => {
                        if (event.key === 'Escape') {
                            event.stopPropagation();
                        }
                    }}
                >
                    <Calendar
                        chosen={chosen}
                        today={today}
                        min={min}
                        max={max}
                        onPick={(picked) => {
                            onPick(picked);
                            open(false);
                        }}
                    />
                </Primitive.Content>
            </Primitive.Portal>
        </Primitive.Root>
    );
}
