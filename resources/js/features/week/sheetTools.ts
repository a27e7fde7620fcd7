import type { CellElements } from '@/ui/grid/cellElements';
import type { FinishingKey } from '@/ui/grid/useTyping';
import type { DayProps, HoursFormat } from '@/types/generated/props';
import { createContext, useContext } from 'react';

/** What every row and cell of a sheet needs, and what stays the same while one moves and types. */
export interface SheetTools {
    days: DayProps[];
    /** The days in full, to be read out. */
    dayNames: string[];
    format: HoursFormat;
    mayRecord: boolean;
    maySubmit: boolean;
    /** By how much steppers step, in minutes. */
    step: number;
    /** Whether a day is shown at a time, with steppers. */
    isNarrow: boolean;
    /** The fields of remaining hours, by row. */
    remainingFields: CellElements;
    onFinish: (typed: string | null, key: FinishingKey | null) => void;
    /** To so many minutes; null inks what is pencilled. */
    onStep: (key: string, minutes: number | null) => void;
    onCollapse: (projectCode: string) => void;
    /** What was typed over the remaining hours of a row's task; null to open only. */
    onUpdateRemaining: (row: number, typed: string | null) => void;
    /** Back from the remaining hours to the days of a row. */
    onLeaveRemaining: (row: number) => void;
}

const Tools = createContext<SheetTools | null>(null);

export const SheetToolsProvider = Tools.Provider;

export function useSheetTools(): SheetTools {
    const tools = useContext(Tools);
    if (tools === null) {
        throw new Error('A cell stands outside a sheet.');
    }

    return tools;
}
