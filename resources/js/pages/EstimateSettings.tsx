export { EstimateSettingsPage as default } from '@/features/office';
