import { OfficeShell } from '@/features/office';
import { wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { PlannedSettingProps, SettingChangeProps, SettingsProps } from '@/types/generated/props';
import { AuditTrailRow } from '@/ui/AuditTrailRow';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { SettingForm } from './SettingForm';

const copy = officeText.settingsPage;

/** What the organisation's settings are, what they are to be, what they were, and a way back. */
export function SettingsPage({ settings }: { settings: SettingsProps }) {
    return (
        <OfficeShell title={copy.title} finding={copy.finding(settings.planned.length)}>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[24rem_minmax(0,1fr)]">
                <div>
                    <FieldError />
                    <SettingForm key={settings.changes[0]?.line.id ?? 0} settings={settings} />
                </div>
                <div className="flex min-w-0 flex-col gap-8">
                    <Planned planned={settings.planned} />
                    <History changes={settings.changes} />
                </div>
            </div>
        </OfficeShell>
    );
}

function Planned({ planned }: { planned: PlannedSettingProps[] }) {
    return (
        <section aria-labelledby="planned">
            <h2 id="planned">{copy.planned}</h2>
            {planned.length === 0 && <p className="text-faded">{copy.nothingPlanned}</p>}
            <ul>
                {planned.map(({ id, setting, from, values, by }) => (
                    <li key={id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1">
                        <span className="font-semibold">{copy.names[setting]}</span>
                        <span className="[overflow-wrap:anywhere]">{Object.values(values).join(', ')}</span>
                        <span className="text-faded">{copy.plannedBy(wholeDate(from), by)}</span>
                        <button
                            type="button"
                            className="ms-auto act-quiet"
                            aria-label={copy.cancelOf(copy.names[setting], wholeDate(from))}
                            onClick={() => {
                                router.delete(route('office.settings.cancel', { planned: id }), { preserveScroll: true });
                            }}
                        >
                            {copy.cancel}
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

function History({ changes }: { changes: SettingChangeProps[] }) {
    return (
        <section aria-labelledby="history">
            <h2 id="history">{copy.history}</h2>
            {changes.length === 0 && <p className="text-faded">{copy.noHistory}</p>}
            <ul>
                {changes.map(({ line, canBeRestored }) => (
                    <li key={line.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1">
                        <span className="min-w-0 grow basis-80 [overflow-wrap:anywhere]">
                            <AuditTrailRow row={line} />
                        </span>
                        {canBeRestored && (
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={copy.restoreOf(line.on)}
                                onClick={() => {
                                    router.post(
                                        route('office.settings.restore', { line: line.id }),
                                        {},
                                        { preserveScroll: true },
                                    );
                                }}
                            >
                                {copy.restore}
                            </button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}
