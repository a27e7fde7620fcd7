import { route } from '@/lib/route';
import { typedHours } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import type { HoursFormat, HouseRulesProps, Severity, RuleProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import type { Option } from '@/ui/combobox';
import { router } from '@inertiajs/react';
import { useState } from 'react';

interface RuleFormProps {
    rule: RuleProps;
    houseRules: HouseRulesProps;
    format: HoursFormat;
    onDone: () => void;
}

const severities: Severity[] = ['blocking', 'explanation', 'information', 'off'];

/** Sets one rule for everybody, a team or a project, from a day on. */
export function RuleForm({ rule, houseRules, format, onDone }: RuleFormProps) {
    const copy = officeText.officePage.rules;
    const last = rule.settings[rule.settings.length - 1];
    const usual = last?.limit ?? 0;

    return (
        <form
            className="flex flex-wrap items-baseline-last gap-3 border-s-2 border-ochre ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                const said = new FormData(event.currentTarget);
                const value = (name: string) => {
                    const given = said.get(name);

                    return typeof given === 'string' && given !== '' ? given : null;
                };
                router.put(
                    route('office.rules.set'),
                    {
                        rule: rule.code,
                        severity: value('severity'),
                        limit: value('limit'),
                        from: value('from'),
                        team: value('team'),
                        project: value('project'),
                    },
                    { preserveScroll: true, preserveState: true, onSuccess: onDone },
                );
            }}
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onDone();
                }
            }}
        >
            <Select
                label={copy.severity}
                name="severity"
                defaultValue={last?.severity ?? 'off'}
                autoFocus
                options={severities.map((severity) => [severity, copy.severities[severity]])}
            />
            {rule.limit !== null && (
                <Field
                    label={`${rule.limit} (${rule.unit === null ? '' : copy.unitNames[rule.unit]})`}
                    name="limit"
                    defaultValue={rule.unit === 'minutes' ? typedHours(usual, format) : String(usual)}
                    className="w-36"
                />
            )}
            <DateField label={copy.fromDay} name="from" defaultValue={houseRules.today} />
            <ScopeFields rule={rule} />
            <button type="submit" className="act act-main">
                {copy.save}
            </button>
            <button type="button" className="act" onClick={onDone}>
                {copy.cancel}
            </button>
        </form>
    );
}

/** Everybody, or the team or project that it is set for. */
function ScopeFields({ rule }: { rule: RuleProps }) {
    const copy = officeText.officePage.rules;
    const [scope, setScope] = useState('');
    const [team, setTeam] = useState<Option[]>([]);
    const [project, setProject] = useState<Option[]>([]);

    return (
        <>
            <Select
                label={copy.for}
                value={scope}
                options={[
                    ['', copy.everybody],
                    ['team', copy.aTeam],
                    ...(rule.mayBeOfProject ? [['project', copy.aProject] as const] : []),
                ]}
                onChoose={setScope}
            />
            {scope === 'team' && (
                <Combobox label={copy.whichTeam} kind="teams" name="team" required chosen={team} onChange={setTeam} />
            )}
            {scope === 'project' && (
                <Combobox
                    label={copy.whichProject}
                    kind="projects"
                    name="project"
                    required
                    chosen={project}
                    onChange={setProject}
                />
            )}
        </>
    );
}
