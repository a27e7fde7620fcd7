export { ResponsibilitiesPage as default } from '@/features/people';
