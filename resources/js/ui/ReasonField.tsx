import type { Ref } from 'react';

interface ReasonFieldProps {
    label: string;
    value: string;
    isInvalid: boolean;
    ref?: Ref<HTMLTextAreaElement>;
    onType: (value: string) => void;
}

/** A few words that say why; Enter sends the form that it stands in. */
export function ReasonField({ label, value, isInvalid, ref, onType }: ReasonFieldProps) {
    return (
        <label className="flex flex-col gap-1">
            <span className="text-faded">{label}</span>
            <textarea
                ref={ref}
                rows={2}
                maxLength={1000}
                value={value}
                aria-invalid={isInvalid}
                className="field-sizing-content min-h-12 border-b border-edge bg-sheet px-2 py-1"
                onChange={(event) => {
                    onType(event.target.value);
                }}
                onKeyDown={(event) => {
                    if (event.key === 'Enter' && !event.shiftKey) {
                        event.preventDefault();
                        event.currentTarget.form?.requestSubmit();
                    }
                }}
            />
        </label>
    );
}
