import type { KeptCategoryProps, LimitPer, TaxShareProps } from '@/types/generated/props';

/** What the form of a category sends; percentages and amounts are as they are typed. */
export interface CategoryData {
    code: string;
    name: string;
    isActive: boolean;
    isMileage: boolean;
    reclaimsTax: boolean;
    isCharged: boolean;
    taxShares: TaxShareProps[];
    limit: string;
    limitPer: LimitPer;
    teams: string[];
}

/** What it begins with. */
export function categoryData(category: KeptCategoryProps | undefined): CategoryData {
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
