import { OfficeShell } from '@/features/office';
import { officeText } from '@/lib/officeText';
import type { OrganisationProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Holidays } from './Holidays';
import { OrganisationForm } from './OrganisationForm';

const copy = officeText.organisationPage;

/** The organisation's settings and its public holidays. */
export function OrganisationPage({ organisation }: { organisation: OrganisationProps }) {
    return (
        <OfficeShell title={copy.name} finding={copy.finding(organisation.name, organisation.calendar)}>
            <FieldError />
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[22rem_minmax(0,1fr)]">
                <OrganisationForm organisation={organisation} />
                <Holidays organisation={organisation} />
            </div>
        </OfficeShell>
    );
}
