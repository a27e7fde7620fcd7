import { officeText } from '@/lib/officeText';
import type { CalledKindProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';

const copy = officeText.clientSystemsPage;

export const headings = ['personHeading', 'dateHeading', 'hoursHeading', 'chargeCodeHeading', 'payKindHeading'] as const;

/** How an export is read. */
export type ExportData = Record<(typeof headings)[number] | 'personBy', string> & { payKinds: Record<string, string> };

interface ExportFieldsProps {
    data: ExportData;
    kinds: readonly CalledKindProps[];
    set: (changed: Partial<ExportData>) => void;
}

/** The headings of its columns, and what it calls people and kinds of pay. */
export function ExportFields({ data, kinds, set }: ExportFieldsProps) {
    return (
        <>
            <fieldset className="flex w-full flex-wrap items-baseline-last gap-3">
                <legend>{copy.headings}</legend>
                {headings.map((name) => (
                    <Field
                        key={name}
                        label={copy[name]}
                        required={name !== 'chargeCodeHeading' && name !== 'payKindHeading'}
                        maxLength={100}
                        className="w-56"
                        value={data[name]}
                        onChange={(event) => {
                            set({ [name]: event.target.value });
                        }}
                    />
                ))}
                <Select
                    label={copy.personBy}
                    options={Object.entries(copy.personBys)}
                    value={data.personBy}
                    className="w-60"
                    onChoose={(personBy) => {
                        set({ personBy });
                    }}
                />
            </fieldset>
            {data.payKindHeading !== '' && kinds.length > 0 && (
                <fieldset className="flex w-full flex-wrap items-baseline-last gap-3">
                    <legend>{copy.payKinds}</legend>
                    {kinds.map(({ kind, name }) => (
                        <Field
                            key={kind}
                            label={name}
                            maxLength={50}
                            className="w-40"
                            value={data.payKinds[kind] ?? ''}
                            onChange={(event) => {
                                set({ payKinds: { ...data.payKinds, [kind]: event.target.value } });
                            }}
                        />
                    ))}
                </fieldset>
            )}
        </>
    );
}
