import { typedHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { PayOptionProps, PayProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { useState } from 'react';
import { payOf, type Cell } from './cells';
import type { SheetPage } from './useSheetPage';

interface EntryPayProps {
    page: SheetPage;
    pay: PayProps;
    cell: Cell;
    cellKey: string;
}

/** How many hours of an entry are of which kind of pay, where that may be chosen; each saved as it is left. */
export function EntryPay({ page, pay, cell, cellKey }: EntryPayProps) {
    const held = payOf(cell);
    const [isOpen, open] = useState(Object.keys(held).length > 0);

    return (
        <>
            <button
                type="button"
                className="act-quiet mt-2"
                aria-expanded={isOpen}
                onClick={() => {
                    open(!isOpen);
                }}
            >
                {text.week.pay}
            </button>
            {isOpen && (
                <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
                    {pay.options.map((option) => (
                        <Hours
                            key={`${cellKey} ${option.kind} ${String(held[option.kind])}`}
                            option={option}
                            value={hoursOf(held[option.kind], page.format)}
                            onSave={(hours) => {
                                page.acts.want(new Map([[cellKey, { pay: { ...held, [option.kind]: hours } }]]));
                            }}
                        />
                    ))}
                </div>
            )}
        </>
    );
}

function hoursOf(held: string | number | undefined, format: SheetPage['format']): string {
    return typeof held === 'number' ? typedHours(held, format) : (held ?? '');
}

function Hours({ option, value, onSave }: { option: PayOptionProps; value: string; onSave: (hours: string) => void }) {
    return (
        <Field
            label={option.name}
            defaultValue={value}
            inputMode="decimal"
            maxLength={20}
            className="w-20"
            onBlur={(event) => {
                if (event.target.value.trim() !== value) {
                    onSave(event.target.value.trim());
                }
            }}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    event.preventDefault();
                    event.currentTarget.blur();
                }
            }}
        />
    );
}
