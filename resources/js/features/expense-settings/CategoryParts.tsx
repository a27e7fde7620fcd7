import { officeText } from '@/lib/officeText';
import type { LimitPer } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import type { CategoryPart } from './categoryData';

const copy = officeText.expenseSettings;

const MOST_RATES = 5;

/** At which rates an amount is taxed; of several, each with its share. */
export function TaxFields({ data: { taxShares }, set }: CategoryPart) {
    const change = (index: number, changed: Partial<{ rate: string; share: string }>) => {
        set({ taxShares: taxShares.map((one, at) => (at === index ? { ...one, ...changed } : one)) });
    };

    return (
        <fieldset className="flex flex-col gap-2">
            <legend className="font-semibold">{copy.tax}</legend>
            {taxShares.map((share, index) => (
                <div key={index} className="flex flex-wrap items-baseline-last gap-3">
                    <Field
                        label={copy.taxRate(index + 1)}
                        inputMode="decimal"
                        className="w-24"
                        maxLength={10}
                        value={share.rate}
                        onChange={(event) => {
                            change(index, { rate: event.target.value });
                        }}
                    />
                    {taxShares.length > 1 && (
                        <Field
                            label={copy.share(index + 1)}
                            inputMode="decimal"
                            className="w-24"
                            maxLength={10}
                            value={share.share}
                            onChange={(event) => {
                                change(index, { share: event.target.value });
                            }}
                        />
                    )}
                </div>
            ))}
            <p className="flex flex-wrap gap-x-4">
                {taxShares.length < MOST_RATES && (
                    <button
                        type="button"
                        className="act-quiet"
                        onClick={() => {
                            set({ taxShares: [...taxShares, { rate: '', share: '' }] });
                        }}
                    >
                        {copy.addRate}
                    </button>
                )}
                {taxShares.length > 1 && (
                    <button
                        type="button"
                        className="act-quiet"
                        onClick={() => {
                            const rest = taxShares.slice(0, -1);
                            set({ taxShares: rest.length === 1 ? rest.map(({ rate }) => ({ rate, share: '100' })) : rest });
                        }}
                    >
                        {copy.removeRate}
                    </button>
                )}
            </p>
        </fieldset>
    );
}

/** Up to which amount an expense is in order. */
export function LimitFields({ data, set, currency }: CategoryPart & { currency: string }) {
    return (
        <div className="flex flex-wrap gap-3">
            <Field
                label={copy.limitOf(currency)}
                inputMode="decimal"
                className="w-28"
                maxLength={20}
                value={data.limit}
                onChange={(event) => {
                    set({ limit: event.target.value });
                }}
            />
            <Select
                label={copy.limitPer}
                className="w-36"
                value={data.limitPer}
                options={Object.entries(copy.limitPers)}
                onChoose={(limitPer) => {
                    set({ limitPer: limitPer as LimitPer });
                }}
            />
        </div>
    );
}
