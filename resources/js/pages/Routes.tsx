export { RoutesPage as default } from '@/features/office';
