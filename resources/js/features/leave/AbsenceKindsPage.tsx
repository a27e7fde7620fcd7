import { OfficeShell } from '@/features/office';
import { officeText } from '@/lib/officeText';
import type { AbsenceKindsProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { AbsenceKindForm } from './AbsenceKindForm';
import { AbsenceKindTable } from './AbsenceKindTable';
import { OwnAllowances } from './OwnAllowances';

const copy = officeText.absenceKindsPage;

/** The kinds of absence with what holds for each, and the allowances of single people. */
export function AbsenceKindsPage({ absenceKinds }: { absenceKinds: AbsenceKindsProps }) {
    const { kinds } = absenceKinds;

    return (
        <OfficeShell title={copy.title} finding={copy.finding(kinds.length)}>
            <FieldError />
            <AbsenceKindForm key={kinds.length} year={absenceKinds.year} />
            {kinds.length > 0 && <AbsenceKindTable kinds={kinds} year={absenceKinds.year} />}
            {kinds.some(({ allowance }) => allowance !== null) && <OwnAllowances absenceKinds={absenceKinds} />}
        </OfficeShell>
    );
}
