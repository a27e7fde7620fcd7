import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { OptionProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.peoplePage.several;

/** What is set, and where its values come from. */
const KINDS = { team: 'teams', manager: 'people', role: 'roles' } as const;

type SharedField = keyof typeof KINDS;

/** The same team, line manager or role for those who are chosen. */
export function SeveralForm({ chosen, onDone }: { chosen: readonly string[]; onDone: () => void }) {
    const [field, setField] = useState<SharedField>('team');
    const [value, setValue] = useState<OptionProps[]>([]);

    return (
        <form
            aria-label={copy.title(chosen.length)}
            className="mt-3 flex flex-wrap items-baseline-last gap-3 border-s-2 border-moss ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                router.put(
                    route('office.people.save-several'),
                    { people: [...chosen], field, value: value[0]?.code ?? '' },
                    { preserveScroll: true, onSuccess: onDone },
                );
            }}
        >
            <p className="w-full">{copy.title(chosen.length)}</p>
            <Select
                label={copy.field}
                value={field}
                options={Object.entries(copy.fields)}
                onChoose={(name) => {
                    setField(name as SharedField);
                    setValue([]);
                }}
            />
            <Combobox key={field} label={copy.value} kind={KINDS[field]} className="w-56" chosen={value} onChange={setValue} />
            <button type="submit" className="act">
                {copy.saves[field]}
            </button>
            <span className="pencilled">{copy.hint}</span>
            <div className="w-full">
                <FieldError of={['people', 'field', 'value']} />
            </div>
        </form>
    );
}
