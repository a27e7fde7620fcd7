import { officeText } from '@/lib/officeText';
import type { DayUnit, DirectoryRowProps, TimesheetPeriod } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Select } from '@/ui/Select';
import { useState } from 'react';

const copy = officeText.directoryPage;

interface TeamFieldsProps {
    row: DirectoryRowProps | undefined;
    onChange: (fields: { lead?: string; period?: TimesheetPeriod; unit?: DayUnit | '' }) => void;
}

/** Who leads a team, and what a timesheet of its people covers and is counted in. */
export function TeamFields({ row, onChange }: TeamFieldsProps) {
    const [lead, setLead] = useState(row?.lead == null ? [] : [row.lead]);

    return (
        <>
            <Combobox
                label={copy.lead}
                kind="people"
                className="w-52"
                chosen={lead}
                onChange={(chosen) => {
                    setLead(chosen);
                    onChange({ lead: chosen[0]?.code ?? '' });
                }}
            />
            <Select
                label={copy.period}
                options={Object.entries(copy.periods)}
                defaultValue={row?.period ?? 'week'}
                onChoose={(period) => {
                    onChange({ period: period as TimesheetPeriod });
                }}
            />
            <Select
                label={copy.unit}
                options={Object.entries(copy.units)}
                defaultValue={row?.unit ?? ''}
                onChoose={(unit) => {
                    onChange({ unit: unit as DayUnit | '' });
                }}
            />
        </>
    );
}
