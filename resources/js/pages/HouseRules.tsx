export { HouseRulesPage as default } from '@/features/office';
