import { officeText } from '@/lib/officeText';
import type { OvertimeFallsOn, PayRuleProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { ComboboxOfOne } from '@/ui/ComboboxOfOne';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { kindsMade, type PayRulePart } from './payRuleData';

const copy = officeText.payRulesPage;

/** Whom a rule is for, and from when. */
export function Whom({ rule, data, set }: PayRulePart & { rule: PayRuleProps | undefined }) {
    return (
        <>
            <ComboboxOfOne
                label={copy.team}
                kind="teams"
                first={rule?.team}
                onChoose={(team) => {
                    set({ team });
                }}
            />
            <ComboboxOfOne
                label={copy.person}
                kind="people"
                first={rule?.person}
                onChoose={(person) => {
                    set({ person });
                }}
            />
            <DateField
                label={copy.startsOn}
                defaultValue={data.startsOn}
                onPick={(startsOn) => {
                    set({ startsOn });
                }}
            />
        </>
    );
}

const TYPED = ['weeklyOver', 'dailyOver', 'dailyDoubleOver'] as const;

/** From how many hours on time is overtime or double. */
export function Thresholds({ data, set }: PayRulePart) {
    return (
        <fieldset className="flex flex-col gap-3">
            <legend className="font-semibold">{copy.thresholds}</legend>
            {TYPED.map((name) => (
                <Typed key={name} name={name} part={{ data, set }} />
            ))}
            <Checkbox
                label={copy.seventhDay}
                checked={data.seventhDay}
                onChange={(seventhDay) => {
                    set({ seventhDay });
                }}
            />
            {data.seventhDay && (
                <>
                    <Checkbox
                        label={copy.seventhAcrossWeeks}
                        checked={data.seventhAcrossWeeks}
                        onChange={(seventhAcrossWeeks) => {
                            set({ seventhAcrossWeeks });
                        }}
                    />
                    <Typed name="seventhDoubleOver" part={{ data, set }} />
                </>
            )}
            <Select
                label={copy.fallsOn}
                value={data.fallsOn}
                options={Object.entries(copy.fallsOnKinds)}
                onChoose={(fallsOn) => {
                    set({ fallsOn: fallsOn as OvertimeFallsOn });
                }}
            />
        </fieldset>
    );
}

/** Sundays, public holidays and nights. */
export function DaysAndNights({ data, set }: PayRulePart) {
    return (
        <fieldset className="flex flex-col gap-3">
            <legend className="font-semibold">{copy.kinds}</legend>
            <Checkbox
                label={copy.sundaysAre}
                checked={data.sundays}
                onChange={(sundays) => {
                    set({ sundays });
                }}
            />
            <Checkbox
                label={copy.holidaysAre}
                checked={data.holidays}
                onChange={(holidays) => {
                    set({ holidays });
                }}
            />
            <div className="flex flex-wrap gap-3">
                {(['nightStartsAt', 'nightEndsAt'] as const).map((name) => (
                    <Typed key={name} name={name} part={{ data, set }} />
                ))}
            </div>
            <p className="pencilled">{copy.nightHint}</p>
        </fieldset>
    );
}

/** What an hour of each kind costs that the rule makes. */
export function Costs({ data, set }: PayRulePart) {
    const kinds = kindsMade(data);

    return kinds.length === 0 ? null : (
        <fieldset className="flex flex-col gap-3">
            <legend className="font-semibold">{copy.costs}</legend>
            <p className="pencilled">{copy.costsHint}</p>
            <div className="flex flex-wrap gap-3">
                {kinds.map((kind) => (
                    <Field
                        key={kind}
                        label={copy.costOf[kind]}
                        inputMode="numeric"
                        className="w-24"
                        maxLength={4}
                        value={data.costs[kind]}
                        onChange={(event) => {
                            set({ costs: { ...data.costs, [kind]: event.target.value } });
                        }}
                    />
                ))}
            </div>
        </fieldset>
    );
}

type TypedName = (typeof TYPED)[number] | 'seventhDoubleOver' | 'nightStartsAt' | 'nightEndsAt';

/** Hours or a time of day. */
function Typed({ name, part: { data, set } }: { name: TypedName; part: PayRulePart }) {
    return (
        <Field
            label={copy[name]}
            inputMode="decimal"
            className="w-24"
            maxLength={8}
            value={data[name]}
            onChange={(event) => {
                set({ [name]: event.target.value });
            }}
        />
    );
}
