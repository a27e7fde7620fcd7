import type { HoursFormat, WeekProps } from '@/types/generated/props';
import type { Command } from './gridKeys';
import type { SheetState } from './sheetState';
import type { Panel } from './useCommands';
import type { Corrections } from './useCorrections';
import type { Grid } from './useGrid';
import type { Remarks } from './useRemarks';
import type { SheetActs } from './useSheet';

/** What the margin of the sheet speaks of. */
export interface SheetMarginProps {
    sheet: WeekProps;
    state: SheetState;
    grid: Grid;
    acts: SheetActs;
    format: HoursFormat;
    remarks: Remarks;
    corrections: Corrections;
    panel: Panel;
    unsaved: number;
    showsAuditTrail: boolean;
    onAuditTrail: (shows: boolean) => void;
    onCommand: (command: Command) => void;
    onClose: () => void;
    /** What was typed over the remaining hours. */
    typedRemaining: string | null;
    /** It was taken. */
    onEstimateSaved: (sentence: string) => void;
}
