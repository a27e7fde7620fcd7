import type { AbsenceClass, AbsenceVisibility } from '@/types/generated/props';
import { printHalves } from '@/lib/numbers';
import { plural } from './plural';

/** Kinds of absence and allowances. */
export const absenceKindsText = {
    absenceKindsPage: {
        title: 'Kinds of absence',
        finding: (count: number) =>
            count === 0
                ? 'No kinds yet. Add one, such as annual leave, so that people can request it.'
                : plural(count, { one: 'One kind.', other: '# kinds.' }),
        name: 'Name',
        countsAs: 'Counts as',
        classes: { leave: 'Leave', sickness: 'Sickness', other: 'Other' } satisfies Record<AbsenceClass, string>,
        visibleTo: 'Visible to',
        visibilities: {
            everybody: 'Everybody',
            managers: 'Line manager and time office',
        } satisfies Record<AbsenceVisibility, string>,
        approval: 'Approval',
        needsApproval: 'Needs approval',
        byRule: 'By rule',
        byManager: 'By line manager',
        allowance: 'Days a year',
        carried: 'Carried over at most',
        from: 'Counted from year',
        noLimit: 'no limit',
        daysAYear: (allowance: number | null, carried: number) =>
            allowance === null
                ? 'No limit'
                : `${printHalves(allowance)} days a year, at most ${printHalves(carried)} carried over`,
        daysHint: 'No days a year means no limit.',
        retired: 'Retired',
        retiredHint: 'Retired: nobody can request it any more',
        acts: 'Actions',
        add: 'Add kind',
        save: 'Save kind',
        cancel: 'Cancel',
        change: 'Change',
        changeOf: (name: string) => `Change ${name}`,
        remove: 'Remove',
        removeOf: (name: string) => `Remove ${name}`,
        mergeHint:
            'All its absences and requests become those of the other kind, and this one is removed. This cannot be undone.',
        own: (year: number) => `Different allowances in ${String(year)}`,
        ownHint: 'People who have another number of days than everybody else.',
        noOwn: (year: number) => `Nobody has a different allowance in ${String(year)}.`,
        ofPerson: (name: string, kind: string, days: string) => `${name}: ${days} of ${kind}`,
        person: 'Person',
        kind: 'Kind',
        year: 'Year',
        days: 'Days',
        saveOwn: 'Save allowance',
        removeOwn: 'Use the usual allowance',
        removeOwnOf: (name: string) => `Use the usual allowance for ${name}`,
    },
};
