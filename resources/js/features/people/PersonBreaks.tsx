import { officeText } from '@/lib/officeText';
import { DateField } from '@/ui/DateField';
import type { PersonPartProps } from './personData';

const copy = officeText.personPage;

/** Days between two stretches of employment. */
export function PersonBreaks({ data, set }: Pick<PersonPartProps, 'data' | 'set'>) {
    const change = (place: number, changed: Partial<{ first: string; last: string }>) => {
        set({ breaks: data.breaks.map((each, index) => (index === place ? { ...each, ...changed } : each)) });
    };

    return (
        <div role="group" aria-label={copy.breaks} className="flex flex-col gap-2">
            {data.breaks.map((each, index) => (
                <div key={index} className="flex flex-wrap items-baseline-last gap-4">
                    <DateField
                        label={copy.breakFirst}
                        required
                        defaultValue={each.first === '' ? null : each.first}
                        onPick={(first) => {
                            change(index, { first });
                        }}
                    />
                    <DateField
                        label={copy.breakLast}
                        required
                        defaultValue={each.last === '' ? null : each.last}
                        onPick={(last) => {
                            change(index, { last });
                        }}
                    />
                    {index === data.breaks.length - 1 && (
                        <button
                            type="button"
                            className="act-quiet"
                            onClick={() => {
                                set({ breaks: data.breaks.slice(0, -1) });
                            }}
                        >
                            {copy.removeBreak}
                        </button>
                    )}
                </div>
            ))}
            <button
                type="button"
                className="act-quiet self-start"
                onClick={() => {
                    set({ breaks: [...data.breaks, { first: '', last: '' }] });
                }}
            >
                {copy.addBreak}
            </button>
        </div>
    );
}
