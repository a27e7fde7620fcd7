export { PeriodsPage as default } from '@/features/office';
