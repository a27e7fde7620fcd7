import { text } from '@/lib/text';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { useState } from 'react';
import { ask } from './ask';
import type { Question } from './compareAddress';

const copy = text.comparePage;
const NOTHING = '-';

/** What one own field must hold; a comparison by an own field is narrowed by that one. */
export function FieldFilter({ asked }: { asked: Question }) {
    const isGrouped = asked.by === 'field' || asked.then === 'field';
    // Which field it is about is asked with what it must hold.
    const [code, setCode] = useState(asked.field?.code ?? '');
    const field = asked.ownFields.find((each) => each.code === code) ?? null;
    const values = field?.values ?? null;
    const value = field?.code === asked.field?.code ? (asked.fieldValues[0]?.code ?? '') : '';
    const narrow = (chosen: string) => {
        ask({ ...asked, field, fieldValues: chosen === '' ? [] : [{ code: chosen, name: chosen }] });
    };

    return (
        <>
            {!isGrouped && (
                <Select
                    label={copy.field}
                    value={code}
                    options={[['', copy.nothing], ...asked.ownFields.map((each) => [each.code, each.name] as const)]}
                    onChoose={(chosen) => {
                        setCode(chosen);
                        if (asked.fieldValues.length > 0) {
                            ask({ ...asked, field: null, fieldValues: [] });
                        }
                    }}
                />
            )}
            {field !== null && values !== null && (
                <Select
                    label={copy.fieldValue(field.name)}
                    value={value}
                    options={[
                        ['', copy.anyValue],
                        ...values.map((each) => [each.code, each.name] as const),
                        [NOTHING, copy.without.field],
                    ]}
                    onChoose={narrow}
                />
            )}
            {field !== null && values === null && (
                <Field
                    key={`${field.code} ${value}`}
                    label={copy.fieldValue(field.name)}
                    defaultValue={value}
                    maxLength={200}
                    className="w-40"
                    onBlur={(event) => {
                        const typed = event.target.value.trim();
                        if (typed !== value) {
                            narrow(typed);
                        }
                    }}
                />
            )}
        </>
    );
}
