import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { SpanProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { useState } from 'react';
import type { Remarks } from './useRemarks';

interface SpanFormProps {
    date: string;
    span: SpanProps | undefined;
    mayWrite: boolean;
    onSave: Remarks['span'];
}

/** Start, end and break of the day that one is on, where the organisation wants them. */
export function SpanForm({ date, span, mayWrite, onSave }: SpanFormProps) {
    const [trouble, setTrouble] = useState<string | null>(null);
    if (!mayWrite) {
        return span === undefined ? null : (
            <AttentionItem title={text.span.title(fullDay(date))}>
                {text.span.from(span.starts, span.ends, span.pause)}
            </AttentionItem>
        );
    }
    const fields = [
        ['starts', text.span.starts, 'time', span?.starts],
        ['ends', text.span.ends, 'time', span?.ends],
        ['pause', text.span.pause, 'number', span?.pause],
    ] as const;

    return (
        <AttentionItem title={text.span.title(fullDay(date))}>
            <form
                className="flex flex-wrap items-end gap-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    const said = new FormData(event.currentTarget);
                    const clock = (name: string) => {
                        const value = said.get(name);

                        return typeof value === 'string' && value !== '' ? value : null;
                    };
                    void onSave({ date, starts: clock('starts'), ends: clock('ends'), pause: Number(clock('pause') ?? 0) }).then(
                        setTrouble,
                    );
                }}
            >
                {fields.map(([name, label, type, value]) => (
                    <label key={name} className="flex flex-col">
                        <span className="text-faded">{label}</span>
                        <input
                            name={name}
                            type={type}
                            min={type === 'number' ? 0 : undefined}
                            defaultValue={value}
                            className="min-h-7 w-[5.2rem] border-b border-edge bg-sheet px-1"
                        />
                    </label>
                ))}
                <button type="submit" className="act">
                    {text.span.save}
                </button>
            </form>
            {trouble !== null && (
                <p role="alert" className="mt-1 text-brick">
                    {trouble === '' ? text.span.lost : trouble}
                </p>
            )}
        </AttentionItem>
    );
}
