import type { CategorySettingsProps } from '@/types/generated/props';

/** What the form of a category sends; percentages and amounts are as they are typed. */
export type CategoryData = Omit<CategorySettingsProps, 'id' | 'mileageRates' | 'teams'> & { teams: string[] };

/** What it begins with. */
export function categoryData(category: CategorySettingsProps | undefined): CategoryData {
    return {
        code: category?.code ?? '',
        name: category?.name ?? '',
        isActive: category?.isActive ?? true,
        isMileage: category?.isMileage ?? false,
        reclaimsTax: category?.reclaimsTax ?? true,
        isCharged: category?.isCharged ?? false,
        taxShares: category?.taxShares ?? [{ rate: '0', share: '100' }],
        limit: category?.limit ?? '',
        limitPer: category?.limitPer ?? 'expense',
        teams: category?.teams.map(({ code }) => code) ?? [],
    };
}

/** A part of the form. */
export interface CategoryPart {
    data: CategoryData;
    set: (changed: Partial<CategoryData>) => void;
}
