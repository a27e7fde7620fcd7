import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import { AttentionItem } from '@/ui/Margin';
import { SpanFields, type SpanFieldsProps } from './SpanFields';

const copy = text.span;

interface SpanFormProps extends SpanFieldsProps {
    mayWrite: boolean;
}

/** Start, end and breaks of the day that one is on, where the organisation wants them. */
export function SpanForm({ mayWrite, ...fields }: SpanFormProps) {
    const { date, spans } = fields;
    const span = spans.find((one) => one.date === date);
    if (!mayWrite) {
        return span === undefined ? null : (
            <AttentionItem title={copy.title(fullDay(date))}>{copy.from(span.starts, span.ends, span.breaks)}</AttentionItem>
        );
    }

    return (
        <AttentionItem title={copy.title(fullDay(date))}>
            <SpanFields {...fields} />
        </AttentionItem>
    );
}
