export { ComparePage as default } from '@/features/compare';
