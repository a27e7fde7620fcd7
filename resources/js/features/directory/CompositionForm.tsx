import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ClientProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { TextArea } from '@/ui/TextArea';
import { useForm } from '@inertiajs/react';
import { PartFields, type Part } from './PartFields';

const copy = officeText.compositionForm;

/** As `Composition` in the core has them. */
const separators = ['-', '/', '.', '_'];
const MOST_PARTS = 8;

/** Codes as they are typed: one on each line with its name, in brackets once it is no longer offered. */
function typed({ composition }: ClientProps): Part[] {
    return (composition?.parts ?? []).map(({ name, codes }) => ({
        name,
        codes: codes.map((one) => `${one.isRetired ? `(${one.code})` : one.code} ${one.name}`).join('\n'),
    }));
}

/** What charge codes of a client are composed of: parts with their codes, and which of them go together. */
export function CompositionForm({ client }: { client: ClientProps }) {
    const form = useForm({
        separator: client.composition?.separator ?? '-',
        parts: typed(client),
        combinations: (client.composition?.combinations ?? []).join('\n'),
    });
    const { parts, separator, combinations } = form.data;
    const setPart = (index: number, part: Partial<Part>) => {
        form.setData(
            'parts',
            parts.map((before, at) => (at === index ? { ...before, ...part } : before)),
        );
    };
    const example = parts.map(({ codes }) => codes.trim().split(/\s+/, 1)[0] ?? '');

    return (
        <form
            aria-label={copy.title}
            className="mt-8 max-w-3xl"
            onSubmit={(event) => {
                event.preventDefault();
                form.put(route('office.clients.save-charge-codes', { client: client.code }), { preserveScroll: true });
            }}
        >
            <h2>{copy.title}</h2>
            <p className="pencilled max-w-prose">{copy.hint}</p>
            <div className="mt-3 flex flex-wrap gap-x-6 gap-y-4">
                {parts.map((part, index) => (
                    <PartFields
                        // Parts are known by their places alone.
                        key={index}
                        part={part}
                        number={index + 1}
                        onChange={(changed) => {
                            setPart(index, changed);
                        }}
                        onRemove={() => {
                            form.setData(
                                'parts',
                                parts.filter((_, at) => at !== index),
                            );
                        }}
                    />
                ))}
            </div>
            {parts.length > 0 && (
                <Together
                    separator={separator}
                    combinations={combinations}
                    example={example}
                    onChange={(changed) => {
                        form.setData((before) => ({ ...before, ...changed }));
                    }}
                />
            )}
            <FieldError of={Object.keys(form.errors)} />
            <p className="mt-3 flex flex-wrap gap-3">
                <button type="submit" className="act" disabled={form.processing}>
                    {copy.save}
                </button>
                {parts.length < MOST_PARTS && (
                    <button
                        type="button"
                        className="act-quiet"
                        onClick={() => {
                            form.setData('parts', [...parts, { name: '', codes: '' }]);
                        }}
                    >
                        {copy.addPart}
                    </button>
                )}
            </p>
        </form>
    );
}

interface TogetherProps {
    separator: string;
    combinations: string;
    /** The first code of each part. */
    example: string[];
    onChange: (changed: { separator?: string; combinations?: string }) => void;
}

/** How parts make a whole: what stands between them, and which codes go together. */
function Together({ separator, combinations, example, onChange }: TogetherProps) {
    return (
        <>
            <p className="pencilled mt-1">{copy.codesHint}</p>
            <div className="mt-3 flex flex-wrap items-start gap-x-6 gap-y-3">
                <Select
                    label={copy.separator}
                    value={separator}
                    options={separators.map((each) => [each, each] as const)}
                    onChoose={(chosen) => {
                        onChange({ separator: chosen });
                    }}
                />
                <TextArea
                    label={copy.combinations}
                    className="w-72"
                    value={combinations}
                    onChange={(event) => {
                        onChange({ combinations: event.target.value });
                    }}
                />
            </div>
            <p className="pencilled mt-1 max-w-prose">{copy.combinationsHint}</p>
            {example.every((code) => code !== '') && <p className="mt-2">{copy.example(example.join(separator))}</p>}
        </>
    );
}
