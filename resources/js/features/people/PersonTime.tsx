import { wholeDate } from '@/lib/days';
import { printHours } from '@/lib/hours';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { PatternProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { Select } from '@/ui/Select';
import { WeekHours } from '@/ui/WeekHours';
import { PersonBreaks } from './PersonBreaks';
import type { PersonPartProps } from './personData';

const copy = officeText.personPage;

/** Employment, calendar, zone, and the hours of a week with the day from which they hold. */
export function PersonTime({ person, data, set }: PersonPartProps) {
    return (
        <fieldset className="flex flex-col gap-4">
            <legend className="mb-2 font-semibold">{copy.time}</legend>
            <div className="flex flex-wrap gap-4">
                <DateField
                    label={copy.first}
                    defaultValue={person.startsOn}
                    onPick={(startsOn) => {
                        set({ startsOn });
                    }}
                />
                <DateField
                    label={copy.last}
                    defaultValue={person.endsOn}
                    onPick={(endsOn) => {
                        set({ endsOn });
                    }}
                />
            </div>
            <PersonBreaks data={data} set={set} />
            <div className="flex flex-wrap gap-4">
                <Select
                    label={copy.calendar}
                    value={data.calendar}
                    options={[['', copy.usual], ...person.calendars.map((code) => [code, code] as const)]}
                    onChoose={(calendar) => {
                        set({ calendar });
                    }}
                />
                <Select
                    label={copy.zone}
                    value={data.timezone}
                    options={[['', copy.universal], ...person.zones.map((zone) => [zone, zone] as const)]}
                    onChoose={(timezone) => {
                        set({ timezone });
                    }}
                />
            </div>
            <Checkbox
                label={copy.ownPattern}
                checked={data.ownPattern}
                onChange={(ownPattern) => {
                    set({ ownPattern });
                }}
            />
            {data.ownPattern ? (
                <>
                    <WeekHours
                        label={officeText.weekHours.label}
                        hours={data.pattern}
                        onChange={(pattern) => {
                            set({ pattern });
                        }}
                    />
                    <DateField
                        label={copy.patternFrom}
                        onPick={(patternFrom) => {
                            set({ patternFrom });
                        }}
                    />
                    <p className="pencilled">{copy.patternFromHint}</p>
                </>
            ) : (
                <p className="pencilled">{copy.usualPattern(person.usualPattern.join(' '))}</p>
            )}
            {person.patterns.length > 0 && <Patterns patterns={person.patterns} />}
        </fieldset>
    );
}

/** What held and will hold. */
function Patterns({ patterns }: { patterns: PatternProps[] }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';

    return (
        <div>
            <p className="text-faded">{copy.patterns}</p>
            <ul>
                {patterns.map(({ from, minutes }) => (
                    <li key={from ?? ''} className="flex justify-between gap-x-4 border-b border-rule py-1">
                        <span>{from === null ? copy.always : copy.since(wholeDate(from))}</span>
                        <span className="text-faded">
                            {copy.sum(
                                printHours(
                                    minutes.reduce((sum, one) => sum + one, 0),
                                    format,
                                ),
                            )}
                        </span>
                    </li>
                ))}
            </ul>
        </div>
    );
}
