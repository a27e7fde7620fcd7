export { TrailPage as default } from '@/features/office';
