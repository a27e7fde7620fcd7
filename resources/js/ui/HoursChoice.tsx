import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';
import { ToggleGroup } from './ToggleGroup';
import { savePreference } from './savePreference';

/** How the person reads hours, on every device. */
export function HoursChoice({ chosen }: { chosen: HoursFormat }) {
    const { decimal, clock, label } = text.hoursFormat;

    return (
        <ToggleGroup
            label={label}
            value={chosen}
            names={{ decimal, clock }}
            onChoose={(hoursFormat) => {
                savePreference({ hoursFormat });
            }}
        />
    );
}
