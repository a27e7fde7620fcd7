import type { OptionProps } from '@/types/generated/props';
import { useState, type ComponentProps } from 'react';
import { Combobox } from './Combobox';

interface ComboboxOfOneProps {
    label: string;
    kind: ComponentProps<typeof Combobox>['kind'];
    first: OptionProps | null | undefined;
    /** With its code; with an empty text once nothing is chosen. */
    onChoose: (code: string) => void;
}

/** One of a list that is searched, or none, in a form that sends its code. */
export function ComboboxOfOne({ label, kind, first, onChoose }: ComboboxOfOneProps) {
    const [one, choose] = useState(first ?? null);

    return (
        <Combobox
            label={label}
            kind={kind}
            chosen={one === null ? [] : [one]}
            onChange={([chosen]) => {
                choose(chosen ?? null);
                onChoose(chosen?.code ?? '');
            }}
        />
    );
}
