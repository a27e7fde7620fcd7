import type { OwnFieldProps } from '@/types/generated/props';
import { OwnFieldInput } from './OwnFieldInput';

interface OwnFieldInputsProps {
    fields: readonly OwnFieldProps[];
    /** By the fields' codes. */
    values: Readonly<Record<string, string>>;
    onChange: (values: Record<string, string>) => void;
}

/** What a form begins with: a value for each field that is asked. */
export function ownValues(fields: readonly OwnFieldProps[], held: Readonly<Record<string, string>> = {}): Record<string, string> {
    return Object.fromEntries(fields.map(({ code }) => [code, held[code] ?? '']));
}

/** Fields that the office added, within a form. */
export function OwnFieldInputs({ fields, values, onChange }: OwnFieldInputsProps) {
    return fields.map((field) => (
        <OwnFieldInput
            key={field.code}
            field={field}
            value={values[field.code] ?? ''}
            className="w-56"
            onChange={(value) => {
                onChange({ ...values, [field.code]: value });
            }}
        />
    ));
}
