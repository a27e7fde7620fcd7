import { useState } from 'react';
import { Checkbox } from './Checkbox';

/** Rows of a list that are chosen, and the box that chooses all that can be. */
export function useChosen(open: readonly string[], label: string) {
    const [chosen, choose] = useState<readonly string[]>([]);

    return {
        chosen,
        toggle: (code: string, isOn: boolean) => {
            choose(isOn ? [...chosen, code] : chosen.filter((other) => other !== code));
        },
        clear: () => {
            choose([]);
        },
        all: open.length > 0 && (
            <Checkbox
                label={label}
                hidesLabel
                checked={chosen.length === open.length}
                onChange={(isOn) => {
                    choose(isOn ? open : []);
                }}
            />
        ),
    };
}
