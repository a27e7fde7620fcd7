import { text } from '@/lib/text';
import type { OwnFieldProps } from '@/types/generated/props';
import { DateField } from './DateField';
import { Field } from './Field';
import { Select } from './Select';

interface OwnFieldInputProps {
    field: OwnFieldProps;
    value: string;
    className?: string;
    /** With each key, and with each choice. */
    onChange?: (value: string) => void;
    /** Once it is left, or chosen: what is wanted. */
    onSave?: (value: string) => void;
}

/** What can be chosen: also what is held although it is no longer offered. */
function optionsOf({ kind, choices }: OwnFieldProps, value: string): (readonly [string, string])[] {
    const offered =
        kind === 'yes-no'
            ? (['yes', 'no'] as const).map((each) => [each, text.ownFields[each]] as const)
            : choices
                  .filter(({ code, isRetired }) => !isRetired || code === value)
                  .map(({ code, name }) => [code, name] as const);

    return [['', text.ownFields.none], ...offered];
}

/** A field that the office added, to be filled in. */
export function OwnFieldInput({ field, value, className, onChange, onSave }: OwnFieldInputProps) {
    const label = field.isRequired ? text.ownFields.required(field.name) : field.name;
    const both = (chosen: string) => {
        onChange?.(chosen);
        onSave?.(chosen);
    };
    if (field.kind === 'choice' || field.kind === 'yes-no') {
        return (
            <Select label={label} value={value} options={optionsOf(field, value)} className={className ?? ''} onChoose={both} />
        );
    }
    if (field.kind === 'date') {
        return <DateField label={label} defaultValue={value} onPick={both} />;
    }

    return (
        <Field
            label={label}
            defaultValue={value}
            maxLength={200}
            inputMode={field.kind === 'number' ? 'decimal' : 'text'}
            className={className}
            onChange={(event) => {
                onChange?.(event.target.value);
            }}
            onBlur={(event) => {
                if (event.target.value.trim() !== value) {
                    onSave?.(event.target.value.trim());
                }
            }}
            onKeyDown={(event) => {
                if (event.key === 'Enter' && onSave !== undefined) {
                    event.preventDefault();
                    event.currentTarget.blur();
                }
            }}
        />
    );
}
